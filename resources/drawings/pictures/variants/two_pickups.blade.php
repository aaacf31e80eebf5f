<path class="m" d="M12 3H52V13H12Z"/><path class="t" d="M4 18H60V42H4Z"/><path class="s" d="M19 13H25V40H19ZM41 13H47V27H41Z"/><path class="l" d="M36 22V30H52V22"/>
