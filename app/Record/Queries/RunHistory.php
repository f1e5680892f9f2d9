<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Ledger\Entry;
use App\Ledger\Stream;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;
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

    /** @param  list<Entry>  $entries */
    public static function foldEntries(array $entries, Plan $plan): RunFold
    {
        $fold = new RunFold($plan);
        self::apply($fold, $entries);

        return $fold;
    }

    /** @param  list<Entry>  $entries  those that follow what is folded already */
    public static function apply(RunFold $fold, array $entries): void
    {
        foreach ($entries as $entry) {
            $outcome = $entry->outcome();
            if ($outcome !== null) {
                $fold->apply(EventTypes::stampOfStored($entry->event()), Outcome::fromBody($outcome), $entry->seq());
            }
        }
    }
}
