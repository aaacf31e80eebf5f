<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase;

/** Tables are made by their owner; what is tested uses them under the role of the application. */
trait FreshTables
{
    use RefreshDatabase;

    /** @return array<string, mixed> */
    protected function migrateFreshUsing(): array
    {
        return ['--database' => 'owner'];
    }
}
