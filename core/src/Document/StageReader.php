<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Sequence\FastenerMap;

/** Reads the rounds of a document: stages that stand by themselves and blocks of them. */
final class StageReader
{
    /** What hangs together is expanded whole; more steps than this are refused. */
    public const MOST_STEPS = 100_000;

    /** More than any procedure has; counted before the first is read. */
    public const MOST_STAGES = 2_000;

    /** @var list<Stage> */
    private array $before = [];

    private int $steps = 0;

    private readonly TargetReader $targets;

    public function __construct(
        private readonly FastenerMap $map,
        private readonly string $riskClass,
        private readonly Purpose $purpose,
        private readonly Vocabulary $names,
    ) {
        $this->targets = new TargetReader($map, $names->groups, $riskClass, $names->sources, $names->standards);
    }

    /** @return list<Block> */
    public function blocks(ObjectReader $root): array
    {
        $count = $root->count('stages');
        if ($count > self::MOST_STAGES) {
            $root->problem('stages', sprintf('at most %s stages are taken; these are %s', number_format(self::MOST_STAGES), number_format($count)));

            return [];
        }
        $blocks = array_values($root->keyed('stages', fn (ObjectReader $f, string $key): ?Block => $f->has('stages') ? $this->block($f, $key) : $this->alone($f)));
        $this->keysDiffer($root);
        if ($this->steps > self::MOST_STEPS) {
            $root->problem('stages', sprintf('at most %s steps are taken; these are %s', number_format(self::MOST_STEPS), number_format($this->steps)));
        }
        $this->endsInEarnest($root);

        return array_values(array_filter($blocks));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(fn (Stage $s): string => $s->key(), $this->before);
    }

    private function alone(ObjectReader $f): Block
    {
        return new Block(null, Traversal::StageByStage, [new Leg('joint', 'the joint', $this->all(), null)], [$this->stage($f, $this->all())]);
    }

    private function block(ObjectReader $f, string $key): ?Block
    {
        $traversal = Traversal::from($f->oneOf('traversal', [Traversal::PartByPart->value, Traversal::Pairs->value, Traversal::SubGroups->value]));
        $legs = $f->has('legs') ? $this->legs($f) : $this->partLegs($f->strings('parts'));
        $f->optionalString('why');
        $covered = array_merge(...array_map(fn (Leg $l): array => $l->positions, $legs));
        if ($legs === [] || count(array_unique($covered)) !== count($covered)) {
            $f->problem($f->has('legs') ? 'legs' : 'parts', 'legs are wanted that share no position');
        }
        $this->pairsHaveTwo($f, $traversal, $legs);
        $stages = array_values($f->keyed('stages', fn (ObjectReader $s): Stage => $this->stage($s, $covered, count($legs))));

        return $legs === [] || $stages === [] ? null : new Block($key, $traversal, $legs, $stages);
    }

    /** @return list<Leg> */
    private function legs(ObjectReader $f): array
    {
        return array_values($f->keyed('legs', function (ObjectReader $leg, string $key): Leg {
            $before = $leg->has('before') ? $leg->oneOf('before', $this->names->checks) : null;
            $back = $leg->has('back') ? $leg->oneOf('back', $this->names->checks) : null;
            $name = $leg->optionalString('name') ?? $key;
            $positions = $leg->has('parts')
                ? array_merge(...array_map(fn (Leg $l): array => $l->positions, $this->partLegs($leg->namesOf('parts', $this->parts(), 'a part'))))
                : $leg->namesOf('positions', $this->all(), 'a position');
            if ($positions === []) {
                $leg->problem($leg->has('parts') ? 'parts' : 'positions', 'at least one position is wanted');
            }

            return new Leg($key, $name, $positions, $before, $back);
        }));
    }

    /**
     * @param  list<string>  $parts  empty: every part with a position, in the map's order
     * @return list<Leg>
     */
    private function partLegs(array $parts): array
    {
        $legs = [];
        foreach ($parts === [] ? $this->parts() : $parts as $part) {
            $positions = array_values(array_filter($this->map->positions, fn ($p): bool => $p->part === $part));
            if ($positions !== []) {
                $legs[] = new Leg($part, $part, array_map(fn ($p): string => $p->key, $positions), null);
            }
        }

        return $legs;
    }

    /** @param  list<Leg>  $legs */
    private function pairsHaveTwo(ObjectReader $f, Traversal $traversal, array $legs): void
    {
        foreach ($legs as $leg) {
            if ($traversal === Traversal::Pairs && count($leg->positions) !== 2) {
                $f->problem('legs', sprintf('a pair has two positions; "%s" has %d', $leg->key, count($leg->positions)));
            }
        }
    }

    /** @param  list<string>  $within  the positions it may have */
    private function stage(ObjectReader $f, array $within, int $legs = 1): Stage
    {
        $rules = StageRules::read($f, $this->keys(), $this->names->checks);
        $targets = $rules->kind->isPerPosition() ? $this->targets->read($f, $rules, $within) : [];
        $positions = $rules->kind->isPerPosition()
            ? array_merge([], ...array_map(fn (StageTarget $t): array => $t->positions, $targets))
            : $this->places($f, $rules, $within);
        $sequence = $rules->per() === Per::Part || $rules->kind === StageKind::Settle ? $positions : $this->sequence($f, $rules, $positions);
        $stage = new Stage(
            $rules,
            $f->optionalString('name'),
            $f->string('why'),
            $sequence,
            $targets,
            $f->has('tool') ? ToolNeed::read($f->object('tool')) : null,
            $f->namesOf('consumables', $this->names->consumables, 'a consumable'),
        );
        Picture::read($f);
        $this->judge($f, $stage);
        $this->steps += max(1, count($sequence)) * $rules->passes() * ($sequence === [] ? $legs : 1);
        $this->before[] = $stage;

        return $stage;
    }

    /**
     * Where a check has its steps: nowhere in particular, at parts or at positions.
     *
     * @param  list<string>  $within
     * @return list<string>
     */
    private function places(ObjectReader $f, StageRules $rules, array $within): array
    {
        $groups = $f->namesOf('groups', $this->names->groups, 'a group');
        $positions = array_values(array_filter(
            $this->map->positions,
            fn ($p): bool => in_array($p->key, $within, true) && ($groups === [] || in_array($p->group, $groups, true)),
        ));

        return match ($rules->per()) {
            Per::Joint => [],
            Per::Part => array_values(array_unique(array_map(fn ($p): string => $p->part, $positions))),
            Per::Position => array_map(fn ($p): string => $p->key, $positions),
        };
    }

    /**
     * The document's own order comes first; a named one is cut to the positions of the stage; a stage that names none
     * goes as the round before it did, and loosening goes the other way round.
     *
     * @param  list<string>  $positions
     * @return list<string>
     */
    private function sequence(ObjectReader $f, StageRules $rules, array $positions): array
    {
        $order = match (true) {
            $f->isList('sequence') => $f->strings('sequence'),
            $f->has('sequence') => $this->cut($this->names->sequences[$f->oneOf('sequence', array_keys($this->names->sequences))] ?? [], $positions),
            default => $this->usual($rules, $positions),
        };
        $reversed = $f->boolean('reversed', $rules->kind === StageKind::Loosen && ! $f->has('sequence'));
        [$given, $wanted] = [$order, $positions];
        sort($given);
        sort($wanted);
        // A round that is of no bolt yet has its own problem; what its order holds is not one more.
        if ($positions !== [] && $given !== $wanted && $rules->kind->isPerPosition()) {
            $f->problem('sequence', $this->gap($order, $positions));
        }

        return $reversed ? array_reverse($order) : $order;
    }

    /**
     * @param  list<string>  $positions
     * @return list<string>
     */
    private function usual(StageRules $rules, array $positions): array
    {
        foreach (array_reverse($this->before) as $stage) {
            $cut = $this->cut($stage->sequence, $positions);
            if ($stage->rules->kind->isPerPosition() && $stage->rules->kind !== StageKind::Loosen && count($cut) === count($positions)) {
                return $cut;
            }
        }
        $first = $this->cut(array_values($this->names->sequences)[0] ?? [], $positions);

        return count($first) === count($positions) || $rules->kind->isPerPosition() ? $first : $positions;
    }

    /**
     * @param  list<string>  $order
     * @param  list<string>  $positions
     * @return list<string>
     */
    private function cut(array $order, array $positions): array
    {
        return array_values(array_intersect($order, $positions));
    }

    /**
     * @param  list<string>  $order
     * @param  list<string>  $positions
     */
    private function gap(array $order, array $positions): string
    {
        $missing = array_diff($positions, $order);
        $strange = array_diff($order, $positions);
        $twice = array_keys(array_filter(array_count_values($order), fn (int $n): bool => $n > 1));

        return 'every position of the stage\'s groups is wanted exactly once'
            .($missing === [] ? '' : '; missing: '.implode(', ', array_slice($missing, 0, 5)))
            .($strange === [] ? '' : '; not of the stage: '.implode(', ', array_slice($strange, 0, 5)))
            .($twice === [] ? '' : '; twice: '.implode(', ', array_slice($twice, 0, 5)));
    }

    private function judge(ObjectReader $f, Stage $stage): void
    {
        $rules = $stage->rules;
        if (! $this->purpose->allows($rules->kind)) {
            $f->problem('kind', sprintf('a procedure for %s has no such stage', str_replace('_', ' ', $this->purpose->value)));
        }
        if ($rules->kind === StageKind::Turn && ! $this->reached($stage)) {
            $f->problem('kind', 'a turn needs a torque stage before it that reaches its threshold');
        }
        if ($rules->kind === StageKind::Turn && ! $f->has('threshold') && ! $this->eachHasThreshold($f)) {
            $f->problem('threshold', 'an angle needs the torque from which it is counted');
        }
        $this->namesAids($f);
        $source = $rules->own instanceof StretchStage ? $rules->own->thenByTorque?->source : null;
        if ($source !== null && ! in_array($source, $this->names->sources, true)) {
            $f->problem('then_by_torque', 'the key of a source is wanted: who says that the others may be done by torque alone');
        }
        if ($this->riskClass === 'A' && $rules->result->loading && $rules->result->evidence === Attestation::AsRound) {
            $f->problem('evidence', 'in a joint of risk class A the loading stage is not attested as a round');
        }
    }

    private function eachHasThreshold(ObjectReader $f): bool
    {
        $targets = $f->all()['targets'] ?? null;

        return is_array($targets) && array_filter($targets, fn (mixed $t): bool => ! is_array($t) || ! isset($t['threshold'])) === [];
    }

    /** An aid goes in or comes out, and is one of the document's. */
    private function namesAids(ObjectReader $f): void
    {
        $fit = $f->namesOf('fit', $this->names->aids, 'an aid');
        $remove = $f->namesOf('remove', $this->names->aids, 'an aid');
        if (array_intersect($fit, $remove) !== []) {
            $f->problem('remove', 'an aid goes in before a round or comes out before it, not both');
        }
    }

    private function reached(Stage $turn): bool
    {
        $reaching = array_filter($this->before, fn (Stage $s): bool => $s->rules->kind->reachesTorque());

        return array_diff($turn->sequence, ...array_map(fn (Stage $s): array => $s->sequence, array_values($reaching))) === [];
    }

    private function keysDiffer(ObjectReader $root): void
    {
        $keys = $this->keys();
        foreach (array_count_values($keys) as $key => $times) {
            if ($times > 1) {
                $root->problem('stages', sprintf('each stage has a key of its own; "%s" is used %d times', $key, $times));
            }
        }
    }

    /** A first pass is never the final one, and a trial fit is never either. */
    private function endsInEarnest(ObjectReader $root): void
    {
        $tightening = array_values(array_filter($this->before, fn (Stage $s): bool => $s->rules->kind->tightens()));
        $last = $tightening[count($tightening) - 1] ?? null;
        if ($last?->rules->result->trial === true) {
            $root->problem('stages', sprintf('a trial fit is never the final tightening; "%s" is the last', $last->key()));
        }
    }

    /** @return list<string> */
    private function all(): array
    {
        return array_map(fn ($p): string => $p->key, $this->map->positions);
    }

    /** @return list<string> */
    private function parts(): array
    {
        return array_values(array_unique(array_map(fn ($p): string => $p->part, $this->map->positions)));
    }
}
