<?php

declare(strict_types=1);

namespace App\Builds;

/** One joint of an engine that came back. */
final readonly class IntakeLine
{
    /**
     * @param  string  $found  in which condition it was, before it was loosened
     * @param  list<array{at: string, value: string}>  $movements  torque at which a fastener first moved, in unit codes; never judged by windows of a tightening
     */
    public function __construct(public string $joint, public bool $opened, public string $found = '', public array $movements = [])
    {
    }

    /** @return array<string, mixed> as an entry holds it */
    public function toData(): array
    {
        return array_filter(['joint' => $this->joint, 'opened' => $this->opened, 'found' => $this->found, 'movements' => $this->movements], fn (mixed $v): bool => $v !== '' && $v !== []);
    }
}
