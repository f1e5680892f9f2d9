<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Plan\Step;

/** How long a step takes here: as the joint's last runs took it, else as is usual. */
final readonly class Pace
{
    /** Seconds for one step where nobody has timed the joint. Common practice, no source. */
    private const USUAL = [
        'seat' => 15, 'torque' => 15, 'turn' => 25, 'stretch' => 120, 'loosen' => 10, 'hold' => 30, 'settle' => 60,
        'check' => 45, 'verification_pass' => 10, 'prevailing_torque' => 20, 'residual_torque' => 15,
    ];

    public function __construct(private Known $known)
    {
    }

    /** @return int seconds */
    public function of(Step $step): int
    {
        $waits = $step->rules->own instanceof SettleStage ? $step->rules->own->atLeast?->seconds : null;

        return $waits ?? $this->known->seconds[$step->stage] ?? self::USUAL[$step->kind->value];
    }

    /** @param  list<Step>  $steps */
    public function ofAll(array $steps): int
    {
        return array_sum(array_map($this->of(...), $steps));
    }
}
