<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Person;
use App\Models\Role;
use App\Models\Shop;
use Illuminate\Database\Seeder;

/** The demo shop, all invented. Runs again without harm: what is there stays. */
final class DatabaseSeeder extends Seeder
{
    private const PEOPLE = [
        'R. Okafor' => Role::Owner,
        'June Halloran' => Role::Technician,
        'Teo Vanska' => Role::Technician,
        'Addie Quill' => Role::Apprentice,
    ];

    public function run(): void
    {
        if (config('shop.demo') !== true || Person::query()->exists()) {
            return;
        }
        foreach (self::PEOPLE as $name => $role) {
            Person::query()->create([
                'name' => $name,
                'role' => $role,
                'password' => Shop::DEMO_PASSWORD,
                'coached' => $role === Role::Apprentice,
                'is_demo' => true,
            ]);
        }
        $this->call(DemoBenchSeeder::class);
    }
}
