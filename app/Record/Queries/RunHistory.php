<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Ledger\Entry;
use App\Ledger\Stream;
use App\Record\RunEvents;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\RunFold;

/** What happened in a run, from the ledger's bytes. */
final class RunHistory
{
    public static function stream(string $run): string
    {
        return 'run/'.$run;
    }

    /** @return list<Entry> */
    public static function entries(string $run): array
    {
        return Stream::entries(self::stream($run));
    }

    public static function fold(string $run, Plan $plan): RunFold
    {
        return self::foldEntries(self::entries($run), $plan);
    }

    /** @param  list<Entry>  $entries */
    public static function foldEntries(array $entries, Plan $plan): RunFold
    {
        $fold = new RunFold($plan);
        foreach ($entries as $entry) {
            $event = RunEvents::event($entry);
            if ($event !== null) {
                $fold->apply($event, RunEvents::outcome($entry));
            }
        }

        return $fold;
    }
}
