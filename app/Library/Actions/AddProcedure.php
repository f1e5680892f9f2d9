<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\Variant;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** A procedure for a joint with a hardware option; copied from a sister, it remembers which. */
final readonly class AddProcedure
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(Joint $joint, string $option, Person $by, ?string $sister = null, ?string $variant = null): Procedure
    {
        if ($variant !== null && ! Variant::query()->where('family', $joint->family)->whereKey($variant)->exists()) {
            throw Refused::field('variant', 'The family has no such variant.', $variant);
        }

        return $this->recorder->transaction(function () use ($joint, $option, $by, $sister, $variant): Procedure {
            $this->recorder->lock('joint/'.$joint->id);
            if (Procedure::query()->where('joint', $joint->id)->where('option', $option)->exists()) {
                throw Refused::field('option', sprintf('%s already has a procedure for "%s". Open that, or name another hardware option.', $joint->name, $option), $option);
            }
            $id = Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'procedure_added', 'procedure/'.$id, $by->id, data: array_filter(['joint' => $joint->id, 'option' => $option, 'variant' => $variant, 'sister_of' => $sister], fn (?string $v): bool => $v !== null)));

            return Procedure::query()->findOrFail($id);
        });
    }
}
