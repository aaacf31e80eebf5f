<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Few entries correct another: only those are in it.
        DB::statement('create index entries_supersedes_index on entries (job_id, supersedes) where supersedes is not null');
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->index(['family', 'opened_at']);
        });
    }

    public function down(): void
    {
        DB::statement('drop index entries_supersedes_index');
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->dropIndex(['family', 'opened_at']);
        });
    }
};
