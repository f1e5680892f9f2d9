<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Library\Queries\Procedures;
use stdClass;
use Tekkal\Core\Plausibility\LoadBands;
use Tekkal\Core\Tool\ClampShift;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** The clamp load that a result was believed to give, and what it comes to now: an estimate, where the procedure says enough for one. */
final class ClampOfResults
{
    /** @var array<string, array<string, array{string, ClampShift}>> by revision and position */
    private array $shifts = [];

    /** @return array{believed: float, now: float, low: float|null, high: float|null}|null kN; null where there is no estimate, or a later round went over it */
    public function of(string $revision, stdClass $result): ?array
    {
        if ($result->true_value === null || $result->shown === null || Written::coded($result->shown)->unit->kind() !== Kind::Torque) {
            return null;
        }
        $this->shifts[$revision] ??= (new LoadBands(Procedures::revision($revision), Procedures::document($revision)))->shifts();
        [$stage, $shift] = $this->shifts[$revision][$result->position] ?? [null, null];
        if ($shift === null || $stage !== $result->stage) {
            return null;
        }
        $clamp = fn (?float $torque): ?float => $torque === null ? null : $shift->clamp($torque);
        $base = fn (?string $code): ?float => $code === null ? null : Written::coded($code)->quantity()->inBase()->toFloat();
        [$believed, $now] = [$clamp($base($result->shown)), $clamp((float) $result->true_value)];

        return $believed === null || $now === null ? null : ['believed' => round($believed, 3), 'now' => round($now, 3), 'low' => $clamp($base($result->low)), 'high' => $clamp($base($result->high))];
    }
}
