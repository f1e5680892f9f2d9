<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Ledger\Stream;
use App\Record\Models\Fitting;
use App\Record\Models\Subject;
use Illuminate\Support\Collection;

/** What is in what: subassemblies that are in engines, or were in those that have left when they left. */
final class Fitted
{
    /**
     * One question, however many engines.
     *
     * @param  array<array-key, mixed>  $engines
     * @return array<string, array<string, Subject>> by engine and kind
     */
    public static function in(array $engines): array
    {
        $in = [];
        $what = Subject::query()->join('fittings', 'fittings.subassembly', '=', 'subjects.id')->whereIn('fittings.engine', $engines)->whereNull('fittings.removed_at')->get(['subjects.*', 'fittings.engine as fitted_in', 'fittings.kind as fitted_as']);
        foreach ($what as $subject) {
            $in[(string) $subject->getAttribute('fitted_in')][(string) $subject->getAttribute('fitted_as')] = $subject;
        }

        return $in;
    }

    /**
     * Where each of these is now.
     *
     * @param  array<array-key, mixed>  $subassemblies
     * @return array<string, Subject> engines by what is in them
     */
    public static function around(array $subassemblies): array
    {
        $now = $subassemblies === [] ? collect() : Fitting::query()->with('of.owner')->whereIn('subassembly', $subassemblies)->whereNull('removed_at')->where('passed_on', false)->get();

        return array_filter($now->mapWithKeys(fn (Fitting $f): array => [$f->subassembly => $f->of])->all(), fn (?Subject $s): bool => $s !== null);
    }

    /** Was anything fitted to it or taken off it in this build, or it itself to another? What it came back with is no such thing. */
    public static function hasHistory(Subject $subject): bool
    {
        $opened = Stream::entries('subject/'.$subject->id)[0]->id();

        return Fitting::query()->where('subassembly', $subject->id)->exists() || Fitting::query()->where('engine', $subject->id)->where(fn ($q) => $q->where('entry_id', '!=', $opened)->orWhereNotNull('removed_at'))->exists();
    }

    /** @return Collection<int, Fitting> everywhere that it has been, the oldest first */
    public static function history(string $subassembly): Collection
    {
        // Told once for each engine, though that may have come back with it.
        return Fitting::query()->with('of')->where('subassembly', $subassembly)->where('passed_on', false)->get()->toBase()
            ->sortBy(fn (Fitting $f): string => (string) ($f->getAttributes()['fitted_at'] ?? $f->getAttributes()['removed_at']))->values();
    }
}
