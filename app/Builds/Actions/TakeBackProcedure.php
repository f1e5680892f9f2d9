<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/** Takes back work that nobody has begun. */
final readonly class TakeBackProcedure
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $assignmentId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($assignmentId, $lead): void {
            $assignment = Assignment::query()->find($assignmentId) ?? throw Refused::notFound('There is no such job.');
            GiveProcedure::openBuild($this->recorder, $assignment->subject);
            // Beginning and taking back both write this row, so that only one of the two is ever committed.
            DB::table('assignments')->where('id', $assignmentId)->lockForUpdate()->value('id');
            if ($assignment->refresh()->taken_back_at !== null) {
                return;
            }
            if ($assignment->begun_at !== null) {
                throw new Refused(ProblemType::RunBegun, 'The work has been begun; it cannot be taken back. Another assembler can take it over at the bench.', 409);
            }
            $this->recorder->append(new Draft(
                Ids::next(), 'procedure_taken_back', 'subject/'.$assignment->subject, $lead->id, ['assignment' => $assignment->id], new Concerns($assignment->subject),
            ));
        });
    }
}
