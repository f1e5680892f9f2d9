<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SaveDraft;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\RevisionStatus;
use App\Library\Models\WorkingDraft;
use App\Library\Queries\DraftAssessment;
use App\Library\Queries\Procedures;
use App\Library\Queries\ProcedureSheet;
use App\People\Models\Person;
use App\Shared\Http\JsonBody;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InvalidArgumentException;
use Tekkal\Core\Document\Comparison;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineReader;

/** Writing a procedure: its draft, what the core says of it, and handing it in. */
final class DraftController
{
    private const MOST_ANSWERS = 500;

    private const MOST_GROUPS = 200;

    public function show(string $procedure): JsonResponse
    {
        $found = Procedures::find($procedure);
        $draft = WorkingDraft::query()->find($procedure) ?? throw Refused::notFound('This procedure has no draft. Begin one first.');

        return new JsonResponse([
            'procedure' => $found->id, 'title' => $found->title(), 'letter' => $draft->letter, 'version' => $draft->version,
            'document' => $draft->document(), 'answers' => (object) $draft->answers(), 'based_on' => $draft->based_on,
            'saved_by' => Person::query()->find($draft->saved_by)?->displayName(), 'saved_at' => $draft->saved_at->toIso8601ZuluString(),
            'sent_back' => RevisionStatus::query()->where('procedure', $found->id)->where('letter', $draft->letter)->get()->sortByDesc('submitted_at')->first()?->remark,
        ]);
    }

    public function begin(string $procedure, Request $request, SaveDraft $drafts): JsonResponse
    {
        return new JsonResponse(['version' => $drafts->begin(Procedures::find($procedure), $request->user())->version], 201);
    }

    public function save(string $procedure, Request $request, SaveDraft $drafts): JsonResponse
    {
        JsonBody::lists($request, ['answers' => self::MOST_ANSWERS]);
        $given = $request->validate(['document' => 'required|array', 'answers' => 'present|array', 'answers.*' => 'nullable|string|max:1000', 'version' => 'required|integer'], ['answers.*.max' => 'An answer has at most 1000 characters.']);
        $answers = array_filter($given['answers'], fn (?string $a): bool => $a !== null && $a !== '');

        return new JsonResponse(['version' => $drafts->save(Procedures::find($procedure), $given['document'], $answers, $given['version'], $request->user())->version]);
    }

    public function discard(string $procedure, SaveDraft $drafts): JsonResponse
    {
        $drafts->discard(Procedures::find($procedure));

        return new JsonResponse(null, 204);
    }

    public function submit(string $procedure, Request $request, SubmitRevision $submit): JsonResponse
    {
        $given = $request->validate(['version' => 'required|integer']);

        return new JsonResponse(['id' => $submit->draft(Procedures::find($procedure), $given['version'], $request->user())->id], 201);
    }

    /** What the core makes of a document as it stands on somebody's screen; nothing is stored. */
    public function look(Request $request): JsonResponse
    {
        $given = $request->validate(['document' => 'required|array', 'against' => 'nullable|string|max:36']);
        $look = DraftAssessment::at($given['document']);
        $against = $given['against'] ?? null;

        return new JsonResponse($look->toArray() + [
            'changes' => $against === null || $look->revision === null ? []
                : ProcedureSheet::told(Comparison::of(Procedures::revision($against), Procedures::document($against), $look->revision, $given['document'])),
        ]);
    }

    public function readLine(Request $request): JsonResponse
    {
        JsonBody::lists($request, ['groups' => self::MOST_GROUPS]);
        $given = $request->validate(['line' => 'required|string|max:400', 'groups' => 'required|array|min:1', 'groups.*' => 'string|max:80'], ['line.required' => 'Type a line, such as 15 lbf·ft · +80°.', 'groups.required' => 'Draw the fasteners first; the line speaks of their groups.']);
        try {
            return new JsonResponse(LineReader::read($given['line'], $given['groups']));
        } catch (InvalidDocument|InvalidArgumentException $e) {
            throw new Refused(ProblemType::BadValue, $e instanceof InvalidDocument ? $e->problems[0]->sentence() : $e->getMessage(), 422, ['field' => 'line', 'value' => $given['line']]);
        }
    }
}
