<svg class="ic" viewBox="0 0 18 18" aria-hidden="true"><circle class="f" cx="4" cy="9" r="1.700"/><circle class="f" cx="9" cy="9" r="1.700"/><circle class="f" cx="14" cy="9" r="1.700"/></svg>
