<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\FirstMeasured;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Tool\Requirement;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Which tools a step needs, and what it asks of each. */
final readonly class Needs
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return list<Need> empty where a hand does it */
    public function of(Step $step): array
    {
        return match (true) {
            $step instanceof CheckStep => $this->check($step),
            ! $step instanceof MeasuredStep => [],
            $step->rules->own instanceof StretchStage => [$this->isByTorqueAlone($step) ? $this->alone($step, $step->rules->own) : $this->stretch($step, $step->rules->own), ...$this->watched($step)],
            default => [$this->controlled($step), ...$this->held($step), ...$this->watched($step)],
        };
    }

    /** The one that gives the value of the step; null where a hand does it. */
    public function main(Step $step): ?Need
    {
        return $this->of($step)[0] ?? null;
    }

    /** Is it one of those after the first of a round, of which only the torque is controlled? */
    public function isByTorqueAlone(Step $step): bool
    {
        $rule = $step->rules->own instanceof StretchStage ? $step->rules->own->thenByTorque : null;

        return $rule !== null && (new FirstMeasured($this->run->steps))->isAfter($step, $rule);
    }

    /** The limits as the tool shows them, with what is between it and the fastener; null while a value is missing. */
    public function window(MeasuredStep $step): ?Window
    {
        $own = $step->rules->own;
        $window = $own instanceof StretchStage && $own->thenByTorque !== null && $this->isByTorqueAlone($step) ? $own->thenByTorque->window : $this->run->judge->window($step);

        return $window?->kind() === Kind::Torque ? $this->run->plan->adapterAt($step->position)?->setting($window) ?? $window : $window;
    }

    /** The value to reach as the tool shows it; null where there are limits only. */
    public function target(MeasuredStep $step): ?Written
    {
        $target = $this->isByTorqueAlone($step) ? null : $this->run->judge->aim($step);

        return $target?->unit->kind() === Kind::Torque ? $this->run->plan->adapterAt($step->position)?->settingFor($target) ?? $target : $target;
    }

    private function controlled(MeasuredStep $step): Need
    {
        $quantity = $step->quantity();
        $use = $quantity === Kind::Angle ? ToolUse::Angle : ToolUse::Torque;
        $evidence = $step->kind === StageKind::VerificationPass ? Attestation::OneByOne : $step->rules->result->evidence;

        return new Need($use, ToolKind::measuring($quantity), self::asks($this->target($step), $this->window($step)), $evidence);
    }

    private function alone(MeasuredStep $step, StretchStage $own): Need
    {
        return new Need(ToolUse::Torque, ToolKind::measuring(Kind::Torque), self::asks(null, $this->window($step)), $own->thenByTorque->evidence ?? Attestation::Measured);
    }

    /** Over the whole fastener it is the micrometer, from a zero the dial gauge; its range is that of what it is put on. */
    private function stretch(MeasuredStep $step, StretchStage $own): Need
    {
        $free = $own->absolute ? $this->run->fasteners->freeLength($step->position) : null;
        $window = $this->window($step);

        return new Need(ToolUse::Length, [$own->absolute ? ToolKind::Micrometer : ToolKind::DialGauge], $own->absolute && $free === null ? null : self::asks(null, $free === null ? $window : $window?->raisedBy($free)));
    }

    /** @return list<Need> */
    private function held(MeasuredStep $step): array
    {
        $held = $step->rules->own instanceof HoldStage ? $step->rules->own->held : null;
        if ($held === null) {
            return [];
        }
        $window = $held->window ?? ($held->torque === null ? null : new Window($held->torque, $held->torque));
        $target = $held->torque ?? $window->low ?? $window?->high;

        return [new Need(ToolUse::Held, ToolKind::measuring(Kind::Torque), $window === null || $target === null ? null : new Requirement(ToolKind::TorqueWrench, $target, $window, holds: true))];
    }

    /** @return list<Need> what is watched beside it, where another tool than the one that controls it shows it */
    private function watched(MeasuredStep $step): array
    {
        $needs = [];
        $own = $this->isByTorqueAlone($step) ? Kind::Torque : $step->quantity();
        foreach ($step->monitored as $window) {
            if ($window->kind() !== $own) {
                $needs[] = new Need(ToolUse::from($window->kind()->value), ToolKind::measuring($window->kind()), self::asks(null, $window));
            }
        }

        return $needs;
    }

    /** @return list<Need> */
    private function check(CheckStep $step): array
    {
        $check = $this->run->plan->checks[$step->check];
        if ($check->window === null || ! $check->kind->isMeasured()) {
            return [];
        }
        $quantity = $check->window->kind();
        $kinds = $check->kind === CheckKind::Interval ? [ToolKind::PlasticGauge, ...ToolKind::measuring($quantity)] : ToolKind::measuring($quantity);

        // What it may have changed by says nothing of how much is measured.
        return [new Need(ToolUse::from($quantity->value), array_values(array_unique($kinds, SORT_REGULAR)), $check->kind === CheckKind::Compare ? null : self::asks(null, $check->window))];
    }

    private static function asks(?Written $target, ?Window $window): ?Requirement
    {
        $target ??= $window->low ?? $window?->high;

        return $target === null || $window === null ? null : new Requirement(ToolKind::measuring($window->kind())[0], $target, $window);
    }
}
