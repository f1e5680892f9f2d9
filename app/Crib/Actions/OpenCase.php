<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseCause;
use App\Crib\Jobs\JudgeCase;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\LookBackCase;
use App\Crib\Models\ToolMove;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Shop;
use App\Shared\Ids;
use Carbon\CarbonImmutable;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\Permissible;

/** A case is opened by what was found, in the same transaction; its results are judged again in the queue. */
final readonly class OpenCase
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string|null  $calibration  that has found it, by whose readings the results are judged again, if it has some
     * @param  float|null  $deviation  the largest that was found, in % or in the tool's unit; null: nobody can say
     * @param  array<string, string>  $more  what else the entry says; from and right_on, days between which the tool was wrong, where they are known
     */
    public function __invoke(ToolRow $tool, CaseCause $cause, ?string $calibration, ?float $deviation, Person $by, array $more = []): string
    {
        $this->recorder->lock('register/cases');
        $id = Ids::next();
        [$since, $why] = isset($more['from']) ? [$this->midnight(Day::of($more['from'])), sprintf('it was calibrated against it on %s', Day::of($more['from'])->words())] : $this->since($tool, $deviation, $calibration);
        $this->recorder->append(new Draft(Ids::next(), 'case_opened', LookBackCase::stream($id), $by->id, array_diff_key($more, ['from' => 0, 'right_on' => 0]) + [
            'number' => (int) LookBackCase::query()->max('number') + 1, 'cause' => $cause->value, 'tool' => $tool->id, 'since_why' => $why, 'until' => $this->until($more['right_on'] ?? null)->utc()->format('Y-m-d\TH:i:s.u\Z'),
        ] + ($calibration === null || $cause === CaseCause::Unread ? [] : ['calibration' => $calibration]) + ($since === null ? [] : ['since' => $since->utc()->format('Y-m-d\TH:i:s.u\Z')])));
        JudgeCase::dispatch($id)->afterCommit();

        return $id;
    }

    /**
     * A drop casts doubt from the drop on; else the doubt begins with the last check that could have seen such a deviation.
     *
     * @return array{CarbonImmutable|null, string}
     */
    private function since(ToolRow $tool, ?float $deviation, ?string $calibration): array
    {
        $drop = ToolMove::query()->where('tool', $tool->id)->where('kind', 'tool_chained')->whereIn('told', ['dropped', 'overloaded'])->latest('at')->first();
        $last = CalibrationRow::query()->where('tool', $tool->id)->when($calibration !== null, fn ($q) => $q->whereNot('entry_id', $calibration))->max('calibrated_on');
        if ($drop !== null && (! is_string($last) || ToolBook::day($drop->at)->isAfter(Day::of($last)))) {
            return [$drop->at, sprintf('it was %s on %s', $drop->told, ToolBook::day($drop->at)->words())];
        }
        $since = LookBack::doubtSince($this->checks($tool, $calibration), $deviation ?? INF);

        return $since === null
            ? [null, 'no check before could have seen it']
            : [$this->midnight($since), sprintf('its last check that could have seen it, on %s, saw none', $since->words())];
    }

    /** To the end of the day on which it was set right, or to now: until then it was used as it was. */
    private function until(?string $rightOn): CarbonImmutable
    {
        $now = now()->toImmutable();

        return $rightOn === null ? $now : $now->min($this->midnight(Day::of($rightOn))->endOfDay());
    }

    private function midnight(Day $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day->date, Shop::here()->timeZone)->startOfDay();
    }

    /** Null where its readings are not known. */
    private static function seenBy(CalibrationRow $row): ?float
    {
        return $row->sheet === null ? null : CalibrationSheet::ofData($row->sheet)->asLeft()?->sees();
    }

    /** @return list<array{Day, float, bool}> calibrations and checks before this one; each sees what is beyond the limit that it was held against */
    private function checks(ToolRow $tool, ?string $calibration): array
    {
        $sees = $tool->permissible === null ? 0.0 : Permissible::of($tool->permissible)->value()->toFloat();
        $checks = [];
        foreach ($tool->calibrations()->get() as $row) {
            if ($row->entry_id !== $calibration) {
                // As it was left is what it was good for from that day on.
                $checks[] = [Day::of($row->calibrated_on), self::seenBy($row) ?? $sees, $row->conforms && $row->found !== AsFound::Unread->value];
            }
        }
        foreach (ToolMove::query()->where('tool', $tool->id)->where('kind', 'tool_checked')->get() as $move) {
            $checks[] = [ToolBook::day($move->at), $sees, true];
        }

        return $checks;
    }
}
