<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\JointInput;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\StageOwn;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Document\StageTarget;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\Written;

/**
 * Looks at a revision as a colleague would: does a target look like a slip, can the fastener bear it, can the tool show it?
 * It challenges and never forbids. What an estimate lacks is not guessed; the challenge is then not made.
 */
final class Plausibility
{
    /** A final torque below this share of the proof load, or above, looks like a slip (common practice, no source). */
    private const LEAST_SHARE = 0.20;

    private const MOST_SHARE = 1.0;

    /** Of two slips that come so near to each other the first is named. */
    private const NEARLY = 0.15;

    /** So little beyond proof is a target set too high rather than a slip. */
    private const JUST_BEYOND = 1.08;

    /** Share of the proof load that a sound torque comes to, roughly; of several slips the one that comes nearest is named. */
    private const USUAL_SHARE = 0.75;

    /** Beyond this many times the proof load, elastic, an angle is not meant (common practice, no source). */
    private const MOST_ANGLE = 5.0;

    private const POUND_FOOT = 1.3558179483314;

    /**
     * Where a head's bearing face or its hole is not known, these are usual: ISO 273 (medium) and ISO 4017 lie within a tenth
     * of them from M8 to M12 (from memory). So rough a share is doubted only where it is out by more than this.
     */
    private const USUAL_BEARING = 1.45;

    private const USUAL_HOLE = 1.1;

    private const GROSS = 2.0;

    /** @var list<Challenge> */
    private array $challenges = [];

    /** @var array<string, JointData> by fastener */
    private array $joints = [];

    /** @var list<Stage> */
    private readonly array $stages;

    /** @var array<string, int> the last stage that tightens, by position */
    private array $last = [];

    /** @var array<string, true> positions that have had their angle */
    private array $turned = [];

    /** @param  array<mixed>  $document */
    private function __construct(private readonly Revision $revision, private readonly array $document)
    {
        $this->stages = $revision->stages();
        foreach ($this->stages as $i => $stage) {
            foreach ($stage->rules->kind->tightens() ? $stage->sequence : [] as $position) {
                $this->last[$position] = $i;
            }
        }
        $condition = null;
        foreach ($revision->agents as $agent) {
            $condition ??= str_contains($agent->surface, 'threads') ? $agent->condition : null;
        }
        foreach (is_array($document['fasteners'] ?? null) ? $document['fasteners'] : [] as $fastener) {
            if (is_array($fastener) && is_string($fastener['key'] ?? null)) {
                $this->joints[$fastener['key']] = JointInput::fastener($fastener, $condition);
            }
        }
    }

    /**
     * @param  array<mixed>  $document  the revision's own
     * @param  Written|null  $graduation  of the shop's finest gauge for what a turn controls
     * @param  Unit|null  $toolUnit  that the shop's wrenches show
     * @param  list<Revision>  $sisters  revisions of the same joint in other variants
     * @return list<Challenge>
     */
    public static function of(Revision $revision, array $document, ?Written $graduation = null, ?Unit $toolUnit = null, array $sisters = []): array
    {
        $look = new self($revision, $document);
        foreach ($look->stages as $i => $stage) {
            $look->stage($stage, $i, $graduation);
        }
        $look->loadings();
        $look->precedence();
        $look->units($toolUnit);
        array_map($look->sister(...), $sisters);

        return [...$look->challenges, ...Fasteners::of($document), ...Windows::of($document), ...Outline::of($document), ...Rounds::of($revision)];
    }

    private function stage(Stage $stage, int $at, ?Written $graduation): void
    {
        foreach ($stage->targets as $target) {
            $joint = $this->jointOf($target);
            match ($stage->rules->kind) {
                StageKind::Torque, StageKind::Hold => $this->torque($stage, $target, $joint, $this->isFinal($at, $target)),
                StageKind::Turn => $this->turn($stage, $target, $joint),
                StageKind::Stretch => $this->stretch($stage, $target, $joint),
                default => null,
            };
            $this->tool($stage, $target, $graduation);
        }
        if ($stage->rules->kind === StageKind::Turn) {
            $this->turned += array_fill_keys($stage->sequence, true);
        }
        if ($stage->rules->kind === StageKind::VerificationPass && array_intersect_key(array_flip($stage->sequence), $this->turned) !== [] && ! $this->isCited($stage)) {
            $this->add(ChallengeKind::VerificationAfterTurn, $stage, null, 'A verification pass after an angle proves nothing of the angle; only a maker’s own sheet would ask for it.');
        }
    }

    private function torque(Stage $stage, StageTarget $target, ?JointData $joint, bool $final): void
    {
        $rough = $joint?->tightening() === null;
        $joint = $rough ? self::usual($joint) : $joint;
        $tightening = $joint?->tightening();
        $proof = $joint?->proofLoad();
        if ($target->target === null || $joint === null || $tightening === null || $proof === null || $joint->friction === null) {
            return;
        }
        $torque = $target->target->quantity()->inBase()->toFloat();
        $share = fn (float $t): float => $tightening->preload($t, $joint->friction)->newtons / $proof->newtons;
        $doubt = $rough ? self::GROSS : 1.0;
        $tooLow = $final && $share($torque) < self::LEAST_SHARE / $doubt;
        if ($share($torque) <= self::MOST_SHARE * $doubt && ! $tooLow) {
            return;
        }
        $assumptions = [...(new Estimate($joint, $torque))->assumptions, ...($rough ? ['Bearing face and hole of usual size, since the document does not say them.'] : [])];
        $slip = $share($torque) > self::MOST_SHARE && $share($torque) <= self::JUST_BEYOND ? null : self::nearest($target->target, $share, $torque);
        if ($slip !== null) {
            [$kind, $factor, $words] = $slip;
            $plausible = $this->like($target->target, $torque * $factor);
            $this->add($kind, $stage, $target, sprintf('%s is %s%.0f %% of the proof load: %s? Then %s would be plausible.', $target->target->typeset(), $rough ? 'roughly ' : '', 100 * $share($torque), $words, $plausible), $plausible, $assumptions);

            return;
        }
        $plausible = $this->like($target->target, $tightening->torque(Force::newtons(self::USUAL_SHARE * $proof->newtons), $joint->friction));
        if ($tooLow) {
            $this->add(ChallengeKind::TooLow, $stage, $target, sprintf('%s is %s%.1f %% of the proof load, and the last round: is it meant? About %s gives 75 %%.', $target->target->typeset(), $rough ? 'roughly ' : '', 100 * $share($torque), $plausible), $plausible, $assumptions);
        } else {
            $this->add(ChallengeKind::BeyondProof, $stage, $target, sprintf('%s takes the fastener to %s%.0f %% of its proof load; about %s gives 75 %%.', $target->target->typeset(), $rough ? 'roughly ' : '', 100 * $share($torque), $plausible), $plausible, $assumptions);
        }
    }

    /** The joint with a bearing face and a hole of usual size where it says none; null where its thread is not known either. */
    private static function usual(?JointData $joint): ?JointData
    {
        return $joint?->thread === null ? null : new JointData(
            $joint->thread, $joint->strength, $joint->friction,
            $joint->bearingDiameter ?? self::USUAL_BEARING * $joint->thread->d, $joint->holeDiameter ?? self::USUAL_HOLE * $joint->thread->d, $joint->body, $joint->memberStiffness,
        );
    }

    /**
     * The slip that would bring a torque nearest to what is usual; null when none makes it plausible. A wrong unit, and a mark
     * moved by one place, happen far oftener than two places: of two that come nearly as near the commoner is named.
     *
     * @param  callable(float): float  $share  of the proof load, by torque in N·m
     * @return array{ChallengeKind, float, string}|null kind, factor, words
     */
    private static function nearest(Written $printed, callable $share, float $torque): ?array
    {
        $slips = [...match ($printed->unit) {
            TorqueUnit::PoundForceInch => [[ChallengeKind::UnitSlip, 12.0, 'is it in lbf·ft']],
            TorqueUnit::KilogramForceCentimetre => [[ChallengeKind::UnitSlip, 100.0, 'is it in kgf·m']],
            TorqueUnit::KilogramForceMetre => [[ChallengeKind::UnitSlip, 0.01, 'is it in kgf·cm']],
            TorqueUnit::CentinewtonMetre => [[ChallengeKind::UnitSlip, 100.0, 'is it in N·m']],
            TorqueUnit::OunceForceInch => [[ChallengeKind::UnitSlip, 16.0, 'is it in lbf·in']],
            TorqueUnit::PoundForceFoot => [[ChallengeKind::UnitSlip, 1 / 12, 'is it in lbf·in'], [ChallengeKind::UnitSlip, 1 / self::POUND_FOOT, 'is it in N·m']],
            default => [[ChallengeKind::UnitSlip, self::POUND_FOOT, 'is it in lbf·ft']],
        },
            [ChallengeKind::DecimalSlip, 10.0, 'was a decimal mark gained'], [ChallengeKind::DecimalSlip, 0.1, 'was its decimal mark lost'],
            [ChallengeKind::DecimalSlip, 100.0, 'did its decimal mark move by two places'], [ChallengeKind::DecimalSlip, 0.01, 'did its decimal mark move by two places'],
        ];
        $best = $nearest = null;
        foreach ($slips as $slip) {
            $off = abs($share($torque * $slip[1]) - self::USUAL_SHARE);
            if ($off < 0.3 && ($nearest === null || $off < $nearest - self::NEARLY)) {
                [$best, $nearest] = [$slip, $off];
            }
        }

        return $best;
    }

    /** An angle so large that the fastener must yield, though its policy lets it be used again. */
    private function turn(Stage $stage, StageTarget $target, ?JointData $joint): void
    {
        $policy = $this->typeOf($target)?->reuse;
        $proof = $joint?->proofLoad();
        $threshold = $stage->thresholdFor($target);
        if ($target->target === null || $joint === null || $proof === null || $threshold === null) {
            return;
        }
        $estimate = new Estimate($joint, $threshold->quantity()->inBase()->toFloat(), $target->target->quantity()->inBase()->toFloat());
        $share = $estimate->proofShare();
        if ($share === null) {
            return;
        }
        if ($share > self::MOST_ANGLE) {
            $plausible = $this->like($target->target, 0.1 * $target->target->quantity()->inBase()->toFloat());
            $this->add(ChallengeKind::DecimalSlip, $stage, $target, sprintf('%s would take the fastener to %.1f times its proof load: was a decimal mark lost? Then %s would be plausible.', $target->target->typeset(), $share, $plausible), $plausible, $estimate->assumptions);

            return;
        }
        if ($policy !== Reuse::Never && $share > 1.15) {
            $this->add(ChallengeKind::AngleMustYield, $stage, $target, sprintf('%s must take the fastener past its proof load (%.0f %% of it, elastic); its policy says it may be used %s.', $target->target->typeset(), 100 * $share, $policy?->words() ?? 'again'), 'reuse: never', $estimate->assumptions);
        }
    }

    /** Is the stretch to be had below the ceiling torque? */
    private function stretch(Stage $stage, StageTarget $target, ?JointData $joint): void
    {
        $ceiling = $stage->rules->own instanceof StretchStage ? $stage->rules->own->ceiling : null;
        $tightening = $joint?->tightening();
        if ($ceiling === null || $joint === null || $tightening === null || $joint->friction === null || $joint->body === null || $target->window?->low === null) {
            return;
        }
        $need = $tightening->torque($joint->body->preloadFromStretch($target->window->low->quantity()->inBase()->toFloat()), $joint->friction);
        if ($need > $ceiling->quantity()->inBase()->toFloat()) {
            $plausible = $this->like($ceiling, $need);
            $this->add(ChallengeKind::StretchBeyondCeiling, $stage, $target, sprintf('%s of stretch needs about %s; the ceiling of %s is reached before.', $target->window->low->typeset(), $plausible, $ceiling->typeset()), $plausible, (new Estimate($joint, $need))->assumptions);
        }
    }

    private function tool(Stage $stage, StageTarget $target, ?Written $graduation): void
    {
        if ($graduation === null || $target->window?->low === null || $target->window->high === null || $target->window->kind() !== $graduation->unit->kind()) {
            return;
        }
        $width = $target->window->high->minus($target->window->low, RoundingMode::HALF_UP);
        if ($width !== null && $graduation->isGreaterThan($width)) {
            $this->add(ChallengeKind::WindowTighterThanTool, $stage, $target, sprintf('%s is narrower than the %s that the gauge is marked in.', $target->window->typeset(), $graduation->typeset()), 'a window of at least '.$graduation->typeset());
        }
    }

    /** Was a conflict decided otherwise than the order of sources has it? */
    private function precedence(): void
    {
        foreach ($this->revision->conflicts as $conflict) {
            $governs = $conflict->precedence($this->revision->sources);
            if ($governs?->governs !== null && $conflict->decided !== null && $conflict->decided !== $governs->governs->key) {
                $this->challenges[] = new Challenge(ChallengeKind::AgainstPrecedence, trim($conflict->stage.' '.$conflict->about), sprintf('%s follows %s. %s', $conflict->about, $this->revision->sources[$conflict->decided]->title, $governs->why), $conflict->sides[$governs->governs->key]);
            }
        }
    }

    private function loadings(): void
    {
        $seen = [];
        foreach ($this->stages as $stage) {
            foreach ($stage->rules->result->loading && ! $stage->rules->result->trial ? $stage->targets : [] as $target) {
                $type = $this->typeOf($target);
                if ($type?->reuse === Reuse::Never && array_intersect($target->positions, $seen[$type->key] ?? []) !== []) {
                    $this->add(ChallengeKind::SecondLoading, $stage, $target, sprintf('%s is for one tightening, and this loads it a second time.', $type->name), 'a trial set, or one loading stage');
                }
                $seen[$type->key ?? ''] = [...$seen[$type->key ?? ''] ?? [], ...$target->positions];
            }
        }
    }

    /** @return list<Written|null> the torques that a stage names beside its targets */
    private static function torques(StageOwn $own): array
    {
        return match (true) {
            $own instanceof TurnStage => [$own->threshold],
            $own instanceof StretchStage => [$own->ceiling],
            default => [],
        };
    }

    /** One document, one way to print torque, and the wrench's own: a second unit is where a wrench is set wrong. */
    private function units(?Unit $first): void
    {
        $tool = $first;
        foreach ($this->stages as $stage) {
            $of = [...array_map(fn (StageTarget $t): ?Written => $t->target, $stage->targets), ...array_map(fn (StageTarget $t): ?Written => $t->threshold, $stage->targets), ...self::torques($stage->rules->own)];
            foreach ($of as $value) {
                if ($value === null || $value->unit->kind() !== Kind::Torque) {
                    continue;
                }
                $first ??= $value->unit;
                if ($value->unit !== $first) {
                    $this->add(ChallengeKind::UnitsAtOdds, $stage, null, sprintf($first === $tool ? '%s is printed, and the shop’s wrenches show %s; set by the printed number, they are out by a factor.' : '%s stands beside values in %s; a wrench set in the one and read in the other is out by a factor.', $value->typeset(), $first->symbol()), $first === $tool ? 'the nearest setting in '.$first->symbol() : 'one unit throughout');

                    return;
                }
            }
        }
    }

    /** Do two groups have here what they have the other way round in a sister variant? */
    private function sister(Revision $sister): void
    {
        $others = $sister->stages();
        foreach ($this->stages as $i => $stage) {
            $other = $others[$i] ?? null;
            foreach ($stage->targets as $a) {
                foreach ($stage->targets as $b) {
                    if ($a->group < $b->group && $this->isSwapped($a, $b, $other)) {
                        $this->add(ChallengeKind::SwappedTargets, $stage, $a, sprintf('%s has %s and %s has %s; in %s it is the other way round.', $a->group, $a->target?->typeset(), $b->group, $b->target?->typeset(), $sister->title), $b->target?->typeset());
                    }
                }
            }
        }
    }

    private function isSwapped(StageTarget $a, StageTarget $b, ?Stage $other): bool
    {
        $in = fn (?string $group): ?string => array_values(array_filter($other->targets ?? [], fn (StageTarget $t): bool => $t->group === $group))[0]->target?->typeset() ?? null;

        return $a->target !== null && $b->target !== null && $a->target->typeset() !== $b->target->typeset()
            && $in($a->group) === $b->target->typeset() && $in($b->group) === $a->target->typeset();
    }

    /** Is it the last that tightens some of these positions? */
    private function isFinal(int $at, StageTarget $target): bool
    {
        foreach ($target->positions as $position) {
            if ($this->last[$position] === $at) {
                return true;
            }
        }

        return false;
    }

    private function isCited(Stage $stage): bool
    {
        $kinds = [];
        foreach (is_array($this->document['sources'] ?? null) ? $this->document['sources'] : [] as $source) {
            if (is_array($source) && is_string($source['key'] ?? null)) {
                $kinds[$source['key']] = $source['kind'] ?? null;
            }
        }
        $cited = array_map(fn (StageTarget $t): mixed => $kinds[$t->targetSource ?? ''] ?? null, $stage->targets);

        return in_array('engine_maker', $cited, true) || in_array('hardware_maker', $cited, true);
    }

    private function typeOf(StageTarget $target): ?FastenerType
    {
        $position = $target->positions[0] ?? null;

        return $position === null ? null : $this->revision->fasteners[$this->revision->groups[$this->revision->map->position($position)->group]->fastener] ?? null;
    }

    private function jointOf(StageTarget $target): ?JointData
    {
        return $this->joints[$this->typeOf($target)->key ?? ''] ?? null;
    }

    /** A value in base units, typeset in the unit of another, to two figures or three. */
    private function like(Written $printed, float $base): string
    {
        $value = $base / $printed->unit->factor()->toFloat();
        $digits = max(0, 1 - (int) floor(log10(max($value, 1e-9))));

        return Written::of(sprintf("%.{$digits}F", $value), $printed->unit)->typeset();
    }

    /** @param  list<string>  $assumptions */
    private function add(ChallengeKind $kind, Stage $stage, ?StageTarget $target, string $sentence, ?string $plausible = null, array $assumptions = []): void
    {
        $whom = $target === null ? '' : ' '.($target->group ?? implode(',', $target->positions));
        $this->challenges[] = new Challenge($kind, $stage->key().$whom, $sentence, $plausible, $assumptions);
    }
}
