<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\RevisionStatus;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\Library\Papers;
use Tekkal\Core\Document\Picture;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Wanting;
use Tekkal\Core\Plausibility\Challenge;

/** What a signature rests on: every value there, sourced and windowed, every challenge answered, every paper in force. */
final class ApprovalBlockers
{
    /** @return list<string> what stands in the way of a signature */
    public static function whyNot(RevisionStatus $status): array
    {
        $revision = Procedures::revision($status->revision);
        $document = Procedures::document($status->revision);
        $answers = $status->answers();
        $open = array_filter(
            DraftAssessment::challengesOf($revision, $document),
            fn (Challenge $c): bool => trim($answers[$c->key()] ?? '') === '',
        );

        return [
            ...Wanting::blockers($revision, $document),
            ...array_map(fn (Wanting $w): string => $w->sentence(), Wanting::short($revision, $document, RiskRulesInForce::rules())),
            ...self::papers($revision),
            ...self::pictures($document),
            ...array_values(array_map(fn (Challenge $c): string => 'A doubt has no answer: '.$c->sentence, $open)),
        ];
    }

    /**
     * @param  array<mixed>  $document
     * @return list<string> pictures that it names and that nobody has brought here
     */
    public static function pictures(array $document): array
    {
        $wanting = array_filter(Picture::filesIn($document), fn (string $file): bool => Papers::picture($file) === null);

        return array_values(array_map(fn (string $file): string => sprintf('The picture %s… is not on record here; bring it again.', substr($file, 0, 12)), $wanting));
    }

    /** @return list<string> papers cited by the shop's own records that are not what the records say, or not in force */
    public static function papers(Revision $revision): array
    {
        $why = [];
        foreach ($revision->sources as $source) {
            if ($source->record !== null && ! Source::query()->where('code', $source->record)->exists()) {
                $why[] = sprintf('%s cites the record %s, which the register of sources does not have.', $source->title, $source->record);
            }
        }
        foreach ($revision->standards as $standard) {
            $kept = $standard->record === null ? null : Standard::query()->where('code', $standard->record)->first();
            $why[] = match (true) {
                $standard->record === null => null,
                $kept === null => sprintf('The window standard %s is not in the register.', $standard->record),
                $kept->state !== 'approved' => sprintf('The window standard %s is not approved.', $standard->record),
                $kept->tolerance !== $standard->printed || $kept->quantity !== $standard->quantity->value => sprintf('The window standard %s says %s of %s; the document says %s of %s.', $standard->record, $kept->tolerance, $kept->quantity, $standard->printed, $standard->quantity->value),
                default => null,
            };
        }

        return array_values(array_filter($why));
    }
}
