<circle class="b" cx="32" cy="22" r="17"/><circle class="w" cx="32" cy="22" r="5"/>
