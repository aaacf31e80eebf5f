<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(
            <<<'SQL'
            create table sessions (
                id varchar(255) primary key,
                payload text not null,
                last_activity integer not null
            );
            create index sessions_last_activity_index on sessions (last_activity);
            -- What may be lost with the power: counts of tries, and who is at what.
            create unlogged table cache (
                key varchar(255) primary key,
                value text not null,
                expiration integer not null
            );
            create unlogged table cache_locks (
                key varchar(255) primary key,
                owner varchar(255) not null,
                expiration integer not null
            );
            alter table sign_ins add column wrong_pins smallint not null default 0;
            comment on column sign_ins.wrong_pins is 'tried from there since its password was given, whoever they are of';
            alter table people drop column wrong_pins;
            -- A plate is on one machine: of two jobs of one number the later, which came by a file, has a letter more.
            update jobs set number = left(number, 16) || '-' || twins.n
            from (
                select id, row_number() over (partition by number order by opened_at, id) as n from jobs
            ) as twins
            where twins.id = jobs.id and twins.n > 1;
            drop index jobs_number_index;
            create unique index jobs_number_unique on jobs (number);
            SQL
        );
    }

    public function down(): void
    {
        DB::unprepared(
            <<<'SQL'
            drop index jobs_number_unique;
            create index jobs_number_index on jobs (number);
            alter table people add column wrong_pins smallint not null default 0;
            alter table sign_ins drop column wrong_pins;
            drop table cache_locks;
            drop table cache;
            drop table sessions;
            SQL
        );
    }
};
