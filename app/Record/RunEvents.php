<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use DateTimeImmutable;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Turns a run's entries back into the core's events, each with the outcome it had when it was recorded. */
final class RunEvents
{
    /** Null for entries that say something about a run without being part of it. */
    public static function event(Entry $e): ?Event
    {
        return match ($e->type()) {
            'run_begun' => new RunBegun($e->text('person'), $e->text('device')),
            'run_taken_over' => new RunTakenOver($e->text('person'), $e->text('device')),
            'tool_taken' => new ToolTaken(Kind::from($e->text('data.quantity')), $e->text('data.tool')),
            'reading_taken' => new ReadingTaken(
                $e->id(),
                $e->text('step'),
                Written::fromCode($e->text('data.value'), $e->text('data.unit')),
                ReadingSource::from($e->text('data.source')),
                $e->text('data.tool'),
                new Stamp($e->text('person'), $e->text('device'), new DateTimeImmutable($e->text('data.taken_at'))),
            ),
            'reading_withdrawn' => new ReadingWithdrawn($e->text('data.reading'), $e->optional('data.second_person')),
            'backed_off' => new BackedOff($e->text('step'), $e->text('device')),
            'run_finished' => new RunFinished,
            default => null,
        };
    }

    public static function outcome(Entry $e): Outcome
    {
        $verdict = $e->optional('verdict');
        $reason = $e->optional('standing_reason');

        return Outcome::stored(
            Standing::from($e->optional('standing') ?? Standing::Applied->value),
            $reason === null ? null : SetAsideReason::from($reason),
            $verdict === null ? null : new Judgement(Verdict::from($verdict), EvidenceGrade::from($e->text('evidence')), $e->text('reason')),
            in_array(FindingKind::OutOfSequence->value, $e->texts('flags'), true),
        );
    }
}
