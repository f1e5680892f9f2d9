<?php

declare(strict_types=1);

namespace App\Builds\Print;

use App\Library\Models\Family;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Shared\Print\Labels;
use App\Shared\Print\Pdf;
use App\Shared\Refused;

/** Labels that go with engines through the shop. */
final class BuildLabels
{
    /** Before the number of an engine. */
    public const SCAN = '@S';

    private const IN_A_ROW = 2;

    /** @param  list<string>  $builds */
    public static function pdf(array $builds): string
    {
        return Pdf::of(self::html($builds));
    }

    /** @param  list<string>  $builds */
    public static function html(array $builds): string
    {
        Labels::count($builds, 'builds');
        $subjects = Subject::query()->with('owner')->whereKey($builds)->get()->sortBy('serial', SORT_NATURAL)->values();
        if ($subjects->count() !== count(array_unique($builds))) {
            throw Refused::notFound(Subject::missing());
        }
        $families = Family::query()->pluck('name', 'id');
        $labels = $subjects->map(fn (Subject $s): array => [
            'code' => $s->serial, 'lines' => [$s->isSubassembly() ? sprintf('%s, %s', $s->subassembly, $families->get($s->family)) : sprintf('%s, build %d', $families->get($s->family), $s->build_number), (string) $s->ownedBy()], 'scan' => self::SCAN.$s->serial,
        ]);

        return Labels::html(array_values($labels->all()), Shop::here()->name, self::IN_A_ROW);
    }
}
