<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Queries\ToolChoice;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\People\Models\Sitting;
use App\Record\FindingKind;
use App\Record\Queries\RunHistory;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Tool\Fitness;

/** Writes what the record keeps of an observation: as it was sent, as it was judged, and what the verdict rests on. */
final readonly class ObservationDraft
{
    public function __construct(
        private ToolChoice $tools,
        private ErasableTexts $texts,
    ) {
    }

    /** The device's time put right by the measured skew, never later than now. */
    public static function takenAt(Observation $o, int $skewMs): DateTimeImmutable
    {
        $corrected = $o->deviceTime->modify(sprintf('%+d milliseconds', $skewMs));

        return min($corrected, now()->toDateTimeImmutable());
    }

    /** A device's clock may be a little ahead of what its batch says of it. */
    private const AHEAD_S = 5;

    private const LATE_HOURS = 72;

    public function reading(RunContext $context, RunState $before, Observation $o, Sitting $sitting, int $skewMs, Outcome $outcome): Draft
    {
        $tool = $this->tool($o->tool);
        $takenAt = self::takenAt($o, $skewMs);
        $fitness = $tool === null || ! $outcome->isApplied() ? null : $this->tools->fitness($tool, $context->plan->step((string) $o->step), ToolBook::day($takenAt));
        $findings = $this->findings($context, $before, $o, $sitting, $skewMs, $outcome, $tool, $fitness);
        $calibration = $this->calibration($fitness?->calibration?->id);

        return new Draft(...[
            ...$this->common($o, $sitting, $skewMs, 'reading_taken', RunHistory::stream((string) $o->run)), ...$context->header(), ...$this->standing($outcome),
            'verdict' => $outcome->judgement?->verdict->value,
            'evidence' => $outcome->judgement?->evidence->value,
            'reason' => $outcome->judgement?->reason,
            'restsOn' => array_filter(['tool' => $tool === null ? null : ToolBook::setUpHash($tool), 'calibration' => $calibration?->leaf_hash]),
            'flags' => array_keys($findings),
            'data' => $this->readingData($o, $takenAt) + array_filter([
                'tool_code' => $tool?->code,
                'calibration' => $calibration?->entry_id,
                'attempt' => $outcome->isApplied() ? count($before->attemptsAt((string) $o->step)) + 1 : null,
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
            ...$this->common($o, $sitting, $skewMs, 'backed_off', RunHistory::stream((string) $o->run)), ...$context->header(), ...$this->standing($outcome),
            'flags' => array_keys($findings = $this->circumstances($context, $o, $sitting, $skewMs)),
            'data' => ['run' => $o->run, 'retires' => $lost] + ($findings === [] ? [] : ['findings' => $findings]),
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

    /** What stands for an observation that could not be read waits in the tray too; its bytes lie beside the record. */
    public function unread(Observation $o, Sitting $sitting, int $skewMs): Draft
    {
        assert($o->unread !== null);

        return new Draft(...[
            ...$this->common($o, $sitting, $skewMs, Observation::UNREADABLE, 'device/'.$sitting->device),
            'standing' => Standing::Tray->value, 'standingReason' => SetAsideReason::Unreadable->value,
            'data' => [
                'hash' => $o->unread->hash, 'told' => $o->unread->told, 'bytes_hash' => $this->texts->keep($o->id, 'bytes', $o->unread->bytes),
                'taken_at' => self::takenAt($o, $skewMs)->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u\Z'),
            ],
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
            'run' => $o->run, 'value' => $o->value?->digits, 'unit' => $o->value?->unit->code(), 'raw' => $o->raw, 'source' => $o->source()?->value,
            'tool' => $o->tool, 'device_verdict' => $o->deviceVerdict,
            'taken_at' => $takenAt->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u\Z'),
        ];
    }

    /** @return array<string, string> sentences by kind */
    private function findings(RunContext $context, RunState $before, Observation $o, Sitting $sitting, int $skewMs, Outcome $outcome, ?ToolRow $tool, ?Fitness $fitness): array
    {
        $taken = $outcome->isApplied() ? $before->toolFor($before->plan->step((string) $o->step)->quantity()) : null;
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
            FindingKind::SourceDoubted->value => $o->source() !== $o->source ? sprintf('The bench said that it came from "%s"; no such tool is connected here, so it counts as typed.', $o->source?->value) : null,
        ]) + $this->circumstances($context, $o, $sitting, $skewMs);
    }

    /** @return array<string, string> sentences by kind: about who sent it and when, whatever it is */
    private function circumstances(RunContext $context, Observation $o, Sitting $sitting, int $skewMs): array
    {
        return array_filter([
            FindingKind::AfterSitting->value => $sitting->isLate($o->deviceSeq, now()->toImmutable()) ? 'It came after the sitting was closed, or more than 72 h after its end.' : null,
            FindingKind::NotHolder->value => $context->run->person !== $sitting->person ? 'It was done by somebody else than the one in whose hands the run was.' : null,
            FindingKind::TimeDoubtful->value => $this->doubtfulTime($context, $o, $skewMs),
            FindingKind::ResumedAfterIdle->value => $o->afterIdle ? 'The bench had locked itself, and somebody went on while no PIN could be checked.' : null,
        ]);
    }

    private function doubtfulTime(RunContext $context, Observation $o, int $skewMs): ?string
    {
        $clock = CarbonImmutable::instance($o->deviceTime->modify(sprintf('%+d milliseconds', $skewMs)));

        return match (true) {
            $clock->greaterThan(now()->addSeconds(self::AHEAD_S)) => 'By the clock of the bench it was done after it was sent.',
            $clock->lessThan($context->run->begun_at->subSeconds(self::AHEAD_S)) => 'By the clock of the bench it was done before the run began.',
            $clock->lessThan(now()->subHours(self::LATE_HOURS)) => sprintf('By the clock of the bench it was done %d days before it was sent.', (int) $clock->diffInDays(now())),
            default => null,
        };
    }
}
