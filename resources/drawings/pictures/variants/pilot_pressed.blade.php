<path class="m" d="M6 6H58V38H6Z"/><path class="b" d="M29 24H35V38H29Z"/><path class="k" d="M32 24V38"/>
