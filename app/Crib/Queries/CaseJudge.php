<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\LookBackCase;
use App\Crib\Models\ToolRow;
use App\People\Shop;
use Carbon\CarbonImmutable;
use stdClass;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\Rejudgement;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Judges results again by what was found of the tool. */
final readonly class CaseJudge
{
    private const MILLION = 1_000_000;

    /** @var list<array{string, LookBack|null}> since when a result is judged by it, in order; null: nobody can say how the tool deviated */
    private array $curves;

    private Kind $measures;

    public function __construct(LookBackCase $case)
    {
        $this->measures = ToolForm::from(ToolRow::query()->findOrFail($case->tool)->form)->measures();
        // One that failed was wrong as it was found; one that was set by a wrong standard was left wrong, by each calibration in its own way.
        $this->curves = $case->standard === null ? [['', self::asFound($case->calibration)]] : self::asLeft($case);
    }

    private static function asFound(?string $calibration): ?LookBack
    {
        $sheet = $calibration === null ? null : self::sheet(CalibrationRow::query()->find($calibration));
        $pass = $sheet?->asFound();

        return $sheet === null || $pass === null ? null : LookBack::ofPass($pass, $sheet->terms);
    }

    /** @return list<array{string, LookBack|null}> */
    private static function asLeft(LookBackCase $case): array
    {
        $curves = [];
        foreach (CalibrationRow::query()->where('tool', $case->tool)->orderBy('calibrated_on')->get() as $row) {
            $sheet = self::sheet($row);
            $pass = $sheet?->asLeft();
            $off = $row->standard === $case->standard ? $case->standard_off : '0';
            $since = CarbonImmutable::parse($row->calibrated_on, Shop::here()->timeZone)->utc()->format('Y-m-d H:i:s.u');
            $curves[] = [$since, $sheet === null || $pass === null || $off === null ? null : LookBack::ofPass($pass, $sheet->terms, (float) $off)];
        }

        return $curves;
    }

    private static function sheet(?CalibrationRow $row): ?CalibrationSheet
    {
        return $row?->sheet === null ? null : CalibrationSheet::ofData($row->sheet);
    }

    private function curve(string $takenAt): ?LookBack
    {
        $curve = null;
        foreach ($this->curves as [$since, $of]) {
            $curve = $since <= $takenAt ? $of : $curve;
        }

        return $curve;
    }

    /**
     * @param  list<stdClass>  $results
     * @return list<array<string, string|int>> as an entry keeps them; what has no value is left out
     */
    public function judge(array $results): array
    {
        return array_map($this->one(...), $results);
    }

    /** @return array<string, string|int> */
    private function one(stdClass $result): array
    {
        // What was attested is judged by what the tool was set to.
        $shown = $result->value ?? $result->setting;
        $again = Rejudgement::of($this->curve($result->taken_at), $this->base($shown), $this->base($result->low), $this->base($result->high));

        return array_filter([
            'result' => $result->entry_id, 'step' => $result->step, 'subject' => $result->subject, 'joint' => $result->joint, 'run' => $result->run, 'stage' => $result->stage, 'position' => $result->position,
            'risk_class' => $result->risk_class, 'evidence' => $result->evidence, 'shown' => $shown, 'low' => $result->low, 'high' => $result->high, 'taken_at' => $result->taken_at, 'verdict' => $again->verdict->value,
            'true_value' => $again->true === null ? null : sprintf('%.9f', $again->true), 'doubt' => $again->doubt === null ? null : sprintf('%.9f', $again->doubt),
            'loss' => $again->loss === null ? null : (int) round($again->loss * self::MILLION),
        ], fn (mixed $v): bool => $v !== null);
    }

    /** Null too of what the tool does not measure: of that its calibration says nothing. */
    private function base(?string $code): ?float
    {
        $value = $code === null ? null : Written::coded($code);

        return $value?->unit->kind() === $this->measures ? $value->quantity()->inBase()->toFloat() : null;
    }
}
