<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a job waits for, and the job it came back from, for the board and the report. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            alter table jobs
              add column waits_for text not null default '',
              add column waits_until date,
              add column came_back_from text not null default '';
            create index jobs_by_origin on jobs (came_back_from) where came_back_from <> '';
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop index jobs_by_origin; '
                .'alter table jobs drop column waits_for, drop column waits_until, drop column came_back_from;',
        );
    }
};
