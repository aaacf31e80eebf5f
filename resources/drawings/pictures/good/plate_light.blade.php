<circle class="m" cx="32" cy="22" r="19"/><circle class="s" cx="32" cy="22" r="16"/><path class="w" d="M29 37H35V41H29Z"/>
