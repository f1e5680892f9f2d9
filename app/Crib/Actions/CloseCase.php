<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseCause;
use App\Crib\Models\LookBackCase;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\CaseDecisions;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** A case is closed when each of its engines has a decision; one that a calibration answers closes by itself. */
final readonly class CloseCase
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $id, Person $by): void
    {
        if (! $by->may(Ability::WorkCases)) {
            throw Refused::forbidden('Only the lead or the approver closes a case.');
        }
        $this->recorder->transaction(function () use ($id, $by): void {
            $this->recorder->lock(LookBackCase::stream($id));
            $case = LookBackCase::query()->findOrFail($id);
            if ($case->state !== 'open') {
                throw new Refused(ProblemType::NotDone, $case->state === 'closed' ? "Case $case->number is closed already." : "Case $case->number is still being judged.", 409, ['field' => 'case', 'value' => $case->state]);
            }
            $open = (new CaseDecisions($case->id))->undecided();
            if ($open !== []) {
                throw new Refused(ProblemType::NotDone, sprintf('%d %s no decision yet: %s. A case closes when each engine has one, and each fastener that is outside or in doubt.', count($open), count($open) === 1 ? 'engine has' : 'engines have', implode(', ', array_slice($open, 0, 5))), 409, ['field' => 'case', 'value' => count($open), 'limit' => 0, 'unit' => 'engines']);
            }
            $this->recorder->append(new Draft(Ids::next(), 'case_closed', LookBackCase::stream($id), $by->id));
        });
    }

    /** What a check had put in doubt is answered by how the tool is found: good closes it, and what fails opens a case of its own. */
    public function answered(ToolRow $tool, string $calibration, Person $by): void
    {
        foreach (LookBackCase::query()->where('tool', $tool->id)->where('cause', CaseCause::FailedCheck->value)->whereNot('state', 'closed')->get() as $case) {
            $this->recorder->append(new Draft(Ids::next(), 'case_closed', LookBackCase::stream($case->id), $by->id, ['answered_by' => $calibration]));
        }
    }
}
