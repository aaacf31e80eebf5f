<circle class="b" cx="32" cy="22" r="17"/><path class="w" d="M29 23Q32 17 36 20Q33 22 33 26Z"/>
