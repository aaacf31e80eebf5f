<path class="m" d="M6 8H58V16H46V30H58V38H6V30H18V16H6Z"/><path class="r" d="M20 18H40V28H20Z"/><path class="k" d="M22 18H38"/>
