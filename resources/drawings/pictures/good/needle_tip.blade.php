<path class="s" d="M22 20H42V42H22Z"/><path class="r" d="M22 20L30 4Q32 1 34 4L42 20Z"/>
