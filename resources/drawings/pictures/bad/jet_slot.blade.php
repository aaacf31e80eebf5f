<circle class="b" cx="32" cy="22" r="17"/><path class="k" d="M26 22H38"/><path class="v" d="M15 18L22 16L24 26L16 27ZM49 18L42 17L41 27L48 27Z"/>
