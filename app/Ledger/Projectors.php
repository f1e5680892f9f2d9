<?php

declare(strict_types=1);

namespace App\Ledger;

/** All areas' projectors, in the order of the ladder. */
final readonly class Projectors
{
    /** @param  iterable<Projector>  $projectors */
    public function __construct(private iterable $projectors)
    {
    }

    /** @param  list<Entry>  $entries in the order in which they were recorded */
    public function project(array $entries): void
    {
        foreach ($this->projectors as $projector) {
            $wanted = array_values(array_filter($entries, fn (Entry $e): bool => in_array($e->type(), $projector->types(), true)));
            if ($wanted !== []) {
                $projector->project($wanted);
            }
        }
    }

    /** @return array<string, string> by the name of each projector */
    public function versions(): array
    {
        $versions = [];
        foreach ($this->projectors as $projector) {
            $versions[class_basename($projector)] = $projector->version();
        }

        return $versions;
    }

    /** @return list<string> */
    public function tables(): array
    {
        $tables = [];
        foreach ($this->projectors as $projector) {
            array_push($tables, ...$projector->tables());
        }

        return $tables;
    }
}
