<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\WatchedQuantity;

/** What is written at each step of a job card, and in which unit. */
final readonly class PaperBoxes
{
    public function __construct(private RunFold $run, private Needs $needs)
    {
    }

    /** @return array{step: string, where: string, says: string, stands: string, wants: list<array{label: string, unit: string, tick: bool}>} */
    public function of(Step $step): array
    {
        $live = $this->run->state->live($step->id);
        $check = $step instanceof CheckStep ? $this->run->plan->checks[$step->check] ?? null : null;

        return [
            'step' => $step->id,
            'where' => $this->run->plan->positions[$step->position]->number ?? ($step->position === 'joint' ? '' : $this->run->names->place($step->position)),
            'says' => $check === null ? '' : 'must be: '.$check->limits(),
            // What is on record already is not done again, whatever the card is worked for.
            'stands' => $live === null ? '' : self::stands($live),
            'wants' => $check === null ? $this->atStep($step) : self::atCheck($check),
        ];
    }

    private static function stands(Attempt $live): string
    {
        [$value, $verdict] = [$live->given->value?->typeset(), $live->judgement->verdict];

        return $value === null || ! $verdict->isGood() ? ltrim("$value, {$verdict->word()}", ', ') : $value;
    }

    /** @return list<array{label: string, unit: string, tick: bool}> */
    private function atStep(Step $step): array
    {
        return match (true) {
            $step->rules->own instanceof SettleStage => [self::value('from', 'h:min'), self::value('to', 'h:min')],
            ! $step instanceof MeasuredStep => [self::tick('done')],
            $step->kind === StageKind::VerificationPass => [self::tick('stood still'), self::tick('moved')],
            default => [...$this->before($step), ...$this->controlled($step), ...$this->beside($step)],
        };
    }

    /** @return list<array{label: string, unit: string, tick: bool}> */
    private function before(MeasuredStep $step): array
    {
        $own = $step->rules->own;
        if (! $own instanceof StretchStage || $this->needs->isByTorqueAlone($step)) {
            return [];
        }

        return [$own->absolute ? self::value('free length', $this->unit($this->needs->window($step))) : self::tick('zeroed')];
    }

    /** @return list<array{label: string, unit: string, tick: bool}> */
    private function controlled(MeasuredStep $step): array
    {
        $unit = $this->unit($this->needs->window($step));
        $label = match (true) {
            $step->rules->own instanceof StretchStage && $step->rules->own->absolute && ! $this->needs->isByTorqueAlone($step) => 'length now',
            $step->kind === StageKind::Turn && ! $step->rules->motion->oneMotion => 'strokes',
            default => 'reads',
        };

        return [self::value($label, $unit), ...($step->rules->result->evidence === Attestation::Measured || $step->kind === StageKind::Turn ? [] : [self::tick('or clicked')])];
    }

    /** @return list<array{label: string, unit: string, tick: bool}> what is watched beside it */
    private function beside(MeasuredStep $step): array
    {
        $held = $step->rules->own instanceof HoldStage ? $step->rules->own->held->window : null;

        return [
            ...($held === null ? [] : [self::value('held', $this->unit($held))]),
            ...array_map(fn (Window $w): array => self::value(WatchedQuantity::of($w->kind())->words(), $this->unit($w)), $step->monitored),
        ];
    }

    /** @return list<array{label: string, unit: string, tick: bool}> */
    private static function atCheck(Check $check): array
    {
        $unit = ($check->window->low ?? $check->window?->high)?->unit->symbol() ?? '';

        return match ($check->kind) {
            CheckKind::Confirm => [self::tick('yes'), self::tick('no')],
            CheckKind::Feel => [self::tick('as before'), self::tick('tighter'), self::tick('tight spot')],
            CheckKind::GoNoGo => [self::tick('good'), self::tick('first does not enter'), self::tick('second enters')],
            CheckKind::Identity => [self::value('reads', '')],
            CheckKind::Interval => [self::value('wider than', $unit), self::value('narrower than', $unit)],
            CheckKind::Measure, CheckKind::Compare => [self::value('reads', $unit)],
        };
    }

    private function unit(?Window $window): string
    {
        return ($window->low ?? $window?->high)?->unit->symbol() ?? '';
    }

    /** @return array{label: string, unit: string, tick: bool} */
    private static function value(string $label, string $unit): array
    {
        return ['label' => $label, 'unit' => $unit, 'tick' => false];
    }

    /** @return array{label: string, unit: string, tick: bool} */
    private static function tick(string $label): array
    {
        return ['label' => $label, 'unit' => '', 'tick' => true];
    }
}
