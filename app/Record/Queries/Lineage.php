<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Record\Models\OldSerial;
use App\Record\Models\Subject;
use Illuminate\Database\Eloquent\Collection;

/** The builds of one engine, whatever number it bore: the one on it now, one that was stamped over, another that stands beside it. */
final class Lineage
{
    /** More numbers than any engine has borne. */
    private const MOST = 20;

    /**
     * @param  list<string>  $serials  that are known to be of one engine
     * @return Collection<int, Subject> the oldest build first
     */
    public static function builds(array $serials): Collection
    {
        $query = Subject::query()->whereIn('serial', self::numbers($serials));
        $query->getQuery()->orderBy('build_number')->orderBy('opened_at');

        return $query->get();
    }

    /** The build of it before this one; null where it is here for the first time. */
    public static function before(Subject $subject): ?Subject
    {
        // Most engines are here for the first time.
        return $subject->build_number === 1 ? null : self::builds([$subject->serial])->last(fn (Subject $s): bool => $s->build_number < $subject->build_number && $s->family === $subject->family);
    }

    /** @return list<array{id: string, title: string, state: string}> its other lives, as far as they were the same customer's */
    public static function others(Subject $subject): array
    {
        return array_values(self::builds([$subject->serial])->reject(fn (Subject $s): bool => $s->id === $subject->id || $s->customer !== $subject->customer)
            ->map(fn (Subject $s): array => ['id' => $s->id, 'title' => $s->numbered(), 'state' => $s->state->value])->all());
    }

    /**
     * @param  list<string>  $serials
     * @return list<string> all numbers that belong together with these
     */
    private static function numbers(array $serials): array
    {
        do {
            $known = count($serials);
            $older = OldSerial::query()->whereIn('subject', Subject::query()->whereIn('serial', $serials)->select('id'))->pluck('serial')->all();
            $newer = Subject::query()->whereIn('id', OldSerial::query()->whereIn('serial', $serials)->select('subject'))->pluck('serial')->all();
            $serials = array_values(array_unique(array_map(strval(...), [...$serials, ...$older, ...$newer])));
        } while (count($serials) > $known && $known < self::MOST);

        return $serials;
    }
}
