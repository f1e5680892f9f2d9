<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Queries\ToolChoice;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Ledger\Draft;
use App\People\Models\Sitting;
use App\Record\FindingKind;
use App\Record\Queries\RunHistory;
use DateTimeImmutable;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Tool\Fitness;

/** Writes what the record keeps of an observation: as it was sent, as it was judged, and what the verdict rests on. */
final readonly class ObservationDraft
{
    public function __construct(private ToolChoice $tools)
    {
    }

    /** The device's time put right by the measured skew, never later than now. */
    public static function takenAt(Observation $o, int $skewMs): DateTimeImmutable
    {
        $corrected = $o->deviceTime->modify(sprintf('%+d milliseconds', $skewMs));

        return min($corrected, now()->toDateTimeImmutable());
    }

    public function reading(RunContext $context, RunState $before, Observation $o, Sitting $sitting, int $skewMs, Outcome $outcome): Draft
    {
        $tool = $this->tool($o->tool);
        $takenAt = self::takenAt($o, $skewMs);
        $fitness = $tool === null || ! $outcome->isApplied() ? null : $this->tools->fitness($tool, $context->plan->step($o->step), ToolBook::day($takenAt));
        $findings = $this->findings($before, $o, $sitting, $outcome, $tool, $fitness);
        $calibration = $this->calibration($fitness?->calibration?->id);

        return new Draft(...[
            ...$this->common($o, $sitting, $skewMs, 'reading_taken', RunHistory::stream($o->run)), ...$context->header(), ...$this->standing($outcome),
            'verdict' => $outcome->judgement?->verdict->value,
            'evidence' => $outcome->judgement?->evidence->value,
            'reason' => $outcome->judgement?->reason,
            'restsOn' => array_filter(['tool' => $tool === null ? null : ToolBook::setUpHash($tool), 'calibration' => $calibration?->leaf_hash]),
            'flags' => array_keys($findings),
            'data' => $this->readingData($o, $takenAt) + array_filter([
                'tool_code' => $tool?->code,
                'calibration' => $calibration?->entry_id,
                'attempt' => $outcome->isApplied() ? count($before->attemptsAt($o->step)) + 1 : null,
                'low' => $outcome->isApplied() ? $context->plan->step($o->step)->window->low->toArray() : null,
                'high' => $outcome->isApplied() ? $context->plan->step($o->step)->window->high->toArray() : null,
                'findings' => $findings === [] ? null : $findings,
            ], fn (mixed $v): bool => $v !== null),
        ]);
    }

    /** @param  list<string>  $lost the readings that no longer stand */
    public function backedOff(RunContext $context, Observation $o, Sitting $sitting, int $skewMs, Outcome $outcome, array $lost): Draft
    {
        return new Draft(...[
            ...$this->common($o, $sitting, $skewMs, 'backed_off', RunHistory::stream($o->run)), ...$context->header(), ...$this->standing($outcome),
            'data' => ['run' => $o->run, 'retires' => $lost],
        ]);
    }

    /** An observation that fits no run known here waits under its tool, or under the bench that sent it. */
    public function inTray(Observation $o, Sitting $sitting, int $skewMs): Draft
    {
        $stream = $this->tool($o->tool) === null ? 'device/'.$sitting->device : 'tool/'.$o->tool;

        return new Draft(...[
            ...$this->common($o, $sitting, $skewMs, $o->isReading() ? 'reading_taken' : 'backed_off', $stream),
            'standing' => Standing::Tray->value, 'standingReason' => SetAsideReason::RunUnknown->value,
            'data' => $o->isReading() ? $this->readingData($o, self::takenAt($o, $skewMs)) : ['run' => $o->run, 'retires' => []],
        ]);
    }

    /** The readings of a batch come from few tools, so each is looked up once. */
    private function tool(?string $id): ?ToolRow
    {
        return $id === null ? null : once(fn (): ?ToolRow => ToolRow::query()->find($id));
    }

    private function calibration(?string $entry): ?CalibrationRow
    {
        return $entry === null ? null : once(fn (): ?CalibrationRow => CalibrationRow::query()->find($entry));
    }

    /** @return array<string, mixed> */
    private function common(Observation $o, Sitting $sitting, int $skewMs, string $type, string $stream): array
    {
        return [
            'id' => $o->id, 'type' => $type, 'stream' => $stream, 'person' => $sitting->person, 'step' => $o->step,
            'sitting' => $sitting->id, 'device' => $sitting->device, 'deviceSeq' => $o->deviceSeq, 'sentHash' => $o->hash,
            'sent' => ['base_seq' => $o->baseSeq, 'device_time' => $o->deviceTime->format('Y-m-d\TH:i:s.uP'), 'mono_ms' => $o->monoMs, 'skew_ms' => $skewMs],
            'simulated' => $o->isSimulated(),
        ];
    }

    /** @return array{standing: string, standingReason: string|null} */
    private function standing(Outcome $outcome): array
    {
        return ['standing' => $outcome->standing->value, 'standingReason' => $outcome->reason?->value];
    }

    /** @return array<string, mixed> */
    private function readingData(Observation $o, DateTimeImmutable $takenAt): array
    {
        return [
            'run' => $o->run, 'value' => $o->value?->digits, 'unit' => $o->value?->unit->code(), 'raw' => $o->raw, 'source' => $o->source?->value,
            'tool' => $o->tool, 'device_verdict' => $o->deviceVerdict,
            'taken_at' => $takenAt->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u\Z'),
        ];
    }

    /** @return array<string, string> sentences by kind */
    private function findings(RunState $before, Observation $o, Sitting $sitting, Outcome $outcome, ?ToolRow $tool, ?Fitness $fitness): array
    {
        $taken = $outcome->isApplied() ? $before->toolFor($before->plan->step($o->step)->quantity()) : null;
        $verdict = $outcome->judgement?->verdict->value;

        return array_filter([
            FindingKind::ToolNotFit->value => match (true) {
                $tool === null => 'The crib knows no tool of this id.',
                $fitness !== null && ! $fitness->isFit() => implode(' ', $fitness->reasons),
                default => null,
            },
            FindingKind::ToolNotTaken->value => $outcome->isApplied() && $taken !== $o->tool ? sprintf('%s is not the tool that had been taken for this round.', $tool->code ?? 'This') : null,
            FindingKind::OutOfSequence->value => $outcome->outOfSequence ? 'It was done before its turn in the sequence.' : null,
            FindingKind::VerdictDisagrees->value => $verdict !== null && $o->deviceVerdict !== $verdict ? sprintf('The bench judged it "%s", the server "%s"; the server\'s verdict stands.', $o->deviceVerdict, $verdict) : null,
            FindingKind::AfterSitting->value => $sitting->isLate($o->deviceSeq, now()->toImmutable()) ? 'It came after the sitting was closed, or more than 72 h after its end.' : null,
        ]);
    }
}
