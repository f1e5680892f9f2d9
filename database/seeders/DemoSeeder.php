<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Sequencer;
use App\People\Models\Person;
use Illuminate\Database\Seeder;

/** Loads the invented shop into an empty database of an instance that was made a demo; elsewhere it does nothing. */
final class DemoSeeder extends Seeder
{
    public function run(DemoShop $shop, GeneratedRuns $generated, Sequencer $sequencer): void
    {
        if (config('shop.demo') && ! Person::query()->exists()) {
            $shop->seed();
            $generated->seed((int) config('shop.generated_results'));
            $sequencer->run();
        }
    }
}
