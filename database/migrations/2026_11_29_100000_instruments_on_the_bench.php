<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('instruments', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 80);
            $table->string('measurand', 10);
            $table->smallInteger('channels')->default(1);
            $table->char('key_hash', 64)->unique()->comment('SHA-256 of the key, which is shown once');
            $table->double('offset')->default(0)->comment('kPa or rpm, added to a reading');
            $table->double('span')->default(1);
            $table->double('step')->default(0)->comment('how finely it reads, kPa or rpm; 0 when that is not known');
            $table->bigInteger('last_seq')->default(0);
            $table->double('last_t')->nullable()->comment('of the same sample, seconds by its own clock');
            $table->bigInteger('heard_in')->default(0)->comment('the second of its last batch, and how many were in it');
            $table->smallInteger('heard')->default(0);
            $table->boolean('stands_in')->default(false)->comment('made by the demo for a scripted instrument');
            $table->timestampTz('made_at', 6);
            $table->timestampTz('revoked_at', 6)->nullable();
        });
        Schema::create('live_runs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('jobs');
            $table->foreignUuid('instrument_id')->constrained('instruments');
            $table->foreignId('opened_by')->constrained('people');
            $table->jsonb('setup');
            $table->timestampTz('opened_at', 6);
            $table->timestampTz('ended_at', 6)->nullable();
            $table->double('skew')->nullable()->comment('seconds the clock here is ahead of the instrument, at least');
            $table->double('judged_at')->nullable()->comment('seconds by the instrument');
            $table->double('held_from')->nullable()->comment('seconds by the instrument');
            $table->jsonb('verdict')->nullable();
            $table->string('said', 400)->default('')->comment('why it ended');
            $table->index(['job_id', 'opened_at']);
        });
        // One run at a time, of a job and of an instrument.
        DB::statement('create unique index live_runs_one_of_a_job on live_runs (job_id) where ended_at is null');
        DB::statement('create unique index live_runs_one_of_an_instrument on live_runs (instrument_id) where ended_at is null');
        Schema::create('samples', function (Blueprint $table): void {
            $table->foreignUuid('run_id')->constrained('live_runs');
            $table->bigInteger('seq');
            $table->smallInteger('channel');
            $table->double('seconds')->comment('by the instrument');
            $table->double('value')->comment('kPa or rpm, corrected');
            $table->primary(['run_id', 'seq']);
            $table->index(['run_id', 'seconds']);
        });
    }

    public function down(): void
    {
        foreach (['samples', 'live_runs', 'instruments'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
