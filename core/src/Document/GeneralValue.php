<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Written;

/** One row of a general table: the torque of a bolt of one thread and class in one material, in one round and one motion. */
final readonly class GeneralValue
{
    /**
     * @param  string  $thread  in its plainest name: "M8", "3/8-16"
     * @param  string  $strength  class or grade of the bolt: "8.8", "SAE 5"
     * @param  string  $material  what it is screwed into
     */
    public function __construct(public string $thread, public string $strength, public string $material, public Written $torque)
    {
    }

    /** "M8 8.8 in cast iron": no other row of a table is called so. */
    public function name(): string
    {
        return "$this->thread $this->strength in $this->material";
    }

    /** @return array{thread: string, strength: string, material: string, torque: string} the torque as it was printed, with its unit */
    public function toArray(): array
    {
        return ['thread' => $this->thread, 'strength' => $this->strength, 'material' => $this->material, 'torque' => $this->torque->code()];
    }
}
