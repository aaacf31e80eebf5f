<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->uuid('id')->primary()->comment('follows from the entry that added it');
            $table->foreignUuid('job_id')->constrained('jobs');
            $table->integer('width_px');
            $table->integer('height_px');
            $table->binary('jpeg')->comment('re-encoded here: no metadata of the camera');
            $table->index('job_id');
        });
        DB::unprepared(
            <<<'SQL'
            create trigger photos_append_only before update or delete on photos for each row execute function refuse_change();
            create trigger photos_no_truncate before truncate on photos for each statement execute function refuse_change();
            SQL
            ,
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
    }
};
