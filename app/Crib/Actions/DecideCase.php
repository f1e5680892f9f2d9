<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseDecision;
use App\Crib\Models\LookBackCase;
use App\Crib\Queries\CaseDecisions;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Tool\LookBackVerdict;

/** What becomes of an engine that a case has touched, or of some of its fasteners. A later decision stands beside the earlier one. */
final readonly class DecideCase
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  list<string>  $builds  one, or several about which the same is decided
     * @param  list<string>  $fasteners  each as joint/position; none: the whole engine
     */
    public function __invoke(string $id, array $builds, CaseDecision $decision, array $fasteners, Person $by): void
    {
        $this->recorder->transaction(function () use ($id, $builds, $decision, $fasteners, $by): void {
            $this->recorder->lock(LookBackCase::stream($id));
            $case = LookBackCase::query()->findOrFail($id);
            if ($case->state === 'closed') {
                throw new Refused(ProblemType::NotDone, "Case $case->number is closed; nothing is decided in it any more.", 409, ['field' => 'case', 'value' => 'closed']);
            }
            foreach ($builds as $build) {
                $this->mayDecide($case, $build, $decision, $fasteners, $by);
                $this->recorder->append(new Draft(Ids::next(), 'case_decided', LookBackCase::stream($id), $by->id, ['build' => $build, 'decision' => $decision->value] + ($fasteners === [] ? [] : ['fasteners' => $fasteners]), new Concerns($build)));
            }
        });
    }

    /** @param  list<string>  $fasteners */
    private function mayDecide(LookBackCase $case, string $build, CaseDecision $decision, array $fasteners, Person $by): void
    {
        $results = DB::table('look_back_results')->where('case', $case->id)->where('subject', $build);
        if (! (clone $results)->exists()) {
            throw Refused::field('builds', "Case $case->number has not touched this engine.", $build);
        }
        $judged = $results->get(['joint', 'position', 'verdict'])->groupBy(fn (stdClass $r): string => CaseDecisions::fastener($r->joint, $r->position));
        $odd = array_values(array_diff($fasteners, $judged->keys()->all()));
        if ($odd !== []) {
            throw Refused::field('fasteners', sprintf('Nothing was done at %s with this tool.', substr((string) strrchr("/$odd[0]", '/'), 1)), $odd[0]);
        }
        if (DB::table('results')->join('look_back_results AS l', fn ($join) => $join->on('l.result', 'results.entry_id')->on('l.step', 'results.step'))->where('l.case', $case->id)->where('l.subject', $build)->where('results.person', $by->id)->exists()) {
            throw Refused::forbidden('You tightened something of it yourself. Somebody else decides what becomes of it.');
        }
        $isOut = ($fasteners === [] ? $judged : $judged->only($fasteners))->flatten(1)->contains('verdict', LookBackVerdict::Out->value);
        if ($decision === CaseDecision::UseAsIs && $isOut && ! $by->may(Ability::ApproveProcedures)) {
            throw Refused::forbidden('Something on it lies outside its window. That it is used as it is, the approver decides.');
        }
    }
}
