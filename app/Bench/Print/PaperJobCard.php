<?php

declare(strict_types=1);

namespace App\Bench\Print;

use App\Bench\Models\Card;
use App\Ledger\Entry;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Print\MapDrawing;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionSheet;
use App\Library\Queries\RiskRulesInForce;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use App\Shared\Print\Pdf;
use App\Shared\Print\QrCode;
use Tekkal\Core\Call\PaperCard;
use Tekkal\Core\Document\Revision;

/** A job card that is worked on paper, always the same however often it is printed: as the run stood when its number was given. */
final class PaperJobCard
{
    /** Before the number of a card, so that no scan of one can enter as a reading. */
    public const SCAN = '@C';

    /** Boxes in a row, by how much is written in each. */
    private const IN_A_ROW = [1 => 8, 2 => 5, 3 => 4];

    public static function pdf(Card $card): string
    {
        return Pdf::of(self::html($card), sprintf('%s    %s    card %s    ', Subject::query()->findOrFail($card->subject)->title(), Joint::query()->findOrFail($card->joint)->name, $card->number));
    }

    public static function html(Card $card): string
    {
        return view('paper-card', self::facts($card))->render();
    }

    /** @return array<string, mixed> */
    private static function facts(Card $card): array
    {
        $subject = Subject::query()->findOrFail($card->subject);
        $revision = Procedures::revision($card->revision);
        $document = Procedures::document($card->revision);
        $stored = StoredRevision::query()->findOrFail($card->revision);
        $map = new MapDrawing(MapSketch::of($document));
        $paper = self::paper($card);

        return [
            'shop' => Shop::here()->name, 'number' => $card->number, 'serial' => $subject->title(), 'family' => Family::query()->findOrFail($subject->family)->name, 'joint' => Joint::query()->findOrFail($card->joint)->name,
            'option' => $card->option, 'letter' => $stored->letter, 'risk' => $revision->riskClass, 'line' => $revision->tighteningLine()->typeset(),
            'permits' => Permits::coveringRun(RevisionStatus::query()->findOrFail($card->revision)->procedure, $subject->serial, $card->printed_at, (string) $card->run),
            'map' => Pdf::picture($map->svg(), 'image/svg+xml'), 'map_width' => $map->widthWithin(88, 62), 'qr' => QrCode::of(self::SCAN.$card->number),
            'before' => $card->at_seq === 0 ? $paper->before() : [], 'sections' => self::sections($paper, $revision, $document),
            'two' => RiskRulesInForce::rules()->for($revision->riskClass)->secondLook, 'cautions' => $document['cautions'] ?? [],
            'printed' => $card->printed_at->setTimezone(Shop::here()->timeZone)->format('j M Y, H:i'), 'by' => Person::query()->find($card->printed_by)?->displayName(),
        ];
    }

    private static function paper(Card $card): PaperCard
    {
        $run = Run::query()->where('assignment', $card->assignment)->first();
        $entries = $run === null ? [] : array_filter(RunHistory::entries($run->id), fn (Entry $e): bool => $e->seq() <= $card->at_seq);

        return new PaperCard(RunHistory::foldEntries(array_values($entries), Procedures::plan($card->plan_hash)));
    }

    /**
     * @param  array<mixed>  $document
     * @return list<array<string, mixed>>
     */
    private static function sections(PaperCard $paper, Revision $revision, array $document): array
    {
        $how = array_column((new RevisionSheet($revision, $document))->rungs(), 'how', 'stage');

        return array_map(function (array $section) use ($how): array {
            $most = max(1, ...array_map(fn (array $b): int => count((array) $b['wants']), $section['boxes']));

            $left = array_filter($section['boxes'], fn (array $b): bool => $b['stands'] === '');

            // Where nothing is left to write, nobody needs the boxes.
            return $section + ['how' => $how[$section['stage']] ?? '', 'done' => $left === [], 'rows' => array_chunk($section['boxes'], self::IN_A_ROW[min(3, $most)])];
        }, $paper->sections());
    }
}
