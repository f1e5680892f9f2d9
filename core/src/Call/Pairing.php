<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Unit\Written;

/**
 * Which fasteners go together on a part where the whole fastener is measured: all free lengths are taken first, and the
 * nearest are paired, so that the two of a part stretch alike. Of any ways to pair an even number of lengths, each with its
 * neighbour in their order is the one whose differences come to the least.
 */
final readonly class Pairing
{
    public function __construct(private RunFold $run)
    {
    }

    /**
     * The first position of the round, this one's apart, whose free length is still wanting; null where none is, or its step
     * wants none. Once the round has begun each is asked for with its own bolt, and what is put off is not asked for.
     */
    public function unmeasured(Step $step): ?string
    {
        $unmeasured = null;
        foreach ($this->round($step) as $other) {
            if ($this->run->steps->live($other->id) !== null) {
                return null;
            }
            $isWanting = $other->position !== $step->position && $this->run->steps->status($other) === StepStatus::ToDo
                && $this->run->fasteners->isFree($other->position) && $this->run->fasteners->freeLength($other->position) === null;
            $unmeasured ??= $isWanting ? $other->position : null;
        }

        return $unmeasured;
    }

    /**
     * @return list<array{positions: array{string, string}, apart: Written, together: bool}> by their lengths, the shortest
     *                                                                                        first; empty where parts hold other than two, one is not measured yet, or the round has begun
     */
    public function pairs(Step $step): array
    {
        $lengths = [];
        foreach (array_unique(array_map(fn (Step $s): string => $s->position, $this->round($step))) as $position) {
            $length = $this->run->fasteners->freeLength($position);
            if ($length === null || ! $this->run->fasteners->isFree($position) || count($this->partners($position)) !== 2) {
                return [];
            }
            $lengths[$position] = $length;
        }
        $pairs = [];
        foreach (self::nearest($lengths) as [$one, $other]) {
            $pairs[] = ['positions' => [$one, $other], 'apart' => self::apart($lengths[$one], $lengths[$other]), 'together' => in_array($other, $this->partners($one), true)];
        }

        return $pairs;
    }

    /**
     * @param  array<string, Written>  $lengths  by position; of an odd number the longest stays alone
     * @return list<array{string, string}>
     */
    public static function nearest(array $lengths): array
    {
        uasort($lengths, fn (Written $a, Written $b): int => $a->isGreaterThan($b) <=> $b->isGreaterThan($a));
        $pairs = [];
        foreach (array_chunk(array_map(strval(...), array_keys($lengths)), 2) as $pair) {
            if (isset($pair[1])) {
                $pairs[] = [$pair[0], $pair[1]];
            }
        }

        return $pairs;
    }

    private static function apart(Written $one, Written $other): Written
    {
        return $one->minus($other, RoundingMode::HALF_UP) ?? $other->minus($one, RoundingMode::HALF_UP) ?? $one;
    }

    /** @return list<Step> its round, where that goes by the length of the whole fastener */
    private function round(Step $step): array
    {
        $own = $step->rules->own;

        return $own instanceof StretchStage && $own->absolute ? $this->run->steps->stepsOf($step->stage) : [];
    }

    /** @return list<string> what is on the same part, itself among them */
    private function partners(string $position): array
    {
        return $this->run->plan->positionsIn(Scope::Part, $position);
    }
}
