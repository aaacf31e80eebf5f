<?php

declare(strict_types=1);

use App\Models\Shop;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->boolean('is_demo')->default(false)->comment('has the password that is printed in the source');
        });
        foreach (DB::table('people')->get(['id', 'password']) as $person) {
            if (password_verify(Shop::DEMO_PASSWORD, $person->password)) {
                DB::table('people')->where('id', $person->id)->update(['is_demo' => true]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            $table->dropColumn('is_demo');
        });
    }
};
