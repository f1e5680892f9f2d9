<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\ClickAttested;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\StrokeAdded;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Run\Watched;
use Tekkal\Core\Run\WatchedQuantity;

/** What the crib has to say of a tool that was used, or taken: the pull is kept all the same, and flagged. */
final readonly class ToolFindings
{
    private const UNKNOWN = 'The crib knows no tool of this id.';

    private Needs $needs;

    public function __construct(private RunFold $run, private Rack $rack)
    {
        $this->needs = new Needs($run);
    }

    /** @return list<Found> at most one, with everything that is to be said */
    public function of(Event $event): array
    {
        $reasons = [];
        foreach ($this->uses($event) as [$id, $need]) {
            $tool = $this->rack->tool($id);
            array_push($reasons, ...($tool === null ? [self::UNKNOWN] : ($need === null ? [] : $need->whyNot($tool, $this->rack))));
        }

        return $reasons === [] ? [] : [new Found(FindingKind::ToolNotFit, implode(' ', array_unique($reasons)))];
    }

    /** What people call the tool that an event names first; null where it names none, or one that nobody knows. */
    public function code(Event $event): ?string
    {
        $uses = $this->uses($event);

        return $uses === [] ? null : $this->rack->tool($uses[0][0])?->tool->code;
    }

    /** @return list<array{string, Need|null}> the tools that an event names, each with what was asked of it */
    public function uses(Event $event): array
    {
        return match (true) {
            $event instanceof ToolTaken => [[$event->tool, $this->next($event->quantity)]],
            $event instanceof ReadingTaken => [[$event->tool, $this->needed($event, ToolUse::from($event->value->unit->kind()->value))], ...$this->watched($event, $event->watched)],
            $event instanceof StrokeAdded => [[$event->tool, $this->needed($event, ToolUse::Angle)]],
            $event instanceof ClickAttested => [[$event->tool, $this->main($event)], ...$this->watched($event, $event->watched)],
            $event instanceof MovementSeen => $event->tool === null ? [] : [[$event->tool, $this->main($event)]],
            $event instanceof RoundAttested => $event->tool === null ? [] : [[$event->tool, $this->round($event)]],
            default => [],
        };
    }

    /** What measures something else was not used for what the step asks. */
    private function needed(ResultEvent $event, ToolUse $use): ?Need
    {
        foreach ($this->at($event->step) as $need) {
            if ($need->use === $use) {
                return $need;
            }
        }

        return null;
    }

    private function main(ResultEvent $event): ?Need
    {
        return $this->at($event->step)[0] ?? null;
    }

    /**
     * @param  list<Watched>  $watched
     * @return list<array{string, Need|null}>
     */
    private function watched(ResultEvent $event, array $watched): array
    {
        $uses = [];
        foreach ($watched as $one) {
            $use = $one->what === WatchedQuantity::HeldTorque ? ToolUse::Held : ToolUse::from($one->value->unit->kind()->value);
            if ($one->tool !== null) {
                $uses[] = [$one->tool, $this->needed($event, $use)];
            }
        }

        return $uses;
    }

    /** @return list<Need> */
    private function at(string $step): array
    {
        return $this->run->plan->has($step) ? $this->needs->of($this->run->plan->step($step)) : [];
    }

    private function round(RoundAttested $event): ?Need
    {
        $step = $this->run->steps->stepsOf($event->stage, $event->leg)[0] ?? null;

        return $step === null ? null : $this->needs->main($step);
    }

    /** What the next step that needs such a tool asks of it. */
    private function next(ToolUse $use): ?Need
    {
        $open = array_filter($this->run->plan->steps, fn (Step $s): bool => $this->run->steps->status($s)->isOpen());
        foreach ($open as $step) {
            foreach ($this->needs->of($step) as $need) {
                if ($need->use === $use) {
                    return $need;
                }
            }
        }

        return null;
    }
}
