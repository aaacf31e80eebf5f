<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Read-model columns: filled from the log on the next append.
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('engine', 200)->nullable();
            $table->string('serial', 200)->nullable();
            $table->string('customer', 200)->nullable();
            $table->string('variant', 40)->nullable();
        });
        DB::statement('create index jobs_machine_prefix on jobs (lower(machine) text_pattern_ops)');
        DB::statement('create index jobs_serial_prefix on jobs (lower(serial) text_pattern_ops)');
        DB::statement('create index jobs_customer_prefix on jobs (lower(customer) text_pattern_ops)');
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['engine', 'serial', 'customer', 'variant']));
    }
};
