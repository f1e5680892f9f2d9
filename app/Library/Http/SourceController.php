<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\KeepSource;
use App\Library\Actions\SetStandard;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\People\Actions\ReenterPassword;
use App\People\Models\Person;
use App\Shared\Refused;
use App\Shared\Rules\OneLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tekkal\Core\Document\CitedSource;

/** The register of sources, with their papers, and of the shop's window standards. */
final class SourceController
{
    public function index(): JsonResponse
    {
        $cited = array_fill_keys(Source::query()->pluck('code')->all(), 0);
        foreach (DB::table('procedure_faces')->pluck('words') as $words) {
            foreach (array_keys($cited) as $code) {
                $cited[$code] += str_contains($words, mb_strtolower((string) $code)) ? 1 : 0;
            }
        }

        return new JsonResponse([
            'sources' => array_values(Source::query()->get()->sortBy('code')->map(fn (Source $s): array => $s->only(['id', 'code', 'kind', 'title', 'edition', 'date', 'kept', 'superseded_by', 'file_name', 'file_type', 'file_bytes']) + ['cited_by' => $cited[$s->code] ?? 0])->all()),
            'standards' => array_values(Standard::query()->get()->sortBy('code')->map(fn (Standard $s): array => $s->only(['id', 'code', 'quantity', 'tool', 'risk_class', 'tolerance', 'source', 'state', 'signature']) + [
                'asked_by' => Person::query()->find($s->asked_by)?->displayName(), 'asked_by_me' => $s->asked_by === request()->user()?->getAuthIdentifier(), 'approved_at' => $s->approved_at?->toIso8601ZuluString(),
            ])->all()),
        ]);
    }

    public function keep(Request $request, KeepSource $keep): JsonResponse
    {
        $given = $request->validate([
            'code' => 'required|string|max:20|regex:/^[A-Z0-9-]+$/', 'kind' => 'required|in:'.implode(',', CitedSource::KINDS), 'title' => ['required', 'string', 'max:160', new OneLine], 'edition' => ['required', 'string', 'max:60', new OneLine],
            'date' => 'required|string|max:20', 'kept' => 'nullable|string|max:160', 'superseded_by' => 'nullable|string|max:20',
        ], ['code.required' => 'Give it a code, such as S-014.', 'code.regex' => 'A code has capital letters, digits and hyphens, such as S-014.', 'title.required' => 'Write the title as printed.', 'edition.required' => 'Write the edition or issue.', 'date.required' => 'Write its date, such as 2025-11.', 'kind.required' => 'Say whose document it is.']);
        $fields = ['code' => $given['code'], 'kind' => $given['kind'], 'title' => $given['title'], 'edition' => $given['edition'], 'date' => $given['date'], 'kept' => $given['kept'] ?? '', 'superseded_by' => $given['superseded_by'] ?? null];

        return new JsonResponse(['id' => $keep($fields, $request->user())->id], 201);
    }

    public function keepPaper(string $source, Request $request, KeepSource $keep): JsonResponse
    {
        $found = self::find($source);
        $request->validate(['file' => 'required|file|max:20480'], ['file.required' => 'Choose a PDF or a picture.', 'file.max' => 'A paper has at most 20 MB. Nothing was stored.']);
        $keep->paper($found, $request->file('file'), $request->user());

        return new JsonResponse(null, 204);
    }

    /** Handed out to be saved, never to be run here. */
    public function paper(string $source): Response
    {
        $found = self::find($source);
        $bytes = $found->file_hash === null ? null : Storage::disk('local')->get('sources/'.$found->file_hash);
        if ($bytes === null || hash('sha256', $bytes) !== $found->file_hash) {
            throw Refused::notFound($found->file_hash === null ? 'This source has no paper on record.' : 'The paper on record is damaged: its bytes are not those that were stored. Restore it from a backup.');
        }

        return new Response($bytes, 200, [
            'Content-Type' => (string) $found->file_type, 'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', preg_replace('/[^A-Za-z0-9-]/', '', $found->code), $found->file_type === 'application/pdf' ? 'pdf' : 'png'),
        ]);
    }

    public function askStandard(Request $request, SetStandard $set): JsonResponse
    {
        $given = $request->validate([
            'code' => 'required|string|max:20|regex:/^[A-Z0-9-]+$/', 'quantity' => 'required|in:torque,angle,length', 'tool' => 'nullable|string|max:30', 'risk_class' => 'nullable|in:A,B,C', 'tolerance' => 'required|string|max:30', 'source' => 'required|string|max:20',
        ], ['code.required' => 'Give it a code, such as W-03.', 'code.regex' => 'A code has capital letters, digits and hyphens, such as W-03.', 'tolerance.required' => 'Say how far: 4 % or 5°.', 'source.required' => 'Say which paper it stands in.']);

        return new JsonResponse(['id' => $set->ask(['code' => $given['code'], 'quantity' => $given['quantity'], 'tool' => $given['tool'] ?? '', 'risk_class' => $given['risk_class'] ?? '', 'tolerance' => $given['tolerance'], 'source' => $given['source']], $request->user())], 201);
    }

    public function approveStandard(string $standard, Request $request, SetStandard $set, ReenterPassword $password): JsonResponse
    {
        Standard::query()->find($standard) ?? throw Refused::notFound('There is no such window standard.');
        $given = $request->validate(['password' => 'required|string|max:200'], ['password.required' => 'A signature takes your password once more.']);
        $set->approve($standard, $request->user(), $password($request->user(), $given['password']));

        return new JsonResponse(null, 204);
    }

    private static function find(string $source): Source
    {
        return Source::query()->find($source) ?? throw Refused::notFound('There is no such source.');
    }
}
