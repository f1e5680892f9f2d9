<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Record\Models\Run;
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
            // The row is locked against a bench that begins the work at this moment.
            DB::table('assignments')->where('id', $assignmentId)->lockForUpdate()->value('id');
            if ($assignment->refresh()->taken_back_at !== null) {
                return;
            }
            if (Run::query()->where('assignment', $assignment->id)->exists()) {
                throw new Refused(ProblemType::RunBegun, 'The work has been begun; it cannot be taken back. Another assembler can take it over at the bench.', 409);
            }
            $this->recorder->append(new Draft(
                Ids::next(), 'procedure_taken_back', 'subject/'.$assignment->subject, $lead->id, ['assignment' => $assignment->id], new Concerns($assignment->subject),
            ));
        });
    }
}
