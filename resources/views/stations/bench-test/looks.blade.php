<header class="bay-h">
    <h2>Look and try</h2><span class="cnt">{{ $card->count }}</span>
</header>
