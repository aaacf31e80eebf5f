<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(
            'drop index jobs_by_family; create index jobs_by_family_lately on jobs (family, opened_at desc);',
        );
    }

    public function down(): void
    {
        DB::unprepared('drop index jobs_by_family_lately; create index jobs_by_family on jobs (family);');
    }
};
