<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseDecision;
use App\Crib\Models\LookBackCase;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\LookBackVerdict;

/** What becomes of an engine that a case has touched, or of some of its fasteners. A later decision stands beside the earlier one. */
final readonly class DecideCase
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  list<string>  $builds  one, or several about which the same is decided
     * @param  list<string>  $positions  none: the whole engine
     */
    public function __invoke(string $id, array $builds, CaseDecision $decision, array $positions, Person $by): void
    {
        $this->recorder->transaction(function () use ($id, $builds, $decision, $positions, $by): void {
            $this->recorder->lock(LookBackCase::stream($id));
            $case = LookBackCase::query()->findOrFail($id);
            if ($case->state === 'closed') {
                throw new Refused(ProblemType::NotDone, "Case $case->number is closed; nothing is decided in it any more.", 409, ['field' => 'case', 'value' => 'closed']);
            }
            foreach ($builds as $build) {
                $this->mayDecide($case, $build, $decision, $positions, $by);
                $this->recorder->append(new Draft(Ids::next(), 'case_decided', LookBackCase::stream($id), $by->id, ['build' => $build, 'decision' => $decision->value] + ($positions === [] ? [] : ['positions' => $positions]), new Concerns($build)));
            }
        });
    }

    /** @param  list<string>  $positions */
    private function mayDecide(LookBackCase $case, string $build, CaseDecision $decision, array $positions, Person $by): void
    {
        $results = DB::table('look_back_results')->where('case', $case->id)->where('subject', $build);
        if (! (clone $results)->exists()) {
            throw Refused::field('builds', "Case $case->number has not touched this engine.", $build);
        }
        $known = (clone $results)->distinct()->pluck('position')->all();
        $odd = array_values(array_diff($positions, $known));
        if ($odd !== []) {
            throw Refused::field('positions', "Nothing was done at $odd[0] with this tool.", $odd[0]);
        }
        if (DB::table('results')->join('look_back_results AS l', fn ($join) => $join->on('l.result', 'results.entry_id')->on('l.step', 'results.step'))->where('l.case', $case->id)->where('l.subject', $build)->where('results.person', $by->id)->exists()) {
            throw Refused::forbidden('You tightened something of it yourself. Somebody else decides what becomes of it.');
        }
        $isOut = (clone $results)->where('verdict', LookBackVerdict::Out->value)->when($positions !== [], fn ($q) => $q->whereIn('position', $positions))->exists();
        if ($decision === CaseDecision::UseAsIs && $isOut && ! $by->may(Ability::ApproveProcedures)) {
            throw Refused::forbidden('Something on it lies outside its window. That it is used as it is, the approver decides.');
        }
    }
}
