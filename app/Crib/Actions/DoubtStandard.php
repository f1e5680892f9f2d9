<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseCause;
use App\Crib\ChainReason;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Crib\ToolState;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Tool\Day;

/** A reference standard was wrong: it reaches every tool that was calibrated against it, each with a case of its own; those that still rest on it go out of use. */
final readonly class DoubtStandard
{
    private const MOST_PERCENT = 50.0;

    public function __construct(private Recorder $recorder, private OpenCase $open)
    {
    }

    /**
     * @param  string|null  $off  by how much it showed too much, % of the true value; null: nobody knows yet
     * @return int how many tools it reaches
     */
    public function __invoke(string $id, string $since, ?string $off, Person $by): int
    {
        return $this->recorder->transaction(function () use ($id, $since, $off, $by): int {
            $this->recorder->lock('reference/'.$id);
            $standard = ReferenceStandard::query()->findOrFail($id);
            $this->check($standard, $since, $off);
            $this->recorder->append(new Draft(Ids::next(), 'reference_doubted', 'reference/'.$id, $by->id, ['since' => $since] + ($off === null ? [] : ['off' => $off])));
            $reached = CalibrationRow::query()->where('standard', $id)->where('calibrated_on', '>=', $since)->orderBy('calibrated_on')->get()->groupBy('tool');
            foreach ($reached as $tool => $calibrations) {
                $first = $calibrations->first();
                $row = ToolRow::query()->with('calibrations')->findOrFail($tool);
                $this->chain($row, $id, $by);
                $first === null ?: ($this->open)($row, CaseCause::WrongStandard, $calibrations->last()?->entry_id, INF, $by, ['standard' => $id, 'from' => $first->calibrated_on] + ($off === null ? [] : ['standard_off' => $off]));
            }

            return $reached->count();
        });
    }

    /** One whose last calibration rests on it is out of use until it is calibrated anew. */
    private function chain(ToolRow $tool, string $standard, Person $by): void
    {
        $last = $tool->calibrations->sortByDesc('calibrated_on')->first();
        if ($last?->standard === $standard && ! in_array($tool->state, [ToolState::Chained, ToolState::Retired], true)) {
            $this->recorder->append(new Draft(Ids::next(), 'tool_chained', ToolRow::stream($tool->id), $by->id, ['reason' => ChainReason::WrongStandard->value]));
        }
    }

    private function check(ReferenceStandard $standard, string $since, ?string $off): void
    {
        $today = ToolBook::day(now()->toImmutable());
        if (Day::of($since)->isAfter($today)) {
            throw new Refused(ProblemType::BadValue, sprintf('%s lies ahead; today is %s.', Day::of($since)->words(), $today->words()), 422, ['field' => 'since', 'value' => $since, 'limit' => $today->date]);
        }
        if ($standard->doubted_since !== null) {
            throw new Refused(ProblemType::NotDone, sprintf('It is on record already that %s was wrong since %s.', $standard->code, Day::of($standard->doubted_since)->words()), 409, ['field' => 'since', 'value' => $standard->doubted_since]);
        }
        if ($off !== null && ($standard->measures !== 'torque' || abs((float) $off) > self::MOST_PERCENT)) {
            throw new Refused(ProblemType::BadValue, $standard->measures !== 'torque' ? 'How far it was off in % is asked of a standard of torque only.' : 'A standard that is off by more than 50 % is none.', 422, ['field' => 'off', 'value' => $off, 'limit' => self::MOST_PERCENT, 'unit' => '%']);
        }
    }
}
