<circle class="m" cx="32" cy="22" r="19"/><path class="w" d="M32 3A19 19 0 0 1 51 22A19 19 0 0 1 32 41Z"/><circle class="s" cx="29" cy="22" r="16"/>
