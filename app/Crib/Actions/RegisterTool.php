<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\Tool;

final readonly class RegisterTool
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(Tool $tool, string $name, Person $keeper): string
    {
        if (! $keeper->may(Ability::KeepTools)) {
            throw Refused::forbidden('Only the crib keeper registers tools.');
        }
        $id = Ids::next();
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'tool_registered', 'tool/'.$id, $keeper->id, data: [
            'code' => $tool->code, 'name' => $name, 'kind' => $tool->kind->value, 'unit' => $tool->resolution->unit->code(),
            'lowest' => $tool->range->lowest->digits, 'highest' => $tool->range->highest->digits, 'resolution' => $tool->resolution->digits,
        ] + ($tool->class === null ? [] : ['class' => $tool->class->value]))));

        return $id;
    }
}
