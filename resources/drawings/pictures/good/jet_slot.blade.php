<circle class="b" cx="32" cy="22" r="17"/><path class="k" d="M15 22H49"/>
