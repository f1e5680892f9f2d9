<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\Library\Models\Variant;
use App\Library\Models\WorkingDraft;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Document\LibraryDocument;

/** The library, or one family of it, in its open format: every procedure as it stands, byte for byte what was written. */
final class Export
{
    /** @return array<string, mixed> */
    public static function library(?string $family): array
    {
        $families = Family::query()->get()->filter(fn (Family $f): bool => $family === null || $f->id === $family)->sortBy('code');

        return [
            'format' => LibraryDocument::FORMAT,
            ...(config('shop.demo') === true ? ['demo' => true] : []),
            'families' => array_values($families->map(self::family(...))->all()),
            'sources' => array_values(Source::query()->get()->sortBy('code')->map(fn (Source $s): array => array_filter([
                'code' => $s->code, 'kind' => $s->kind, 'title' => $s->title, 'edition' => $s->edition, 'date' => $s->date, 'kept' => $s->kept, 'superseded_by' => $s->superseded_by,
            ], fn (?string $v): bool => $v !== null && $v !== ''))->all()),
            'window_standards' => array_values(Standard::query()->where('state', 'approved')->get()->sortBy('code')->map(fn (Standard $s): array => array_filter([
                'code' => $s->code, 'quantity' => $s->quantity, 'tolerance' => $s->tolerance, 'risk_class' => $s->risk_class, 'tool' => $s->tool, 'source' => $s->source,
            ], fn (string $v): bool => $v !== ''))->all()),
            'procedures' => self::procedures($families->modelKeys()),
        ];
    }

    /** @return array<string, mixed> */
    private static function family(Family $f): array
    {
        $variants = Variant::query()->where('family', $f->id)->get()->map(fn (Variant $v): array => array_filter($v->only(['name', 'serials_from', 'serials_to', 'years_from', 'years_to', 'note']), fn (mixed $text): bool => $text !== ''));

        return array_filter([
            'code' => $f->code, 'name' => $f->name, 'description' => $f->description, 'variants' => array_values($variants->all()),
            'joints' => array_values(Joint::query()->where('family', $f->id)->get()->sortBy('assembly_order')->pluck('name')->all()),
        ], fn (mixed $v): bool => $v !== [] && $v !== '');
    }

    /**
     * @param  array<mixed>  $families
     * @return list<array<mixed>>
     */
    private static function procedures(array $families): array
    {
        return array_values(array_filter(DB::table('procedure_faces')->whereIn('family', $families)->orderBy('place')->get(['procedure', 'revision'])
            ->map(fn (stdClass $f): ?array => $f->revision !== null ? Procedures::document($f->revision) : WorkingDraft::query()->where('procedure', $f->procedure)->first()?->document())->all()));
    }
}
