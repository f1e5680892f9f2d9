<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Recorder;
use App\Library\Models\GeneralTableRow;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Models\WorkingDraft;
use App\Library\Queries\Procedures;
use App\Library\Queries\TableDoubts;
use App\People\Models\Person;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Document\TableException;

/** A joint without a procedure gets one from a row of an approved general table. The table's signature is what it rests on; it serves risk class C only. */
final readonly class ServeByTable
{
    public function __construct(private Recorder $recorder, private AddProcedure $add, private SubmitRevision $submit, private ApproveRevision $approve)
    {
    }

    /**
     * @param  string  $row  "M8 8.8 in cast iron"
     * @param  string  $layout  row, two_rows or circle
     * @return string the procedure, approved
     */
    public function __invoke(Joint $joint, string $tableId, string $row, int $bolts, string $layout, Person $by): string
    {
        return $this->recorder->transaction(function () use ($joint, $tableId, $row, $bolts, $layout, $by): string {
            $table = GeneralTableRow::query()->with('paper')->find($tableId) ?? throw Refused::notFound(GeneralTableRow::missing());
            $table->state === 'approved' || throw Refused::field('table', sprintf('%s is %s; only what is approved serves.', $table->code, $table->state === 'asked' ? 'not signed' : 'withdrawn'), $table->code);
            self::mayServe($joint);
            $value = $table->values()->value($row) ?? throw Refused::field('row', sprintf('%s has no row "%s".', $table->code, mb_substr($row, 0, 60)), $row);
            [$family, $name] = [$joint->inFamily->name, $joint->name];
            try {
                $document = $table->procedure()->document($family, $name, $value, $bolts, $layout);
            } catch (TableException $e) {
                throw Refused::field($e->what, $e->getMessage(), $e->value);
            }
            $option = (string) $document['option'];
            $procedure = Procedure::query()->where('joint', $joint->id)->where('option', $option)->first() ?? ($this->add)($joint, $option, $by);
            if (Procedures::inForce($joint->id, now()->toImmutable(), $procedure->id) === null) {
                $stored = ($this->submit)($procedure, $document, $by, TableDoubts::answered($document, $table->although));
                $this->approve->byTable($stored, $table, $by);
            }

            return $procedure->id;
        });
    }

    /** What is written for the joint governs; and what somebody has called class A or B is no joint for a table. */
    private static function mayServe(Joint $joint): void
    {
        $own = Procedures::allInForce($joint->id, now()->toImmutable())->first(fn (RevisionStatus $s): bool => $s->by_table === '');
        if ($own !== null) {
            throw new Refused(ProblemType::NotAllowed, sprintf('%s has an approved procedure, and that governs.', $joint->name), 409, ['field' => 'joint', 'value' => $joint->name]);
        }
        $documents = [...StoredRevision::query()->where('joint', $joint->id)->pluck('document')->all(), ...WorkingDraft::query()->whereIn('procedure', Procedure::query()->where('joint', $joint->id)->select('id'))->pluck('document')->all()];
        foreach ($documents as $document) {
            $class = data_get(json_decode((string) $document, true), 'risk_class');
            if (in_array($class, ['A', 'B'], true)) {
                throw new Refused(ProblemType::NotAllowed, sprintf('%s was written as a joint of risk class %s. A general table serves class C only; have its procedure approved.', $joint->name, $class), 409, ['field' => 'joint', 'value' => $joint->name]);
            }
        }
    }
}
