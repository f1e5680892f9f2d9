<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Actions\RecordCalibration;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Unit\Written;

/** What a calibration begins with, and what one that fails would touch. */
final class CalibrationForm
{
    /** @return array<string, mixed> */
    public static function of(ToolRow $tool): array
    {
        $record = ToolBook::record($tool);
        $rules = RecordCalibration::rules($tool);
        $today = ToolBook::day(now()->toImmutable());

        return [
            'code' => $tool->code, 'name' => $tool->name, 'unit' => $record->resolution->unit->symbol(), 'by_share' => $record->form->deviatesByShare(), 'range' => $record->range->typeset(), 'resolution' => $record->resolution->typeset(),
            'permissible' => $record->permissible?->typeset(), 'directions' => $record->directions, 'today' => $today->date,
            'points' => self::points($rules->pointsIn($record->range, $record->resolution), $record->directions), 'adapters' => $record->form->deviatesByShare() ? self::adapters() : [],
            'readings' => $rules->readings, 'preloads' => $rules->preloads, 'rule_words' => CalibrationLook::rule($rules->rule), 'note' => $rules->note, 'shipped' => RuleBook::isShipped($record->form), 'form' => $record->form->value,
            'standards' => self::standards($record->form->measures()->value, $today), 'months' => $tool->months ?? $rules->months, 'due' => $today->due($tool->months ?? $rules->months ?? 600)->date,
        ];
    }

    /**
     * @param  list<Written>  $wanted
     * @param  list<string>  $directions
     * @return list<array{nominal: string, direction: string, words: string}>
     */
    private static function points(array $wanted, array $directions): array
    {
        $points = [];
        foreach ($directions as $direction) {
            foreach ($wanted as $point) {
                $points[] = ['nominal' => $point->digits, 'direction' => $direction, 'words' => (new PointReadings($point, [], $direction))->words()];
            }
        }

        return $points;
    }

    /** @return list<array{code: string, words: string}> those of which is known how far they reach */
    private static function adapters(): array
    {
        $rows = ToolRow::query()->where('form', ToolForm::Adapter->value)->whereNot('state', ToolState::Retired->value)->whereNotNull('length')->orderBy('code')->get();

        return array_values($rows->map(fn (ToolRow $r): array => ['code' => $r->code, 'words' => "$r->code, $r->name"])->all());
    }

    /** @return list<array<string, mixed>> those that measure the same, the ones in date first */
    private static function standards(string $measures, Day $today): array
    {
        return array_values(ReferenceStandard::query()->where('measures', $measures)->get()->sortBy('code')->sortByDesc(fn (ReferenceStandard $s): bool => self::isGood($s, $today))->map(fn (ReferenceStandard $s): array => [
            'id' => $s->id, 'code' => $s->code, 'name' => $s->name, 'certificate' => $s->certificate, 'valid_until' => $s->valid_until, 'good' => self::isGood($s, $today),
        ])->all());
    }

    public static function isGood(ReferenceStandard $standard, Day $today): bool
    {
        return $standard->doubted_since === null && $standard->valid_until >= $today->date && $standard->valid_from <= $today->date;
    }

    /** What was pulled with it since it was last known to be good, where it fails as found; null where it does not. */
    public static function touches(ToolRow $tool, CalibrationSheet $sheet): ?string
    {
        $found = $sheet->asFound();
        if ($found === null || $found->isGood()) {
            return null;
        }
        $good = $tool->calibrations()->whereNot('found', AsFound::Unread->value)->where('conforms', true)->get()->max(fn (CalibrationRow $c): string => $c->calibrated_on);
        $of = DB::table('results')->where('tool', $tool->id)->when(is_string($good), fn ($q) => $q->where('taken_at', '>=', $good))->selectRaw('COUNT(*) AS results, COUNT(DISTINCT subject) AS engines')->first();
        [$results, $engines] = [(int) ($of->results ?? 0), (int) ($of->engines ?? 0)];

        return $results === 0
            ? 'Nothing on record was pulled with it since it was last good.'
            : sprintf('%s %s on %s %s were pulled with it since %s.', number_format($results), $results === 1 ? 'result' : 'results', number_format($engines), $engines === 1 ? 'engine' : 'engines', is_string($good) ? Day::of($good)->words() : 'it came');
    }
}
