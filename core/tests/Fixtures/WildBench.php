<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Unit\Written;

/** Somebody who does anything at any moment; drawn by seed, so that it can be repeated. */
final class WildBench
{
    private readonly Bench $bench;

    /** @param  string|array<string, mixed>  $example */
    private function __construct(string|array $example, private readonly Randomizer $random)
    {
        $this->bench = new Bench($example);
    }

    /** @param  string|array<string, mixed>  $example  its name, or a document */
    public static function after(string|array $example, int $seed, int $events = 70): Bench
    {
        $wild = new self($example, new Randomizer(new Xoshiro256StarStar($seed)));
        $hand = new Hand($wild->bench);
        for ($i = 0; $i < $events && ! $wild->bench->state()->finished; $i++) {
            $ways = $wild->bench->advice()->nextActions();
            $wild->chance(6) && $ways[0]->do !== 'finish' && $wild->bench->state()->device === 'bench1'
                ? $hand->follow($wild->one($ways))
                : $wild->whatever();
        }

        return $wild->bench;
    }

    private function whatever(): void
    {
        match ($this->random->getInt(0, 4)) {
            0, 1 => $this->pulls(),
            2 => $this->reports(),
            3 => $this->works(),
            default => $this->happens(),
        };
    }

    private function pulls(): void
    {
        $bench = $this->bench;
        $step = $this->step();
        $value = $this->value($step);
        match ($this->random->getInt(0, 10)) {
            10 => $bench->does('reading_taken', ['step' => $step, 'value' => $value, 'tool' => 'W1', 'adapter' => 'A1', 'reaction' => $this->position()]),
            0, 1, 2 => $bench->reads($step, $value, [$value, '0.0061 in']),
            3 => $bench->reads($step, $value),
            4 => $bench->strokes($step, $value),
            5 => $bench->does('click_attested', ['step' => $step, 'tool' => 'W1']),
            6 => $bench->does('round_attested', ['stage' => explode(':', $step)[0], 'tool' => 'W1', 'marks' => $this->random->getInt(0, 6)]),
            7 => $bench->moved($step, $this->chance(5)),
            8 => $bench->does('reading_taken', ['step' => $step, 'value' => $value, 'tool' => 'W1', 'device' => 'bench2', 'base_seq' => $this->random->getInt(0, 40)]),
            default => $this->chance(8) ? $bench->answers($step, $this->chance(5), $this->chance(3)) : $bench->does('check_answered', ['step' => $step, 'feel' => $this->one(['as before', 'tighter', 'tight spot'])]),
        };
    }

    private function reports(): void
    {
        $bench = $this->bench;
        $step = $this->step();
        $at = $this->one([$step, $step, $this->position(), $this->part(), 'joint']);
        match ($this->random->getInt(0, 5)) {
            0 => $bench->does('gave_way', ['step' => $step]),
            1 => $bench->does('part_moved', ['part' => $this->part()]),
            2 => $bench->does('partner_let_go', ['step' => $step]),
            3 => $bench->does('fault_reported', ['fault' => 'dropped_wrench', 'at' => $step, 'tool' => $this->one(['W1', 'W2'])]),
            default => $bench->does('fault_reported', ['fault' => $this->one(array_column(Fault::cases(), 'value')), 'at' => $at] + ($this->chance(5) ? ['other' => $this->position()] : [])),
        };
    }

    private function works(): void
    {
        $bench = $this->bench;
        [$position, $step] = [$this->position(), $this->step()];
        match ($this->random->getInt(0, 13)) {
            0 => $bench->does('loosened', ['positions' => [$position, 'nowhere']]),
            1 => $bench->does('loosened', ['positions' => [$position]]),
            2 => $bench->does('loosened', ['positions' => array_map(strval(...), array_keys($bench->fold->plan->positions))]),
            3 => $bench->does('fastener_replaced', ['position' => $position, 'lot' => 'L']),
            4 => $bench->does('fasteners_fitted', ['positions' => [$position], 'lot' => 'L', 'set' => $this->one(['real', 'trial'])]),
            5 => $bench->does('fastener_checked', ['position' => $position, 'passes' => $this->chance(5)]),
            6 => $bench->does('inspected', ['at' => $this->one([$position, $step]), 'finds' => $this->one(['sound', 'damaged']), 'work' => 'adjusted']),
            7 => $bench->does('thread_repaired', ['position' => $position, 'kind' => 'insert']),
            8 => $bench->does('repair_accepted', ['position' => $position], $this->one(['ann', 'lead'])),
            9 => $bench->does('cleaned', ['positions' => [$position]]),
            10 => $bench->does('agent_applied', ['agent' => $bench->fold->plan->agents[0]->key ?: 'oil', 'positions' => [$position], 'lot' => 'L']),
            11 => $bench->does('gasket_replaced', ['gasket' => $bench->fold->plan->consumables[0]->key ?? 'none']),
            12 => $bench->does('restarted', $this->one([['scope' => 'position', 'key' => $position], ['scope' => 'part', 'key' => $this->part()], ['scope' => 'joint', 'key' => 'joint']])),
            default => $this->chance(5) ? $bench->does('zeroed', ['position' => $position]) : $bench->does('free_length_measured', ['position' => $position, 'length' => '2 in']),
        };
    }

    private function happens(): void
    {
        $bench = $this->bench;
        $step = $this->step();
        match ($this->random->getInt(0, 16)) {
            11 => $bench->does('aid_fitted', ['aid' => $this->aid(), 'at' => $this->one(['joint', 'place1'])]),
            12 => $bench->does('aid_removed', ['aid' => $this->aid(), 'at' => $this->one(['joint', 'place1'])]),
            13 => $bench->does('shaft_turned'),
            14 => $bench->does('second_look', ['steps' => [$step], 'finds' => $this->one(['as_recorded', 'as_recorded', 'differs'])], $this->one(['ann', 'cy'])),
            15 => $bench->does('identity_read', ['step' => $step, 'reads' => $this->one(['K7', 'k 7', 'K8'])]),
            16 => $bench->does('tool_set', ['tool' => 'W1', 'shows' => $this->value($step), 'adapter' => 'A1', 'when' => $this->one(['before', 'after'])]),
            0, 1 => $bench->does('disposed', ['step' => $this->one([$step, $bench->state()->faults[0]->step ?? $step]), 'disposition' => $this->one(['use_as_is', 'rework', 'replace', 'scrap'])], 'lead'),
            2 => $bench->does('deferred', ['steps' => [$step], 'reason' => 'no part']),
            3 => $bench->does('deferred_work_done', ['steps' => [$step]]),
            4 => $bench->does('tool_set', ['tool' => 'W1', 'shows' => $this->value($step)]),
            5 => $bench->does('reading_withdrawn', ['reading' => $bench->fold->state->live($step)?->id() ?? 'e0', 'step' => $step, 'second_person' => 'bo']),
            6 => $bench->does('marked', ['positions' => [$this->position()], 'mark' => $this->one(['first', $bench->fold->plan->step($step)->stage])]),
            7 => $bench->does('second_person_joined', ['second_person' => 'bo']),
            8 => $bench->takenOver(...$this->one([['bo', 'bench2'], ['ann', 'bench1']])),
            9 => $bench->wait($this->random->getInt(1, 1200)),
            default => $bench->does('run_finished'),
        };
    }

    /** One of the procedure's, or one that nobody has described. */
    private function aid(): string
    {
        return (string) $this->one([...array_keys($this->bench->fold->plan->rigging->aids), 'rag']);
    }

    private function step(): string
    {
        $next = $this->bench->next();

        return $next !== null && $this->chance(5) ? $next : $this->one($this->bench->fold->plan->steps)->id;
    }

    /** What the step wants, a little beside it, or anything at all. */
    private function value(string $id): string
    {
        $step = $this->bench->fold->plan->step($id);
        $target = $step instanceof MeasuredStep ? $step->target ?? $step->window->low ?? $step->window?->high : null;
        $share = $this->one([100, 100, 93, 108, 300]);

        return $target !== null && $this->chance(6)
            ? Written::of(rtrim(rtrim(sprintf('%.5F', (float) $target->digits * $share / 100), '0'), '.'), $target->unit)->typeset()
            : $this->one(['0.0060 in', '2.0055 in', '15 lbf·ft', '150°', '999 N·m', '0.1 N·m', '5 mm', '60 lbf·ft', '1°']);
    }

    private function position(): string
    {
        return (string) $this->one(array_keys($this->bench->fold->plan->positions));
    }

    private function part(): string
    {
        return $this->bench->fold->plan->positions[$this->position()]->part;
    }

    private function chance(int $ofTen): bool
    {
        return $this->random->getInt(1, 10) <= $ofTen;
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
