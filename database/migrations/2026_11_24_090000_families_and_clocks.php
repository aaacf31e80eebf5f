<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Jobs of any family; clocks on the board; what was counted elsewhere found again. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            alter table jobs add column clock_due_at timestamptz(6), add column clock_name text;
            create index jobs_by_family on jobs (family);
            create index jobs_by_serial on jobs (lower(serial)) where serial <> '';
            create index entries_of_screws on entries (job_id) where kind in ('screw_counted', 'screw_set');
            alter table people add column coached boolean not null default false;

            -- The one family there was is two; its ticked steps, of no released version, stay in the log as notes.
            update jobs set family = case when variant = 'adjustable_main' then 'float_adjustable_main' else 'float_pilot_jet' end where family = 'float_bowl';
            alter table entries disable trigger entries_append_only;
            update entries set kind = 'note_added', payload = jsonb_build_object('text',
                replace(kind, '_', ' ') || ': ' || (payload->>'station') || ', ' || replace(payload->>'step', '_', ' '))
             where kind in ('step_done', 'step_undone');
            alter table entries enable trigger entries_append_only;
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::unprepared(
            'drop index jobs_by_family; drop index jobs_by_serial; drop index entries_of_screws; '
                .'alter table jobs drop column clock_due_at, drop column clock_name; '
                .'alter table people drop column coached;',
        );
    }
};
