<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\People\Models\Person;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\CaseState;

/** What went wrong in a run, as an audit tells it: under which rule, what it cost in metal, who decided, and how it ended. */
final class FaultLines
{
    /** @return list<array{position: string|null, what: string, says: string, cost: string, decided: string|null, ended: string|null, at: string}> in the order in which they came up */
    public static function of(JointRecord $record): array
    {
        $run = $record->run;
        if ($run === null) {
            return [];
        }
        $deciders = [];
        foreach ($run->entries as $entry) {
            $deciders += $entry->type() === 'disposed' ? [$entry->text('event.case') => $entry->person()] : [];
        }
        $names = Person::query()->whereKey(array_values(array_unique($deciders)))->get()->keyBy('id');

        return array_values(array_map(fn (CaseState $case): array => [
            'position' => self::position($run, $case),
            'what' => ucfirst($run->fold->names->stepOf($case->step)).': '.$case->fault->words(),
            'says' => $case->sentence,
            'cost' => self::cost($run, $case),
            'decided' => $case->disposition === null ? null : $case->disposition->words().', '.($names->get($deciders[$case->case->id] ?? '')?->displayName() ?? 'somebody'),
            'ended' => $case->end?->words(),
            'at' => $case->stamp->at->format('Y-m-d\\TH:i:s\\Z'),
        ], $run->fold->state->cases()));
    }

    private static function position(ReadRun $run, CaseState $case): ?string
    {
        $at = $run->fold->plan->has($case->step) ? $run->fold->plan->step($case->step)->position : $case->step;

        return isset($run->fold->plan->positions[$at]) ? $at : null;
    }

    /** New parts by their number, and what came loose for it: all that was asked for, later faults of the same case too. */
    private static function cost(ReadRun $run, CaseState $case): string
    {
        $price = (new Advice($run->fold))->priceOf($case->duties);
        $parts = array_map(fn (string $type, int $n): string => $n.' × '.($run->fold->plan->fasteners[$type]->name ?? $type), array_map(strval(...), array_keys($price->fasteners)), $price->fasteners);
        $loose = count($price->positions);

        return implode(', ', array_filter([...$parts, ...array_map(fn (string $gasket): string => "1 × $gasket", $price->gaskets), $loose === 0 ? '' : "$loose loosened"]));
    }
}
