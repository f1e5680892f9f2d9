<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageRules;

/** A check is answered; what it asks for stands in the plan's checks. */
final readonly class CheckStep extends Step
{
    /** @param  string  $check  the key of the check */
    protected function __construct(StageRules $rules, string $position, int $pass, ?string $leg, public string $check)
    {
        parent::__construct($rules, $position, $pass, $leg);
    }

    /** Does it ask to turn the shaft, so that its leg comes into reach? */
    public function opensLeg(): bool
    {
        return $this->rules->own instanceof CheckStage && $this->rules->own->opens;
    }

    public function toArray(): array
    {
        return parent::toArray() + ['check' => $this->check];
    }
}
