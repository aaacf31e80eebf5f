<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->timestampTz('retired_at')->nullable();
            $table->string('pin')->nullable()->comment('hashed; switches person at a device where somebody is signed in');
            $table->smallInteger('wrong_pins')->default(0)->comment('since the last right one or the last password');
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('person_id')->constrained('people');
            $table->timestampTz('opened_at')->comment('when a password was last given on this device');
            $table->timestampTz('seen_at');
            $table->timestampTz('ended_at')->nullable();
            $table->boolean('by_pin')->default(false);
            $table->string('device', 20);
            $table->string('address', 45);
            $table->index(['person_id', 'ended_at']);
        });
        Schema::create('security_events', function (Blueprint $table): void {
            $table->id();
            $table->timestampTz('at');
            $table->string('kind', 40);
            $table->foreignId('person_id')->nullable()->constrained('people')->comment('who did it; nobody before signing in');
            $table->string('about', 200);
            $table->string('address', 45);
            $table->index('at');
        });
        DB::unprepared(
            <<<'SQL'
            create trigger security_append_only before update or delete on security_events
                for each row execute function refuse_change();
            create trigger security_no_truncate before truncate on security_events
                for each statement execute function refuse_change();
            SQL
            ,
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('security_events');
        Schema::dropIfExists('sign_ins');
        Schema::table('people', fn (Blueprint $table) => $table->dropColumn(['retired_at', 'pin', 'wrong_pins']));
    }
};
