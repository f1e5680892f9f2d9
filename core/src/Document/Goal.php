<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** What is to be reached at a place, and what must lie in its window then. */
final readonly class Goal
{
    /**
     * @param  Written|null  $target  null where the stage has none, the document gives a range only, or the value is missing
     * @param  Window|null  $window  null where nothing is judged, or the value is missing
     * @param  list<Window>  $monitored
     * @param  bool  $missing  the document knows no value yet
     * @param  Written|null  $threshold  the torque from which its angle is counted, where it is not that of the whole round
     */
    public function __construct(
        public ?Written $target = null,
        public ?Window $window = null,
        public array $monitored = [],
        public bool $missing = false,
        public ?Written $threshold = null,
    ) {
    }

    /** @return array<string, mixed> as a plan carries it; what has no value is left out */
    public function toArray(): array
    {
        return array_filter([
            'target' => $this->target?->code(),
            ...self::limits($this->window),
            'monitored' => array_map(self::limits(...), $this->monitored),
            'missing' => $this->missing,
            'threshold' => $this->threshold?->code(),
        ], fn (mixed $v): bool => $v !== null && $v !== [] && $v !== false);
    }

    /** @return array<string, string> */
    private static function limits(?Window $window): array
    {
        return array_filter(['low' => $window?->low?->code(), 'high' => $window?->high?->code()], fn (?string $v): bool => $v !== null);
    }
}
