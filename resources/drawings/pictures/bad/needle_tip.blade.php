<path class="s" d="M22 20H42V42H22Z"/><path class="r" d="M22 20L26 12L24 11L30 3Q32 1 34 3L40 11L38 12L42 20Z"/><path class="k" d="M25 11.500H39"/>
