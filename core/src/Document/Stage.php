<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

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

    public function targetAt(string $position): ?StageTarget
    {
        return $this->byPosition[$position] ?? null;
    }
}
