<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\GeneralTableRow;
use App\Library\Models\Source;
use App\Library\Queries\TableDoubts;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\CoreException;
use Tekkal\Core\Document\GeneralTable;
use Tekkal\Core\Document\GeneralValue;
use Tekkal\Core\Unit\Kind;

/** A general table of the shop's: asked for by one person, signed by another, withdrawn by whoever signs. */
final readonly class SetGeneralTable
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{code: string, source: string, condition: string, tolerance: string, rows: string, although: string}  $fields  rows as they were pasted */
    public function ask(array $fields, Person $by): string
    {
        $paper = Source::query()->where('code', $fields['source'])->first() ?? throw Refused::field('source', sprintf('There is no source "%s". Put the paper of the table on record first.', $fields['source']), $fields['source']);
        $values = self::values($fields);
        $doubts = TableDoubts::of(GeneralTableRow::from($fields['code'], $paper, $fields['condition'], $fields['tolerance']), $values);
        if ($doubts !== [] && $fields['although'] === '') {
            throw Refused::field('although', sprintf('%s Say what speaks for it, or put it right.', $doubts[0]), $fields['rows']);
        }

        return $this->recorder->transaction(function () use ($fields, $values, $doubts, $by): string {
            $this->recorder->lock('register/standards');
            if (GeneralTableRow::query()->where('code', $fields['code'])->exists()) {
                throw Refused::field('code', sprintf('%s is taken. A table is not changed once it is set; give the new one a code of its own.', $fields['code']), $fields['code']);
            }
            $id = Ids::next();
            $rows = array_map(fn (GeneralValue $v): array => $v->toArray(), $values->values);
            $this->recorder->append(new Draft(Ids::next(), 'general_table_asked', 'standard/'.$id, $by->id, data: ['rows' => $rows, 'although' => $doubts === [] ? '' : $fields['although']] + $fields));

            return $id;
        });
    }

    public function approve(string $id, Person $by, string $signature): void
    {
        $this->recorder->transaction(function () use ($id, $by, $signature): void {
            $table = $this->locked($id);
            if ($table->asked_by === $by->id) {
                throw Refused::forbidden('Nobody approves what they asked for. Ask another approver to sign.');
            }
            if ($table->state !== 'asked') {
                throw Refused::field('table', sprintf('%s is %s already.', $table->code, $table->state));
            }
            $this->recorder->append(new Draft(Ids::next(), 'general_table_approved', 'standard/'.$id, $by->id, data: ['signature' => $signature, 'meaning' => 'approved as a general table for joints of risk class C']));
        });
    }

    /** Nothing new is done by it. What was given out by it stays with its revision; that can be stopped. */
    public function withdraw(string $id, string $why, Person $by): void
    {
        $this->recorder->transaction(function () use ($id, $why, $by): void {
            $table = $this->locked($id);
            if ($table->state === 'withdrawn') {
                throw Refused::field('table', "$table->code is withdrawn already.");
            }
            $this->recorder->append(new Draft(Ids::next(), 'general_table_withdrawn', 'standard/'.$id, $by->id, data: ['why' => $why]));
        });
    }

    private function locked(string $id): GeneralTableRow
    {
        $this->recorder->lock('standard/'.$id);

        return GeneralTableRow::query()->find($id) ?? throw Refused::notFound(GeneralTableRow::missing());
    }

    /** @param  array{tolerance: string, rows: string}  $fields */
    private static function values(array $fields): GeneralTable
    {
        try {
            Tolerance::printed($fields['tolerance'], Kind::Torque);
        } catch (CoreException $e) {
            throw Refused::field('tolerance', $e->getMessage(), $fields['tolerance']);
        }
        try {
            return GeneralTable::read($fields['rows']);
        } catch (CoreException $e) {
            throw Refused::field('rows', $e->getMessage(), $e->value);
        }
    }
}
