<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Lives of eight main-cap bolts of the invented shop, made of nothing but what its bench could record in the first format. */
final class ShopErrands
{
    private const DOCUMENT = __DIR__.'/../../../database/seeders/demo/tn3-main-caps.json';

    private Bench $bench;

    private function __construct()
    {
        $document = json_decode((string) file_get_contents(self::DOCUMENT), true, flags: JSON_THROW_ON_ERROR);
        assert(is_array($document));
        $this->bench = new Bench($document);
        $this->bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'TW-04']);
        $this->bench->does('tool_taken', ['quantity' => 'angle', 'tool' => 'AG-02']);
    }

    /** @return array<string, callable(): Bench> by name */
    public static function all(): array
    {
        $errands = [
            'straight' => fn (self $s) => $s->end(),
            'short' => fn (self $s) => $s->good(2)->pull('27.4 N.m')->backOff()->end(),
            'over' => fn (self $s) => $s->good(9)->pull('99 deg')->pull('58 deg')->backOff()->end(),
            'short-twice' => fn (self $s) => $s->pull('27.4 N.m')->backOff()->pull('20.0 N.m')->backOff()->end(),
            'withdrawn' => fn (self $s) => $s->good(1)->pull('31.0 N.m', id: 'a')->withdraw('a')->pull('310 N.m', id: 'b')->withdraw('b', 'bo')->end(),
            'withdrawal-refused' => fn (self $s) => $s->pull('310 N.m', id: 'a')->withdraw('a')->backOff()->pull('31.0 N.m', source: 'simulated_tool', id: 'c')->withdraw('c')->end(),
            'taken-over' => fn (self $s) => $s->good(4)->handOver('bo', 'bench2')->pull('31.0 N.m')->good(3, 'bo', 'bench2')->handOver('ann', 'bench1')->end(),
            'set-aside' => fn (self $s) => $s->good(2)->pull('31.0 N.m', at: 0)->pull('60 deg', at: 12)->pull('60 deg', at: 2)->good(1)->backOff()->end(),
            'out-of-sequence' => fn (self $s) => $s->good(1)->pull('31.0 N.m', at: 3)->end(),
            'overdue-wrench' => fn (self $s) => $s->good(1)->pull('23.5 lbf.ft', tool: 'TW-07')->end(),
            'left-in-the-middle' => fn (self $s) => $s->good(5),
            'stopped' => fn (self $s) => $s->good(3)->pull('27.4 N.m'),
            'finished-too-early-and-read-too-late' => fn (self $s) => $s->good(1)->finish()->end()->pull('31.0 N.m', at: 0),
        ];

        return array_combine(array_map(fn (string $n): string => "shop-$n", array_keys($errands)), array_map(fn (callable $e): callable => fn (): Bench => $e(new self)->bench, $errands));
    }

    /** The next steps, each in the middle of its window. */
    private function good(int $count, string $person = 'ann', string $device = 'bench1'): self
    {
        for ($i = 0; $i < $count; $i++) {
            $step = $this->next();
            $this->take($step, $step?->straightGoal()->target->code() ?? '', '', 'typed', null, ['person' => $person, 'device' => $device]);
        }

        return $this;
    }

    private function pull(string $value, ?int $at = null, string $tool = '', string $source = 'typed', ?string $id = null): self
    {
        $this->take($at === null ? $this->next() : $this->bench->fold->plan->steps[$at], $value, $tool, $source, $id, []);

        return $this;
    }

    private function backOff(): self
    {
        $this->bench->does('backed_off', ['step' => $this->bench->state()->stoppedAt ?? $this->bench->fold->plan->steps[0]->id, 'device' => 'bench1']);

        return $this;
    }

    private function withdraw(string $reading, ?string $second = null): self
    {
        $this->bench->does('reading_withdrawn', ['reading' => $reading] + ($second === null ? [] : ['second_person' => $second]));

        return $this;
    }

    private function handOver(string $person, string $device): self
    {
        $this->bench->takenOver($person, $device);

        return $this;
    }

    private function finish(): self
    {
        $this->bench->does('run_finished');

        return $this;
    }

    private function end(): self
    {
        return $this->good(count($this->bench->state()->remaining()))->finish();
    }

    private function next(): ?Step
    {
        $next = $this->bench->state()->nextStep;

        return $next === null ? null : $this->bench->fold->plan->step($next);
    }

    /** @param  array<string, mixed>  $who */
    private function take(?Step $step, string $value, string $tool, string $source, ?string $id, array $who): Outcome
    {
        $usual = str_ends_with($value, 'deg') ? 'AG-02' : 'TW-04';

        return $this->bench->wait(20)->does('reading_taken', $who + ['id' => $id ?? $this->bench->id(), 'step' => (string) $step?->id, 'value' => $value, 'tool' => $tool === '' ? $usual : $tool, 'source' => $source]);
    }
}
