<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Queries\ToolChoice;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Record\Queries\RunHistory;
use Tekkal\Core\Plan\StraightGoal;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;

/** Writes what the record keeps of an observation: as it was sent, as it was judged, and what the verdict rests on. */
final readonly class ObservationDraft
{
    public function __construct(
        private ToolChoice $tools,
        private ErasableTexts $texts,
    ) {
    }

    public function reading(RunContext $context, RunState $before, Received $received, ObservedReading $reading, ObservedAt $at, Outcome $outcome): Draft
    {
        $goal = $outcome->isApplied() ? $context->plan->step($at->step)->straight() : null;
        $use = $this->use($received, $reading, $goal);
        $findings = (new ObservationFindings($context, $received))->ofReading($reading, $before, $outcome, $use, $goal);
        $judged = $outcome->judgement;

        return $this->draft($received, 'reading_taken', RunHistory::stream($at->run), $context->concerns($at->step), $this->readingData($received, $reading, $at) + $use->data() + array_filter([
            'attempt' => $outcome->isApplied() ? count($before->attemptsAt($at->step)) + 1 : null,
            'low' => $goal?->low->toArray(),
            'high' => $goal?->high->toArray(),
            'findings' => $findings === [] ? null : $findings,
        ], fn (mixed $v): bool => $v !== null))->decided(new Decision(
            $outcome->standing->value, $outcome->reason?->value, $judged?->verdict->value, $judged?->evidence->value, $judged?->reason, $use->restsOn(), array_keys($findings),
        ));
    }

    /** @param  list<string>  $lost the readings that no longer stand */
    public function backedOff(RunContext $context, Received $received, ObservedAt $at, Outcome $outcome, array $lost): Draft
    {
        $findings = (new ObservationFindings($context, $received))->ofCircumstances();

        return $this->draft(
            $received, 'backed_off', RunHistory::stream($at->run), $context->concerns($at->step),
            ['run' => $at->run, 'retires' => $lost] + ($findings === [] ? [] : ['findings' => $findings]),
        )->decided(new Decision($outcome->standing->value, $outcome->reason?->value, flags: array_keys($findings)));
    }

    /** An observation that fits no run known here waits under its tool, or under the bench that sent it. */
    public function inTray(Received $received, ObservedAt $at): Draft
    {
        $reading = $received->observation->reading;
        $stream = $reading === null || $this->tool($reading->tool) === null ? 'device/'.$received->sitting->device : 'tool/'.$reading->tool;

        return $this->draft(
            $received, $reading === null ? 'backed_off' : 'reading_taken', $stream, new Concerns(step: $at->step),
            $reading === null ? ['run' => $at->run, 'retires' => []] : $this->readingData($received, $reading, $at),
        )->decided(self::waiting(SetAsideReason::RunUnknown));
    }

    /** What stands for an observation that could not be read waits in the tray too; its bytes lie beside the record. */
    public function unread(Received $received, Unread $unread): Draft
    {
        return $this->draft($received, Observation::UNREADABLE, 'device/'.$received->sitting->device, new Concerns, [
            'hash' => $unread->hash, 'told' => $unread->told, 'bytes_hash' => $this->texts->keep($received->observation->id, 'bytes', $unread->bytes), 'taken_at' => $received->takenAtText(),
        ])->decided(self::waiting(SetAsideReason::Unreadable));
    }

    private static function waiting(SetAsideReason $reason): Decision
    {
        return new Decision(Standing::Tray->value, $reason->value);
    }

    /** @param  array<string, mixed>  $data */
    private function draft(Received $received, string $type, string $stream, Concerns $concerns, array $data): Draft
    {
        return (new Draft($received->observation->id, $type, $stream, $received->sitting->person, $data, $concerns))->sent($received->sending());
    }

    private function use(Received $received, ObservedReading $reading, ?StraightGoal $goal): ToolUse
    {
        $tool = $this->tool($reading->tool);
        $fitness = $tool === null || $goal === null ? null : $this->tools->fitness($tool, $goal, ToolBook::day($received->takenAt()));

        return new ToolUse($tool, $fitness, $tool?->calibrations->firstWhere('entry_id', $fitness?->calibration?->id));
    }

    /** The readings of a batch come from few tools, so each is looked up once. */
    private function tool(string $id): ?ToolRow
    {
        return once(fn (): ?ToolRow => ToolBook::find($id));
    }

    /** @return array<string, mixed> */
    private function readingData(Received $received, ObservedReading $reading, ObservedAt $at): array
    {
        return [
            'run' => $at->run, 'value' => $reading->value->digits, 'unit' => $reading->value->unit->code(), 'raw' => $reading->raw, 'source' => $reading->source()->value,
            'tool' => $reading->tool, 'device_verdict' => $reading->deviceVerdict, 'taken_at' => $received->takenAtText(),
        ];
    }
}
