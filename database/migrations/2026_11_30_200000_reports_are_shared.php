<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('report_links', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('job_id')->constrained('jobs');
            $table->char('token_hash', 64)->unique()->comment('what the link is found by; the token itself is kept encrypted');
            $table->text('token');
            $table->foreignId('made_by')->constrained('people');
            $table->timestampTz('made_at');
            $table->timestampTz('expires_at');
            $table->timestampTz('revoked_at')->nullable();
            $table->index('job_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('report_links');
    }
};
