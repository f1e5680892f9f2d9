<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\ToolRulesRow;
use App\Crib\ToolFields;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\FormRules;
use Tekkal\Core\Tool\ToolForm;

/** By what tools of a form are calibrated from now on. What was calibrated keeps the rules that it was judged by. */
final readonly class SetToolRules
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array<mixed>  $rules */
    public function __invoke(ToolForm $form, array $rules, Person $by): void
    {
        if (! $form->isCalibrated()) {
            throw Refused::field('form', sprintf('A %s is not calibrated.', $form->words()), $form->value);
        }
        $read = ToolFields::guarded(fn (): FormRules => FormRules::of($rules), 'rules.');
        if (str_ends_with($read->permissible, '%') !== $form->deviatesByShare()) {
            throw Refused::field('rules.permissible', $form->deviatesByShare() ? 'Of a torque tool the permissible deviation is a share, such as 4 %.' : 'Of an instrument the permissible deviation is given in steps of its scale, such as 2 steps.', $read->permissible);
        }
        $this->recorder->transaction(function () use ($form, $read, $by): void {
            $this->recorder->lock('toolrules/'.$form->value);
            if (ToolRulesRow::query()->find($form->value)?->rules === $read->toData()) {
                throw Refused::field('rules', 'They are as they were; nothing was changed.', '');
            }
            $this->recorder->append(new Draft(Ids::next(), 'tool_rules_set', 'toolrules/'.$form->value, $by->id, array_filter($read->toData(), fn (mixed $v): bool => $v !== null)));
        });
    }
}
