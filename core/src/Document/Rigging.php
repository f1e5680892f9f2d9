<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What is put into the engine, onto it or between, beside its own parts; and what keeps its shaft from being turned. */
final readonly class Rigging
{
    /**
     * @param  array<string, Aid>  $aids  by key
     * @param  array<string, DemandedAdapter>  $adapters  by key
     * @param  list<TurnStop>  $stops
     */
    public function __construct(public array $aids = [], public array $adapters = [], public array $stops = [])
    {
    }

    /**
     * @param  list<string>  $stages
     * @param  list<string>  $checks
     */
    public static function read(ObjectReader $root, array $stages, array $checks): self
    {
        return new self(self::aids($root), self::adapters($root), self::stops($root, $stages, $checks));
    }

    /**
     * @param  list<string>  $stages
     * @param  list<string>  $checks
     * @return list<TurnStop>
     */
    public static function stops(ObjectReader $root, array $stages, array $checks): array
    {
        return array_values($root->keyed('turn_stops', fn (ObjectReader $f): TurnStop => TurnStop::read($f, $stages, $checks), optional: true));
    }

    /** @return array<string, Aid> */
    public static function aids(ObjectReader $root): array
    {
        $numbers = [];

        return $root->keyed('aids', function (ObjectReader $f) use (&$numbers): Aid {
            $aid = Aid::read($f);
            if (isset($numbers[$aid->number])) {
                $f->problem('number', 'a number that no other aid has is wanted');
            }
            $numbers[$aid->number] = true;

            return $aid;
        }, optional: true);
    }

    /** @return array<string, DemandedAdapter> */
    public static function adapters(ObjectReader $root): array
    {
        return $root->keyed('adapters', DemandedAdapter::read(...), optional: true);
    }

    /** @return array<string, list<array<string, mixed>>> as a plan carries it; what has none is left out */
    public function toArray(): array
    {
        return array_filter([
            'aids' => array_map(fn (Aid $a): array => $a->toArray(), array_values($this->aids)),
            'adapters' => array_map(fn (DemandedAdapter $a): array => $a->toArray(), array_values($this->adapters)),
            'turn_stops' => array_map(fn (TurnStop $s): array => $s->toArray(), $this->stops),
        ]);
    }

    public function isEmpty(): bool
    {
        return $this->toArray() === [];
    }
}
