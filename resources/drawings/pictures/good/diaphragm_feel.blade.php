<path class="d" d="M4 26C16 26 18 14 32 14S48 26 60 26"/><path class="s" d="M26 10H38V14H26Z"/>
