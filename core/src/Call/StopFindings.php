<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\AgentApplied;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FastenersFitted;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Thing;
use Tekkal\Core\Run\ThingKind;

/** What was done after the shop had stopped what it was done by, or with: it was done all the same, so it is kept, and flagged. */
final readonly class StopFindings
{
    /** @param  list<StopOrder>  $stops  that were in force when it was done */
    public function __construct(private RunFold $run, private array $stops)
    {
    }

    /** @return list<Found> at most one of each kind */
    public function of(Event $event): array
    {
        $after = $lots = [];
        foreach ($this->isCopied() ? [] : $this->stops as $stop) {
            if (self::bringsIn($event, $stop)) {
                $lots[] = $stop->says;
            } elseif ($this->isPulledUnder($event, $stop)) {
                $after[] = $stop->says;
            }
        }

        return array_values(array_filter([self::found(FindingKind::StoppedLot, $lots), self::found(FindingKind::AfterStop, $after)]));
    }

    /** When what stands on a card was done nobody here can say. */
    private function isCopied(): bool
    {
        return $this->run->paper->card() !== null;
    }

    private static function bringsIn(Event $event, StopOrder $stop): bool
    {
        return match (true) {
            $event instanceof FastenersFitted, $event instanceof FastenerReplaced => $stop->isOf(ThingKind::Bolt, $event->lot),
            $event instanceof AgentApplied => $stop->isOf(ThingKind::Agent, $event->lot),
            default => false,
        };
    }

    private function isPulledUnder(Event $event, StopOrder $stop): bool
    {
        if (! $event instanceof ResultEvent && ! $event instanceof RoundAttested) {
            return false;
        }

        return $stop->what === StopOrder::REVISION || ($stop->isLot() && array_filter($this->metalOf($event), $stop->holds(...)) !== []);
    }

    /** @return list<Thing> */
    private function metalOf(ResultEvent|RoundAttested $event): array
    {
        $steps = match (true) {
            $event instanceof RoundAttested => $this->run->steps->stepsOf($event->stage, $event->leg),
            $this->run->plan->has($event->step) => [$this->run->plan->step($event->step)],
            default => [],
        };

        return array_merge([], ...array_map(fn ($step): array => $this->run->state->thingsAt($step->position), $steps));
    }

    /** @param  list<string>  $says */
    private static function found(FindingKind $kind, array $says): ?Found
    {
        return $says === [] ? null : new Found($kind, implode(' ', $says));
    }
}
