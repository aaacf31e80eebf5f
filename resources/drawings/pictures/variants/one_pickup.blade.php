<path class="m" d="M12 3H52V13H12Z"/><path class="t" d="M4 18H60V42H4Z"/><path class="s" d="M29 13H35V40H29Z"/>
