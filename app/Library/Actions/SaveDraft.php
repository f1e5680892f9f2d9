<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Library\Authors;
use App\Library\Models\Procedure;
use App\Library\Models\WorkingDraft;
use App\Library\ProcedureSummaries;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/** Working drafts: begun, saved as they stand, thrown away. Working papers leave no entry; what is submitted does. */
final readonly class SaveDraft
{
    private const MOST_BYTES = 2_000_000;

    public function __construct(private ProcedureSummaries $faces)
    {
    }

    /** @param  array<string, mixed>|null  $document  null: the procedure's last revision, or nothing but its names */
    public function begin(Procedure $procedure, Person $author, ?array $document = null): WorkingDraft
    {
        return DB::transaction(function () use ($procedure, $author, $document): WorkingDraft {
            $there = WorkingDraft::locked($procedure->id);
            if ($there !== null) {
                return $there;
            }
            $last = Procedures::last($procedure->id);
            $draft = WorkingDraft::query()->create([
                'procedure' => $procedure->id, 'letter' => Procedures::nextLetter($procedure->id), 'version' => 1,
                'document' => json_encode($document ?? ($last === null ? self::blank($procedure) : Procedures::document($last->revision)), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'answers' => json_encode($last?->answers() ?: (object) [], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'author' => $author->id, 'saved_by' => $author->id, 'saved_at' => now(), 'based_on' => $last?->revision,
            ]);
            Authors::wrote($procedure->id, $author->id);
            $this->faces->refresh($procedure);

            return $draft;
        });
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $answers
     * @param  int  $version  that the writer had before; if somebody saved meanwhile, nothing is overwritten. The writer's
     *                        own last save, sent again because its answer was lost, is answered again.
     */
    public function save(Procedure $procedure, array $document, array $answers, int $version, Person $by): WorkingDraft
    {
        $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $answered = json_encode((object) $answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        if (strlen($json) > self::MOST_BYTES) {
            throw new Refused(ProblemType::TooLarge, 'A document has at most 2 MB. Nothing was saved.', 413, ['field' => 'document', 'value' => strlen($json), 'limit' => self::MOST_BYTES, 'unit' => 'bytes']);
        }

        return DB::transaction(function () use ($procedure, $json, $answered, $version, $by): WorkingDraft {
            $draft = WorkingDraft::locked($procedure->id) ?? throw Refused::notFound('This procedure has no draft any more. What you typed is still on your screen.');
            if ([$draft->version, $draft->saved_by, $draft->document, $draft->answers] === [$version + 1, $by->id, $json, $answered]) {
                return $draft;
            }
            if ($draft->version !== $version) {
                $who = Person::query()->find($draft->saved_by)?->displayName() ?? 'Somebody';
                throw new Refused(ProblemType::DraftChanged, sprintf('%s saved this draft meanwhile. Nothing was overwritten: choose which to go on with.', $who), 409, [
                    'version' => $draft->version, 'theirs' => $draft->document(),
                ]);
            }
            $draft->update(['document' => $json, 'answers' => $answered, 'version' => $version + 1, 'saved_by' => $by->id, 'saved_at' => now()]);
            Authors::wrote($procedure->id, $by->id);
            $this->faces->refresh($procedure);

            return $draft;
        });
    }

    public function discard(Procedure $procedure): void
    {
        DB::transaction(function () use ($procedure): void {
            WorkingDraft::query()->whereKey($procedure->id)->delete();
            Authors::forget($procedure->id);
            $this->faces->refresh($procedure);
        });
    }

    /** @return array<string, mixed> with nothing in it that nobody has said */
    public static function blank(Procedure $procedure): array
    {
        [$family, $joint] = Procedures::names($procedure);

        return [
            'format' => 'tekkal.procedure/1', 'family' => $family, 'joint' => $joint, 'option' => $procedure->option,
            'map' => ['width' => '400', 'height' => '160', 'front' => 'left', 'parts' => [['key' => 'casting', 'name' => mb_strtolower($joint), 'shape' => 'box', 'x' => '10', 'y' => '10', 'width' => '380', 'height' => '140']], 'positions' => []],
            'fasteners' => [], 'groups' => [], 'surfaces' => [], 'sources' => [], 'window_standards' => [], 'sequences' => [], 'checks' => [], 'stages' => [], 'cautions' => [],
        ];
    }
}
