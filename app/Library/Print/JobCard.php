<?php

declare(strict_types=1);

namespace App\Library\Print;

use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Papers;
use App\Library\Queries\DraftAssessment;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionSheet;
use App\People\Shop;
use App\Shared\Print\Pdf;
use App\Shared\Print\QrCode;
use Tekkal\Core\Document\Picture;

/** A revision on paper, for the bench: map, line, rounds, cautions, sources, and the way back to it on a screen. */
final class JobCard
{
    public function pdf(string $revision): string
    {
        $status = RevisionStatus::query()->findOrFail($revision);

        return Pdf::of(view('job-card', $this->facts($revision))->render(), sprintf('%s    revision %s    ', Procedures::find($status->procedure)->title(), $status->letter));
    }

    /** @return array<string, mixed> */
    private function facts(string $revision): array
    {
        $stored = StoredRevision::query()->findOrFail($revision);
        $status = RevisionStatus::query()->findOrFail($revision);
        $read = Procedures::revision($revision);
        $document = Procedures::document($revision);
        $map = new MapDrawing(MapSketch::of($document));
        $link = config('app.url').'/library/'.$revision;

        return [
            'shop' => Shop::here()->name, 'title' => Procedures::find($status->procedure)->title(), 'status' => $status, 'hash' => $stored->document_hash, 'link' => $link,
            'line' => $read->tighteningLine()->typeset(), 'sheet' => (new RevisionSheet($read, $document))->toArray(), 'figures' => DraftAssessment::figures($read),
            'map' => Pdf::picture($map->svg(), 'image/svg+xml'), 'map_width' => $map->widthWithin(150, 85),
            'qr' => QrCode::of($link), 'risk' => $read->riskClass,
            'pictures' => self::pictures($document),
            'permits' => array_filter(Permits::all($status->procedure), fn (array $p): bool => $p['state'] === 'in force'),
            'printed' => now()->setTimezone(Shop::here()->timeZone)->format('j M Y, H:i'), 'zone' => Shop::here()->timeZone,
        ];
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, string> those that are there, as addresses that hold them, by their hash
     */
    private static function pictures(array $document): array
    {
        $pictures = [];
        foreach (Picture::filesIn($document) as $file) {
            $png = Papers::picture($file);
            $pictures += $png === null ? [] : [$file => Pdf::picture($png, 'image/png')];
        }

        return $pictures;
    }
}
