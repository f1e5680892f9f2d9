<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\ToolRecord;

/** What the crib says of a tool is set right. Its number and how it is made stay: another tool is another number. */
final readonly class ChangeTool
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $id, ToolRecord $record, Person $keeper): void
    {
        $this->recorder->transaction(function () use ($id, $record, $keeper): void {
            $this->recorder->lock(ToolRow::stream($id));
            $row = ToolRow::query()->findOrFail($id);
            if ($record->code !== $row->code) {
                throw Refused::field('code', "A tool keeps its number: it stands in the record. This is $row->code.", $record->code);
            }
            if ($record->form->value !== $row->form && $row->form !== 'wrench') {
                throw Refused::field('form', "$row->code is what it is. Retire it, and register the other one under another number.", $record->form->value);
            }
            if ($row->state === ToolState::Retired) {
                throw Refused::field('code', "$row->code was retired; nothing of it changes any more.", $row->code);
            }
            $this->recorder->append(new Draft(Ids::next(), 'tool_changed', ToolRow::stream($id), $keeper->id, RegisterTools::data($record)));
        });
    }
}
