<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Unit\Written;

/** One round of a procedure, as the document says it. */
final readonly class Stage
{
    /** @var array<string, StageTarget> by position */
    private array $byPosition;

    /**
     * @param  list<string>  $sequence  position keys in the order in which they are done; of a check per part, part keys
     * @param  list<StageTarget>  $targets
     * @param  list<string>  $consumables
     */
    public function __construct(
        public StageRules $rules,
        public ?string $name,
        public string $why,
        public array $sequence,
        public array $targets,
        public ?ToolNeed $tool,
        public array $consumables,
    ) {
        $by = [];
        foreach ($targets as $target) {
            foreach ($target->positions as $position) {
                $by[$position] = $target;
            }
        }
        $this->byPosition = $by;
    }

    public function key(): string
    {
        return $this->rules->key;
    }

    /** The torque from which the angle of a target is counted; null where none is. */
    public function thresholdFor(StageTarget $target): ?Written
    {
        return $target->threshold ?? ($this->rules->own instanceof TurnStage ? $this->rules->own->threshold : null);
    }

    public function targetAt(string $position): ?StageTarget
    {
        return $this->byPosition[$position] ?? null;
    }
}
