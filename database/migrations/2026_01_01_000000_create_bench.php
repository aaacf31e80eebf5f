<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->string('role', 20);
            $table->string('password');
            $table->rememberToken();
            $table->timestampsTz();
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('number', 20)->index();
            $table->string('family', 40);
            $table->timestampTz('opened_at', 6);
            // What the board shows; rebuilt from the log on every append.
            $table->string('machine', 200);
            $table->string('complaint', 1000);
            $table->timestampTz('promised_at')->nullable();
            $table->string('station', 20);
            $table->jsonb('line');
            $table->string('next_move', 400)->nullable();
            $table->integer('next_minutes')->nullable();
            $table->integer('stale_count')->default(0);
            $table->timestampTz('handed_back_at')->nullable();
            $table->integer('log_length')->default(0);
            $table->index(['handed_back_at', 'promised_at']);
        });

        Schema::create('entries', function (Blueprint $table): void {
            $table->uuid('id')->primary()->comment('made by the client: a resent request adds nothing');
            $table->foreignUuid('job_id')->constrained('jobs');
            $table->integer('seq');
            $table->string('kind', 40);
            $table->integer('version')->default(1);
            $table->jsonb('payload');
            $table->timestampTz('recorded_at', 6);
            $table->foreignId('recorded_by')->nullable()->constrained('people');
            $table->string('by_name', 80);
            $table->uuid('supersedes')->nullable();
            $table->unique(['job_id', 'seq']);
            $table->index('recorded_at');
        });

        Schema::create('traces', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('jobs');
            $table->string('unit', 10);
            $table->boolean('is_vacuum');
            $table->double('step')->comment('of the gauge, in the unit of the readings');
        });
        DB::statement(
            'alter table traces add column seconds double precision[] not null, add column readings double precision[] not null',
        );
        DB::statement('create index traces_job_id_index on traces (job_id)');
        DB::statement('drop sequence if exists job_number_seq');
        DB::statement('create sequence job_number_seq start 401');

        DB::unprepared(
            <<<'SQL'
            create or replace function refuse_change() returns trigger language plpgsql as $$
            begin
                raise exception 'the bench log is append-only: % on % is refused', tg_op, tg_table_name using errcode = 'restrict_violation';
            end $$;
            create trigger entries_append_only before update or delete on entries for each row execute function refuse_change();
            create trigger entries_no_truncate before truncate on entries for each statement execute function refuse_change();
            create trigger traces_append_only before update or delete on traces for each row execute function refuse_change();
            create trigger traces_no_truncate before truncate on traces for each statement execute function refuse_change();
            SQL
            ,
        );
    }

    public function down(): void
    {
        foreach (['traces', 'entries', 'jobs', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('drop sequence if exists job_number_seq');
        DB::statement('drop function if exists refuse_change');
    }
};
