<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/**
 * One stage at one place. The id is made of the document's keys, so it survives any change of order. What a step is
 * follows from its stage's kind: a value is measured, a hand does something, a check is answered.
 */
abstract readonly class Step
{
    public string $id;

    public string $stage;

    public StageKind $kind;

    /**
     * @param  string  $position  the key of a position; of a part, a leg or "joint" where the stage has no position
     * @param  string|null  $leg  of the block it belongs to
     */
    protected function __construct(
        public StageRules $rules,
        public string $position,
        public int $pass,
        public ?string $leg,
    ) {
        $this->id = self::idOf($rules->key, $position, $pass);
        $this->stage = $rules->key;
        $this->kind = $rules->kind;
    }

    /** @param  string|null  $check  the check to be answered where the stage is one */
    public static function at(StageRules $rules, string $position, int $pass, ?string $leg, Goal $goal, ?string $check): self
    {
        return match (true) {
            $check !== null => new CheckStep($rules, $position, $pass, $leg, $check),
            $rules->kind->controls() !== null => new MeasuredStep($rules, $position, $pass, $leg, $goal, $rules->kind->controls()),
            default => new HandStep($rules, $position, $pass, $leg, $goal),
        };
    }

    public static function idOf(string $stage, string $position, int $pass = 1): string
    {
        return "$stage:$position:$pass";
    }

    /** The controlled quantity; null where nothing is measured. */
    public function quantity(): ?Kind
    {
        return null;
    }

    /** What is to be reached; null where there is nothing to reach. */
    public function goal(): ?Goal
    {
        return null;
    }

    /** The torque from which its angle is counted; null where it has none. */
    public function threshold(): ?Written
    {
        return $this->goal()->threshold ?? ($this->rules->own instanceof TurnStage ? $this->rules->own->threshold : null);
    }

    /** A repeat that is needed only if something moved in the pass before. */
    public function isConditional(): bool
    {
        return $this->pass > 1;
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return ['stage' => $this->stage, 'position' => $this->position, 'pass' => $this->pass] + ($this->leg === null ? [] : ['leg' => $this->leg]);
    }
}
