<path class="m" d="M22 4H42V26H56V40H22Z"/><path class="a" d="M58 33H34V10M30 14L34 9L38 14"/>
