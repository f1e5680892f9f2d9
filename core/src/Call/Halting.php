<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;

/**
 * What a bench shows where the shop has stopped what a run goes by, works with or has in. It halts as soon as no hand is on
 * it: what was pulled as the stop came is told, nothing more is pulled, and whoever stands there hears how the metal is left
 * – an angle where it is with its line, a partner stood down, what dries, what is in. An angle is never turned on to its end
 * for that, since its end may be what is wrong. Common practice, no source.
 */
final readonly class Halting
{
    /** Calls in which a hand may be on the metal as the stop comes. */
    private const IN_HAND = [CallKind::Read, CallKind::Click, CallKind::Count, CallKind::Turn, CallKind::Stretch, CallKind::Hold, CallKind::Verify];

    /** @param  list<StopOrder>  $stops  in force */
    public function __construct(private RunFold $run, private array $stops)
    {
    }

    /** The stop that holds this run now; null where none does. */
    public function stop(): ?StopOrder
    {
        // What stands on a card has been done: it is typed in to its end.
        if ($this->run->paper->card() !== null) {
            return null;
        }
        foreach ($this->stops as $stop) {
            // A fault is the way in which fasteners of a lot come out.
            if ($this->holds($stop) && ! ($stop->isLot() && $this->run->stoppedAt() !== null)) {
                return $stop;
            }
        }

        return null;
    }

    /** What is shown in place of a call; null where it may go on. */
    public function instead(Call $call): ?Call
    {
        $stop = $call->kind === CallKind::Finished ? null : $this->stop();
        if ($stop === null) {
            return null;
        }
        $inHand = ! $stop->seen && in_array($call->kind, self::IN_HAND, true) ? ['in_hand' => $call->toArray()] : [];

        return (new Call(CallKind::Halted, $stop->title, $this->safely($stop), new At($call->step, $call->position)))->with(['halt' => $stop->toBody()] + $inHand);
    }

    private function holds(StopOrder $stop): bool
    {
        return match (true) {
            $stop->isLot() => $stop->placesIn($this->run->state) !== [],
            // Another tool goes on in its place, once it is known here.
            $stop->what === StopOrder::TOOL => ! $stop->seen && $this->isTaken($stop->key),
            default => true,
        };
    }

    private function isTaken(string $tool): bool
    {
        foreach (ToolUse::cases() as $use) {
            if ($this->run->state->tool($use)?->tool === $tool) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what is done now, and how the metal stands, the most important first */
    private function safely(StopOrder $stop): array
    {
        if ($stop->what === StopOrder::TOOL) {
            return ['Take it off and put it aside; do not set it back or try it.', 'Then go on with another one: the next call says which may be used.'];
        }
        $partner = $this->run->state->hands()?->partner;

        return array_values(array_filter([
            'Take the wrench off, and pull nothing more.',
            $partner === null ? null : 'Your partner lets go and stands down.',
            ...array_map(fn (string $says): string => ucfirst($says).': leave it there, with its line.', (new Metal($this->run))->underWay()),
            $this->uneven(),
            $this->drying(),
            $this->in(),
            $stop->isLot() ? sprintf('Of that lot: %s. They come out by “Something is wrong”, and others go in.', $this->run->names->placesOf($stop->placesIn($this->run->state))) : null,
        ]));
    }

    /** A round that is on some of its bolts and not on the others. */
    private function uneven(): ?string
    {
        $next = $this->run->steps->nextStep();
        $of = $next === null ? [] : array_values(array_filter($this->run->steps->stepsOf($next->stage, $next->leg), fn (Step $s): bool => $s->kind->tightens()));
        $done = count(array_filter($of, fn (Step $s): bool => ! $this->run->steps->status($s)->isOpen()));

        return $done === 0 || $done === count($of) ? null : sprintf('This round is on %d of %d: the joint stands uneven, and nothing is put on it or turned over.', $done, count($of));
    }

    private function drying(): ?string
    {
        $wet = array_unique(array_merge([], ...array_map(fn (array $r): array => array_map(strval(...), array_keys($r['positions'])), $this->run->expiry->running())));

        return $wet === [] ? null : sprintf('What is on the threads goes on drying at %s: what is not tight when its time is over comes out.', $this->run->names->places(array_values($wet)));
    }

    private function in(): ?string
    {
        $in = array_values($this->run->aids->left());

        return $in === [] ? null : sprintf('Still in, and stays in: %s.', implode(', ', $in));
    }
}
