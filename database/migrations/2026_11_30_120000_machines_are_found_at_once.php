<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    private const SEARCHED = [
        'machine' => ['machine', 'serial', 'customer'],
        'serial' => ['serial', 'machine', 'customer'],
        'customer' => ['customer', 'machine', 'serial'],
    ];

    public function up(): void
    {
        $inOrder = static fn (string $column): string => "(lower(coalesce({$column}, '')) collate \"C\")";
        foreach (self::SEARCHED as $first => $columns) {
            DB::statement("drop index if exists jobs_{$first}_prefix");
            $keys = implode(', ', array_map($inOrder, $columns));
            DB::statement("create index jobs_found_by_{$first} on jobs ({$keys}, opened_at desc)");
        }
    }

    public function down(): void
    {
        foreach (array_keys(self::SEARCHED) as $first) {
            DB::statement("drop index jobs_found_by_{$first}");
            DB::statement("create index jobs_{$first}_prefix on jobs (lower({$first}) text_pattern_ops)");
        }
    }
};
