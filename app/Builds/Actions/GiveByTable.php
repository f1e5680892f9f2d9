<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Queries\JointsOf;
use App\Ledger\Recorder;
use App\Library\Actions\ServeByTable;
use App\People\Models\Person;
use App\Shared\Http\DeskCommand;
use App\Shared\Refused;

/** Gives out a joint that no procedure is written for, by a row of an approved general table. */
final readonly class GiveByTable
{
    public function __construct(private Recorder $recorder, private ServeByTable $serve, private GiveProcedure $give)
    {
    }

    /**
     * @param  array{table: string, row: string, bolts: int, layout: string}  $by  which row, and how many bolts lie how
     * @param  bool  $isClassC  whoever gives it out says that it is a joint of that class: nobody else has said it
     */
    public function __invoke(string $subjectId, string $jointId, array $by, bool $isClassC, string $personId, Person $lead, ?DeskCommand $command = null): string
    {
        $isClassC || throw Refused::field('class_c', 'A general table serves joints of risk class C only. Say that this is one, or have a procedure approved for it.');

        return $this->recorder->transaction(function () use ($subjectId, $jointId, $by, $personId, $lead, $command): string {
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->text('data.assignment');
            }
            $joint = JointsOf::one(GiveProcedure::openBuild($this->recorder, $subjectId), $jointId);
            $procedure = ($this->serve)($joint->load('inFamily'), $by['table'], $by['row'], $by['bolts'], $by['layout'], $lead);

            return ($this->give)($subjectId, $joint->id, $personId, $lead, $command, $procedure);
        });
    }
}
