<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Conflict;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Document\StageTarget;
use Tekkal\Core\Sequence\Arrangement;
use Tekkal\Core\Sequence\Plane;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** Whether the rounds of a procedure make sense one after the other, whatever their numbers: what a good foreman would ask about. */
final class Rounds
{
    /** On fewer positions than this hardly any order warps anything (common practice, no source). */
    private const FEWEST_TO_WARP = 6;

    /** On fewer places on a circle every order meets a neighbour. */
    private const FEWEST_ON_A_CIRCLE = 5;

    /** @var list<Challenge> */
    private array $challenges = [];

    /** @var array<string, true> */
    private array $told = [];

    private function __construct(private readonly Revision $revision)
    {
    }

    /** @return list<Challenge> */
    public static function of(Revision $revision): array
    {
        $look = new self($revision);
        foreach ($revision->map->positions as $position) {
            $look->position($position->key);
        }
        array_map($look->attested(...), $revision->stages());
        $look->loading();
        array_map($look->conflict(...), $revision->conflicts);
        foreach ($revision->blocks as $block) {
            foreach ($block->key === null ? $block->stages : [] as $stage) {
                $look->order($stage);
            }
        }

        return $look->challenges;
    }

    /** The rounds of one position, from its last loosening on. */
    private function position(string $position): void
    {
        $torque = null;
        $turned = false;
        $stages = array_values(array_filter($this->revision->stages(), fn (Stage $s): bool => in_array($position, $s->sequence, true)));
        $last = self::lastAtWork($stages);
        foreach ($stages as $i => $stage) {
            $target = $stage->targetAt($position);
            if ($stage->rules->kind === StageKind::Loosen) {
                [$torque, $turned] = [null, false];
            } elseif ($stage->rules->kind === StageKind::Turn) {
                $this->threshold($stage, $target, $torque);
                $turned = true;
            } elseif ($target?->target !== null && $stage->rules->kind->tightens() && $target->target->unit->kind() === Kind::Torque) {
                $this->torque($stage, $target, $torque, $turned, $i >= $last);
                $torque = $target->target;
            }
        }
    }

    private function threshold(Stage $stage, ?StageTarget $target, ?Written $torque): void
    {
        $own = $stage->rules->own;
        $from = $target === null ? null : $stage->thresholdFor($target);
        if ($own instanceof TurnStage && ! $own->fromThreshold && $from !== null && $torque !== null && $from->isGreaterThan($torque)) {
            $this->add(ChallengeKind::ThresholdNotReached, $stage, $target, sprintf('The angle counts from %s, and the round before goes to %s only: from where is it counted?', $from->typeset(), $torque->typeset()), $torque->typeset());
        }
    }

    private function torque(Stage $stage, StageTarget $target, ?Written $before, bool $turned, bool $last): void
    {
        if ($turned && $target->target !== null) {
            $this->add(ChallengeKind::TorqueAfterAngle, $stage, $target, sprintf('%s after an angle round: a torque says nothing of a fastener that was turned by its angle, and what still moves spoils it.', $target->target->typeset()), 'the torque before the angle');
        } elseif ($last && $before !== null && $target->target !== null && $before->isGreaterThan($target->target)) {
            $this->add(ChallengeKind::LastRoundLower, $stage, $target, sprintf('The last round goes to %s, the one before to %s: a click at less than a fastener has proves nothing.', $target->target->typeset(), $before->typeset()), 'at least '.$before->typeset());
        }
    }

    /** @param  list<Stage>  $stages */
    private static function lastAtWork(array $stages): int
    {
        foreach (array_reverse($stages, true) as $i => $stage) {
            if ($stage->rules->kind->turnsBolt() || $stage->rules->kind === StageKind::Loosen) {
                return $i;
            }
        }

        return -1;
    }

    /** What may be tightened so often, or after a check, is counted at its loading stage: without one it never counts. */
    private function loading(): void
    {
        foreach ($this->revision->purpose === Purpose::Tightening ? $this->revision->groups : [] as $group) {
            $type = $this->revision->fasteners[$group->fastener] ?? null;
            $positions = array_map(fn (Position $p): string => $p->key, $this->revision->map->inGroup($group->key));
            $tightening = array_values(array_filter($this->revision->stages(), fn (Stage $s): bool => $s->rules->kind->turnsBolt() && ! $s->rules->result->trial && array_intersect($positions, $s->sequence) !== []));
            if ($type !== null && $type->reuse !== Reuse::Free && $tightening !== [] && array_filter($tightening, fn (Stage $s): bool => $s->rules->result->loading) === []) {
                $last = $tightening[count($tightening) - 1];
                $this->challenges[] = new Challenge(ChallengeKind::NoLoadingStage, $last->key().' '.$group->key, sprintf('%s: no round is the loading one, so that no tightening of %s would ever count, and it would never be asked for new.', ucfirst($group->name), $type->name), 'the last round as the loading one');
            }
        }
    }

    /** A word for a whole round needs something on the metal that it can be read from. */
    private function attested(Stage $stage): void
    {
        if ($stage->rules->kind->hasTarget() && $stage->rules->result->evidence === Attestation::AsRound && $this->revision->marks?->isWanted() !== true) {
            $this->add(ChallengeKind::RoundUnmarked, $stage, null, 'One word is given for the whole round, and nothing is marked: when somebody is called away, nobody knows which have had it.', 'a mark at each fastener, or a word for each');
        }
    }

    /** Is the figure that was decided the one that is used? */
    private function conflict(Conflict $conflict): void
    {
        $stages = array_values(array_filter($this->revision->stages(), fn (Stage $s): bool => $s->key() === $conflict->stage));
        $decided = $conflict->decided === null ? null : QuantityParser::parse($conflict->sides[$conflict->decided]);
        if ($stages === [] || ! $decided instanceof Understood) {
            return;
        }
        $own = $stages[0]->rules->own;
        $used = $own instanceof TurnStage ? [$own->threshold] : [];
        foreach ($stages[0]->targets as $target) {
            array_push($used, $target->target, $target->threshold, $target->window?->low, $target->window?->high);
        }
        $used = array_values(array_filter($used, fn (?Written $w): bool => $w !== null && $w->unit->kind() === $decided->value->unit->kind()));
        $same = fn (Written $w): bool => $w->quantity()->inBase()->isEqualTo($decided->value->quantity()->inBase());
        if ($used !== [] && array_filter($used, $same) === []) {
            $this->challenges[] = new Challenge(ChallengeKind::DecidedOtherwise, trim($conflict->stage.' '.$conflict->about), sprintf('%s: %s was decided, and the round has %s.', $conflict->about, $decided->value->typeset(), $used[0]->typeset()), $decided->value->typeset());
        }
    }

    /** An order in which the joint is pulled down, or let go, from one side; told once, however many rounds keep it. */
    private function order(Stage $stage): void
    {
        $positions = array_values(array_filter($this->revision->map->positions, fn (Position $p): bool => in_array($p->key, $stage->sequence, true)));
        $loosens = $stage->rules->kind === StageKind::Loosen;
        if (! ($stage->rules->kind->turnsBolt() || $loosens) || count(array_unique(array_map(fn (Position $p): string => $p->part, $positions))) !== 1) {
            return;
        }
        $sentence = Arrangement::of($positions) === Arrangement::Circle ? $this->aroundTheCircle($positions, $stage->sequence) : $this->fromTheEnds($positions, $stage->sequence, $loosens);
        $order = 'order '.implode(' ', $stage->sequence);
        if ($sentence !== null && ! isset($this->told[$order.$sentence])) {
            $this->told[$order.$sentence] = true;
            $this->add(ChallengeKind::OrderWarps, $stage, null, $sentence);
        }
    }

    /**
     * @param  list<Position>  $positions
     * @param  list<string>  $order
     */
    private function aroundTheCircle(array $positions, array $order): ?string
    {
        $report = (new SequenceJudge($positions))->judge($order);

        return count($positions) >= self::FEWEST_ON_A_CIRCLE && count($report->neighbours) === count($order) - 1
            ? 'Each is followed by its neighbour, all around the circle: the part tilts. A cross or a star pulls it down evenly.' : null;
    }

    /**
     * What lies in the middle of the part is no end, though it be the last of the bolts that a round has.
     *
     * @param  list<Position>  $positions
     * @param  list<string>  $order
     */
    private function fromTheEnds(array $positions, array $order, bool $loosens): ?string
    {
        $bands = (new Plane($positions))->bands();
        if ($positions === [] || count($order) < self::FEWEST_TO_WARP || count($bands) < 2) {
            return null;
        }
        [$middle, $ends] = [$bands[0], $bands[count($bands) - 1]];
        $part = array_values(array_filter($this->revision->map->positions, fn (Position $p): bool => $p->part === $positions[0]->part));
        $middleOfPart = (new Plane($part))->bands()[0] ?? [];

        return match (true) {
            $loosens && in_array($order[0], $middle, true) => 'It is loosened from the middle outwards: it warps. Loosening goes from the ends to the middle.',
            ! $loosens && in_array($order[0], $ends, true) && ! in_array($order[0], $middleOfPart, true) => 'It is tightened from an end: the joint is trapped between what is tight. From the middle outwards it lies down flat.',
            default => null,
        };
    }

    private function add(ChallengeKind $kind, Stage $stage, ?StageTarget $target, string $sentence, ?string $plausible = null): void
    {
        $about = trim($stage->key().' '.($target === null ? '' : $target->group ?? implode(',', $target->positions)));
        if (! isset($this->told["$kind->value $about $sentence"])) {
            $this->told["$kind->value $about $sentence"] = true;
            $this->challenges[] = new Challenge($kind, $about, $sentence, $plausible);
        }
    }
}
