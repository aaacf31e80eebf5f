<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            alter table jobs add column logged_at timestamptz(6);
            update jobs set logged_at = (
                select recorded_at from entries where entries.job_id = jobs.id and entries.seq = jobs.log_length
            );
            SQL
        );
    }

    public function down(): void
    {
        DB::unprepared('alter table jobs drop column logged_at');
    }
};
