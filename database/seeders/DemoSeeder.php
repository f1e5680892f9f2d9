<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Sequencer;
use App\People\Models\Person;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Loads the invented shop into an empty database of an instance that was made a demo; elsewhere it does nothing. */
final class DemoSeeder extends Seeder
{
    public function run(DemoShop $shop, GeneratedRuns $generated, Sequencer $sequencer): void
    {
        if (config('shop.demo') && ! Person::query()->exists()) {
            $hashes = Hash::getFacadeRoot();
            Hash::swap(new RememberedSecrets(app(Hasher::class)));
            try {
                // All or nothing: half a demo would be taken for the demo by the next start.
                DB::transaction(function () use ($shop, $generated): void {
                    $shop->seed((bool) config('shop.demo_small'));
                    $generated->seed((int) config('shop.generated_results'));
                });
            } finally {
                Hash::swap($hashes);
            }
            $sequencer->run();
        }
    }
}
