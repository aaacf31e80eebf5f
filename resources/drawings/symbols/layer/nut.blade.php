<path class="brass" d="M72 3H132V20H72Z" /><path class="edge" d="M88 3V20M116 3V20" />
