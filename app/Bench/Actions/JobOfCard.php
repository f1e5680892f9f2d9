<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\Card;
use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\StoredRevision;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** A job that was worked on paper is begun by the revision that stood on its card, whatever has come into force since. */
final readonly class JobOfCard
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @throws Refused when the card is of another job, or cannot be typed in */
    public function of(string $number, string $assignmentId, string $person): Card
    {
        $card = Card::locked($number);
        if ($card->assignment !== $assignmentId) {
            throw new Refused(ProblemType::NotDone, "Card $number was printed for another job.", 409, ['field' => 'card', 'value' => $number]);
        }
        BeginPaper::canBeTyped($card);
        $job = Assignment::query()->lockForUpdate()->find($assignmentId);
        if ($job !== null && $job->begun_at === null && $job->revision !== $card->revision) {
            $this->recorder->append(new Draft(
                Ids::next(), 'procedure_moved', 'subject/'.$job->subject, $person, ['assignment' => $job->id, 'from' => $job->revision, 'revision' => $card->revision, 'card' => $number],
                new Concerns($job->subject, StoredRevision::query()->findOrFail($card->revision)->document_hash, $card->plan_hash, $job->joint, $job->option),
            ));
        }

        return $card;
    }
}
