<?php

declare(strict_types=1);

namespace App\People;

use App\Shared\Contracts\Tidies;
use Illuminate\Support\Facades\DB;

/** Tries whose minute is long over, those at badges that nobody has, and answers that nobody asks for again. */
final class OldTries implements Tidies
{
    public function tidy(): void
    {
        DB::table('sign_in_tries')->where('until', '<', now()->subDay())->delete();
        DB::table('desk_commands')->where('at', '<', now()->subDays(30))->delete();
        DB::table('pin_counters')->where('next_try_at', '<', now()->subDays(2))->whereNotIn('person', DB::table('people')->select('id'))->delete();
    }
}
