<?php

declare(strict_types=1);

namespace App\Bench;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\CribRack;
use App\Crib\Queries\ToolBook;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Record\Queries\RunHistory;
use App\Record\Queries\StopsInForce;
use Tekkal\Core\Call\StopFindings;
use Tekkal\Core\Call\ToolFindings;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Surroundings;

/** Lets the core decide about an observation, with all that the server knows around it, and writes what the record keeps of it. */
final readonly class ObservedOutcome
{
    public function __construct(private ErasableTexts $texts)
    {
    }

    /** @param  int  $seq  number of the entry that it will be */
    public function inRun(RunContext $context, Received $received, int $seq): Draft
    {
        $observation = $received->observation;
        $flat = $received->event($context->fold->state->hands()?->partner, $this->texts->keep($observation->id, 'reason', $observation->text));
        $event = EventTypes::read($flat);
        $uses = $this->uses($received);
        $crib = new ToolFindings($context->fold, CribRack::of(array_column($uses, 'tool'), $received->takenAt()));
        $source = $this->sourceOf($event);
        $outcome = $context->fold->decide($event, new Surroundings(
            $seq,
            $context->run->subject === $observation->at('subject') ? null : SetAsideReason::WrongBuild,
            [...$crib->of($event), ...(new StopFindings($context->fold, StopsInForce::here()->orders($context->run->revision, null, $received->takenAt())))->of($event), ...(new ObservationFindings($context->run, $received))->of($event, $source)],
            $source, $crib->code($event),
        ));

        return Draft::ofEvent($flat, new Decision($outcome->toBody(), array_merge([], ...array_map(fn (ToolUse $u): array => $u->restsOn(), $uses)), self::isSimulated($event)), RunHistory::stream($context->run->id), $context->concerns())->sent($received->sending());
    }

    /** An observation that fits no run known here waits under its tool, or under the bench that sent it. */
    public function inTray(Received $received): Draft
    {
        $observation = $received->observation;
        $tool = $observation->tool();
        $stream = $tool === null || $this->tool($tool) === null ? 'device/'.$received->sitting->device : 'tool/'.$tool;
        $flat = $received->event(null, $this->texts->keep($observation->id, 'reason', $observation->text));

        return $this->waiting($flat, $stream, SetAsideReason::RunUnknown, $received);
    }

    /** What stands for an observation that could not be read waits in the tray too; its bytes lie beside the record. */
    public function unread(Received $received, Unread $unread): Draft
    {
        $bytes = $this->texts->keep($received->observation->id, 'bytes', $unread->bytes);

        return $this->waiting($received->event(null, null) + ($bytes === null ? [] : ['bytes_hash' => $bytes]), 'device/'.$received->sitting->device, SetAsideReason::Unreadable, $received);
    }

    /** @param  array<string, mixed>  $flat */
    private function waiting(array $flat, string $stream, SetAsideReason $reason, Received $received): Draft
    {
        $simulated = ($flat['source'] ?? null) === ReadingSource::SimulatedTool->value;

        return Draft::ofEvent($flat, new Decision(Outcome::inTray($reason)->toBody(), [], $simulated), $stream, new Concerns)->sent($received->sending());
    }

    /**
     * The tools that it names, each as the crib knew it then.
     *
     * @return list<ToolUse>
     */
    private function uses(Received $received): array
    {
        $day = ToolBook::day($received->takenAt());

        return array_map(function (ToolRow $tool) use ($day): ToolUse {
            $calibration = ToolBook::historyOf($tool->calibrations)->latestOn($day);

            return new ToolUse($tool, $tool->calibrations->first(fn (CalibrationRow $c): bool => $c->entry_id === $calibration?->id));
        }, array_values(array_filter(array_map($this->tool(...), $received->observation->tools()))));
    }

    /** The readings of a batch come from few tools, so each is looked up once. */
    private function tool(string $id): ?ToolRow
    {
        return once(fn (): ?ToolRow => ToolBook::find($id));
    }

    /**
     * Where a value came from, as far as the server can know better: no tool is connected to a bench yet, and simulated ones
     * exist in a demo only. Whatever else is claimed was typed, and may be withdrawn like it.
     */
    private function sourceOf(Event $event): ?ReadingSource
    {
        return match (true) {
            ! $event instanceof ReadingTaken => null,
            $event->source === ReadingSource::SimulatedTool && config('shop.demo') === true, $event->source === ReadingSource::Transcribed => $event->source,
            default => ReadingSource::Typed,
        };
    }

    private static function isSimulated(Event $event): bool
    {
        return $event instanceof ReadingTaken && $event->source === ReadingSource::SimulatedTool;
    }
}
