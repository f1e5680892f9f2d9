<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\SaveDraft;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\Variant;
use App\Library\Queries\ConflictRegister;
use App\Library\Queries\Export;
use App\Library\Queries\ProcedureList;
use App\Library\Queries\Procedures;
use App\Library\Queries\ProcedureSheet;
use App\Shared\Refused;
use App\Shared\Rules\OneLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The library: families, joints, procedures, and what is found in them. */
final class LibraryController
{
    public function index(Request $request): JsonResponse
    {
        $wanted = $request->validate(['find' => 'nullable|string|max:80', 'family' => 'nullable|string|max:36', 'state' => 'nullable|in:draft,in_review,approved,superseded,withdrawn,missing,in_conflict', 'page' => 'nullable|integer|min:1|max:10000'], ['find.max' => 'At most 80 characters are looked for.']);

        return JsonResponse::fromJsonString(ProcedureList::json($wanted));
    }

    public function families(): JsonResponse
    {
        return new JsonResponse(['families' => Family::query()->get()->sortBy('code')->values()->map(fn (Family $f): array => [
            'id' => $f->id, 'code' => $f->code, 'name' => $f->name, 'description' => $f->description,
            'joints' => array_values(Joint::query()->where('family', $f->id)->get()->sortBy('assembly_order')->map(fn (Joint $j): array => [
                'id' => $j->id, 'name' => $j->name, 'options' => Procedure::query()->where('joint', $j->id)->get()->sortBy('created_at')->pluck('option')->values(),
            ])->all()),
            'variants' => Variant::query()->where('family', $f->id)->get()->map(fn (Variant $v): array => $v->only(['id', 'name', 'serials_from', 'serials_to', 'years_from', 'years_to', 'note']))->values(),
        ])]);
    }

    public function addFamily(Request $request, AddFamily $add): JsonResponse
    {
        $given = $request->validate([
            'code' => 'required|string|max:12', 'name' => ['required', 'string', 'max:80', new OneLine], 'description' => 'nullable|string|max:200', 'joints' => 'array|max:60', 'joints.*' => ['string', 'min:1', 'max:80', new OneLine],
            'variants' => 'array|max:20', 'variants.*.name' => 'required|string|max:80', 'variants.*.serials_from' => 'nullable|string|max:40', 'variants.*.serials_to' => 'nullable|string|max:40',
            'variants.*.years_from' => 'nullable|digits:4', 'variants.*.years_to' => 'nullable|digits:4', 'variants.*.note' => 'nullable|string|max:200',
        ], ['code.required' => 'Write the code that the family’s serials begin with, such as TN3.', 'name.required' => 'Write the family’s name.']);
        $variants = array_map(fn (array $v): array => array_map(strval(...), array_filter($v, fn (mixed $x): bool => $x !== null)), $given['variants'] ?? []);

        return new JsonResponse(['id' => $add($given['code'], $given['name'], $given['description'] ?? '', $given['joints'] ?? [], $variants, $request->user())->id], 201);
    }

    public function addProcedure(Request $request, AddProcedure $add, SaveDraft $drafts): JsonResponse
    {
        $given = $request->validate(['joint' => 'required|string|max:36', 'option' => ['required', 'string', 'max:80', new OneLine], 'copy_of' => 'nullable|string|max:36', 'variant' => 'nullable|string|max:36'], ['joint.required' => 'Choose the joint.', 'option.required' => 'Name the hardware option, such as stock bolts.']);
        $joint = Joint::query()->find($given['joint']) ?? throw Refused::field('joint', 'There is no such joint.', $given['joint']);
        $sister = isset($given['copy_of']) ? Procedures::find($given['copy_of']) : null;
        $procedure = $add($joint, $given['option'], $request->user(), $sister?->id, $given['variant'] ?? null);
        $drafts->begin($procedure, $request->user(), $sister === null ? null : self::copied($sister, $procedure));

        return new JsonResponse(['id' => $procedure->id], 201);
    }

    public function show(string $procedure): JsonResponse
    {
        return new JsonResponse(ProcedureSheet::of(Procedures::find($procedure)));
    }

    public function compare(Request $request): JsonResponse
    {
        $given = $request->validate(['old' => 'required|string|max:36', 'new' => 'required|string|max:36']);

        return new JsonResponse(['old' => $given['old'], 'new' => $given['new'], 'changes' => ProcedureSheet::changes($given['old'], $given['new'])]);
    }

    public function conflicts(): JsonResponse
    {
        return new JsonResponse(['conflicts' => ConflictRegister::all()]);
    }

    public function export(Request $request): JsonResponse
    {
        $family = $request->validate(['family' => 'nullable|string|max:36'])['family'] ?? null;

        return (new JsonResponse(Export::library($family), 200, ['Content-Disposition' => 'attachment; filename="tekkal-library.json"']))
            ->setEncodingOptions(JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> the sister's document under the copy's own names */
    private static function copied(Procedure $sister, Procedure $copy): array
    {
        $revision = Procedures::last($sister->id)->revision ?? throw Refused::field('copy_of', 'That procedure has no revision to copy yet.', $sister->id);
        [$family, $joint] = Procedures::names($copy);

        return ['family' => $family, 'joint' => $joint, 'option' => $copy->option] + Procedures::document($revision);
    }
}
