<?php

declare(strict_types=1);

namespace App\Record;

use App\Record\Contracts\Stoppable;
use App\Record\Contracts\StoppedThing;
use App\Shared\Refused;
use Illuminate\Database\Query\Builder;

/** What the areas have that can be stopped. */
final readonly class Stoppables
{
    /** @param  iterable<Stoppable>  $areas */
    public function __construct(private iterable $areas)
    {
    }

    public function named(StopWhat $what, string $key): StoppedThing
    {
        return $this->of($what)->named($key) ?? throw Refused::field('key', match ($what) {
            StopWhat::Revision => 'There is no such revision that was ever approved.',
            StopWhat::Tool => 'There is no such tool.',
            StopWhat::Lot => 'There is no such lot.',
        }, $key);
    }

    public function runs(StopWhat $what, string $key): Builder
    {
        return $this->of($what)->runs($key);
    }

    private function of(StopWhat $what): Stoppable
    {
        foreach ($this->areas as $area) {
            if ($area->what() === $what) {
                return $area;
            }
        }
        throw Refused::field('what', 'Nothing of that kind can be stopped.', $what->value);
    }
}
