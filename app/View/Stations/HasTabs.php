<?php

declare(strict_types=1);

namespace App\View\Stations;

/** Work of which one tab is shown: a form on it comes back to it. */
interface HasTabs
{
    public function shownTab(): string;
}
