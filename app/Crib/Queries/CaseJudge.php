<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\LookBackCase;
use stdClass;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\Rejudgement;
use Tekkal\Core\Unit\Written;

/** Judges results again by what was found of the tool. */
final readonly class CaseJudge
{
    private const MILLION = 1_000_000;

    private ?LookBack $curve;

    public function __construct(LookBackCase $case)
    {
        $row = $case->calibration === null ? null : CalibrationRow::query()->find($case->calibration);
        $sheet = $row?->sheet === null ? null : CalibrationSheet::ofData($row->sheet);
        // A tool that was set by a wrong standard was left wrong; one that failed was wrong as it was found.
        $pass = $case->standard === null ? $sheet?->asFound() : ($case->standard_off === null ? null : $sheet?->asLeft());
        $this->curve = $sheet === null || $pass === null ? null : LookBack::ofPass($pass, $sheet->terms, (float) ($case->standard_off ?? 0));
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
        $again = Rejudgement::of($this->curve, self::base($shown), self::base($result->low), self::base($result->high));

        return array_filter([
            'result' => $result->entry_id, 'step' => $result->step, 'subject' => $result->subject, 'joint' => $result->joint, 'run' => $result->run, 'stage' => $result->stage, 'position' => $result->position,
            'risk_class' => $result->risk_class, 'evidence' => $result->evidence, 'shown' => $shown, 'low' => $result->low, 'high' => $result->high, 'taken_at' => $result->taken_at, 'verdict' => $again->verdict->value,
            'true_value' => $again->true === null ? null : sprintf('%.9f', $again->true), 'doubt' => $again->doubt === null ? null : sprintf('%.9f', $again->doubt),
            'loss' => $again->loss === null ? null : (int) round($again->loss * self::MILLION),
        ], fn (mixed $v): bool => $v !== null);
    }

    private static function base(?string $code): ?float
    {
        return $code === null ? null : Written::coded($code)->quantity()->inBase()->toFloat();
    }
}
