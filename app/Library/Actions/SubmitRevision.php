<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Authors;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Models\WorkingDraft;
use App\Library\ProcedureSummaries;
use App\Library\Queries\Procedures;
use App\Library\RevisionState;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Ledger\CanonicalJson;

/** Hands a document in for review: from then on its bytes are fixed, and whoever signs signs those. */
final readonly class SubmitRevision
{
    public function __construct(private Recorder $recorder, private ProcedureSummaries $faces)
    {
    }

    /** @param  int  $version  of the draft that the author has seen */
    public function draft(Procedure $procedure, int $version, Person $author): StoredRevision
    {
        return $this->recorder->transaction(function () use ($procedure, $version, $author): StoredRevision {
            $draft = WorkingDraft::locked($procedure->id) ?? throw Refused::notFound('This procedure has no draft.');
            if ($draft->version !== $version) {
                throw new Refused(ProblemType::DraftChanged, 'The draft was saved by somebody else meanwhile. Look at it again before it goes to review.', 409, ['version' => $draft->version]);
            }
            $stored = $this->store($procedure, $draft->document(), $draft->answers(), $draft->letter, $author, Authors::ofDraft($procedure->id));
            $draft->delete();
            Authors::forget($procedure->id);
            $this->faces->refresh($procedure);

            return $stored;
        });
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<string, string>  $answers
     */
    public function __invoke(Procedure $procedure, array $document, Person $author, array $answers = []): StoredRevision
    {
        return $this->recorder->transaction(function () use ($procedure, $document, $answers, $author): StoredRevision {
            $stored = $this->store($procedure, $document, $answers, Procedures::nextLetter($procedure->id), $author);
            $this->faces->refresh($procedure);

            return $stored;
        });
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<string, string>  $answers
     * @param  list<string>  $writers  everybody who saved any of it
     */
    private function store(Procedure $procedure, array $document, array $answers, string $letter, Person $author, array $writers = []): StoredRevision
    {
        if (! $author->may(Ability::DraftProcedures)) {
            throw Refused::forbidden('Only a lead writes procedures.');
        }
        $this->recorder->lock('procedure/'.$procedure->id);
        if (RevisionStatus::query()->where('procedure', $procedure->id)->where('state', RevisionState::InReview->value)->exists()) {
            throw new Refused(ProblemType::NotAllowed, 'A revision of this procedure is in review already. Have it signed or sent back first.', 409);
        }
        $revision = $this->read($procedure, $document);
        $id = Ids::next();
        $entry = $this->recorder->append(new Draft(
            Ids::next(), 'revision_submitted', 'revision/'.$id, $author->id,
            data: [
                'joint' => $procedure->joint, 'procedure' => $procedure->id, 'letter' => $letter, 'authors' => array_values(array_unique([$author->id, ...$writers])),
                'answers' => array_map(fn (string $key, string $text): array => ['challenge' => $key, 'answer' => $text], array_keys($answers), $answers),
            ],
            concerns: new Concerns(revisionHash: $revision->hash),
        ));

        return StoredRevision::query()->create([
            'id' => $id, 'joint' => $procedure->joint, 'letter' => $letter, 'format' => Revision::FORMAT,
            'document' => CanonicalJson::encode($document), 'document_hash' => $revision->hash, 'author' => $author->id, 'drafted_at' => $entry->receivedAt(),
        ]);
    }

    /** @param  array<mixed>  $document */
    private function read(Procedure $procedure, array $document): Revision
    {
        [$family, $joint] = Procedures::names($procedure);
        foreach (['family' => $family, 'joint' => $joint, 'option' => $procedure->option] as $field => $wanted) {
            if (($document[$field] ?? null) !== $wanted) {
                throw Refused::field($field, sprintf('The document is for %s "%s"; this procedure is for "%s".', $field, is_string($document[$field] ?? null) ? mb_substr($document[$field], 0, 80) : 'nothing', $wanted));
            }
        }
        try {
            return DocumentReader::read($document);
        } catch (InvalidDocument $e) {
            throw new Refused(ProblemType::BadDocument, sprintf('The document has %d %s; the first: %s', count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->problems[0]->sentence()), 422, ['problems' => array_map(fn ($p): array => (array) $p, $e->problems)]);
        }
    }
}
