<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Hands;
use Tekkal\Core\Run\Effect\RunIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\Stroke;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Effect\ToolIs;

/**
 * The registers of a run as one object: to keep a long run from being folded for each reading, and to compare two folds
 * byte for byte. It is no record: it can be made again from the entries at any time, and another version is dropped.
 */
final class StateCodec
{
    /** Raised when a register is added or written otherwise. */
    public const VERSION = 1;

    /** @return array<string, mixed> */
    public static function toBody(State $state): array
    {
        $registers = $state->registers();
        $status = [];
        foreach ($registers->status as $step => $is) {
            $status[] = ['step' => (string) $step, 'is' => $is->value];
        }

        return array_filter([
            'v' => self::VERSION,
            'seq' => $registers->seq,
            'hands' => $registers->hands?->toBody(),
            'run' => $registers->run->toBody(),
            'tools' => array_map(fn (ToolIs $t): array => $t->toBody(), array_values($registers->tools)),
            'settings' => array_map(fn (SettingIs $s): array => $s->toBody(), array_values($registers->settings)),
            'strokes' => array_map(fn (Stroke $s): array => $s->toBody(), array_values($registers->strokes)),
            'attempts' => array_map(self::attempt(...), array_merge(...array_values($registers->attempts))),
            'status' => $status,
            'cases' => array_map(fn (CaseState $c): array => $c->toBody(), array_values($registers->cases)),
            'things' => array_map(self::thing(...), array_merge(...array_values(array_map(array_values(...), $registers->things)))),
            'facts' => self::facts($registers->facts),
            'doubts' => array_map(strval(...), array_keys($registers->doubts)),
            'seen' => array_map(strval(...), array_keys($registers->seen)),
            'last_result' => $registers->lastResult?->toBody(),
        ], fn (mixed $v): bool => $v !== null && $v !== []);
    }

    /**
     * @param  array<mixed>  $object
     *
     * @throws UnreadableBody when it is of another version, or not what toBody() writes
     */
    public static function fromBody(array $object): State
    {
        $body = new Body($object);
        if ($body->count('v') !== self::VERSION) {
            throw UnreadableBody::at('v', $body->count('v'), (string) self::VERSION);
        }
        $r = new Registers($body->count('seq'));
        [$hands, $run, $last] = [$body->optionalObject('hands'), $body->optionalObject('run'), $body->optionalObject('last_result')];
        $r->hands = $hands === null ? null : Hands::fromBody($hands);
        $r->run = $run === null ? $r->run : RunIs::fromBody($run);
        $r->lastResult = $last === null ? null : Stamp::bareOf($last);
        foreach (array_map(ToolIs::fromBody(...), $body->objects('tools')) as $tool) {
            $r->tools[$tool->quantity->value] = $tool;
        }
        foreach (array_map(SettingIs::fromBody(...), $body->objects('settings')) as $setting) {
            $r->settings[$setting->tool] = $setting;
        }
        foreach (array_map(Stroke::fromBody(...), $body->objects('strokes')) as $stroke) {
            $r->strokes[$stroke->step] = $stroke;
        }
        self::readSteps($body, $r);
        self::readPlaces($body, $r);
        $r->doubts = array_fill_keys($body->texts('doubts'), true);
        $r->seen = array_fill_keys($body->texts('seen'), true);

        return State::of($r);
    }

    private static function readSteps(Body $body, Registers $r): void
    {
        foreach ($body->objects('attempts') as $one) {
            $attempt = new Attempt(Stood::fromBody($one->object('stood')), Stamp::bareOf($one->object('by')), $one->count('seq'), $one->word('status', AttemptStatus::class));
            $r->attempts[$attempt->stood->step][] = $attempt;
        }
        foreach ($body->objects('status') as $one) {
            $r->status[$one->key('step')] = $one->word('is', StepStatus::class);
        }
        foreach (array_map(CaseState::fromBody(...), $body->objects('cases')) as $case) {
            $r->cases[$case->case->id] = $case;
        }
    }

    private static function readPlaces(Body $body, Registers $r): void
    {
        foreach ($body->objects('things') as $one) {
            $thing = ThingIs::fromBody($one->object('thing'))->thing;
            $r->things[$thing->at][$thing->register()] = [$thing, Stamp::bareOf($one->object('by'))];
        }
        foreach (array_map(FactIs::fromBody(...), $body->objects('facts')) as $fact) {
            $r->facts[$fact->key][$fact->at] = (string) $fact->value;
        }
    }

    /** @return array<string, mixed> */
    private static function attempt(Attempt $attempt): array
    {
        return ['stood' => $attempt->stood->toBody(), 'by' => $attempt->stamp->toBody(), 'seq' => $attempt->seq, 'status' => $attempt->status->value];
    }

    /**
     * @param  array{Thing, Stamp}  $thing
     * @return array<string, mixed>
     */
    private static function thing(array $thing): array
    {
        return ['thing' => $thing[0]->toBody(), 'by' => $thing[1]->toBody()];
    }

    /**
     * @param  array<string, array<string, string>>  $facts
     * @return list<array<string, mixed>>
     */
    private static function facts(array $facts): array
    {
        $all = [];
        foreach ($facts as $key => $places) {
            foreach ($places as $at => $value) {
                $all[] = (new FactIs((string) $at, (string) $key, $value))->toBody();
            }
        }

        return $all;
    }
}
