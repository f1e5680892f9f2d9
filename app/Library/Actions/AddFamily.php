<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Variant;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** A new engine family with its joints and variants, or more of them for one that is there. */
final readonly class AddFamily
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  list<string>  $joints  in assembly order
     * @param  list<array<string, string>>  $variants
     */
    public function __invoke(string $code, string $name, string $description, array $joints, array $variants, Person $by): Family
    {
        if (preg_match('/^[A-Z][A-Z0-9]{1,11}$/D', $code) !== 1) {
            throw Refused::field('code', 'A code of 2 to 12 capital letters and digits is wanted, as the family’s serials begin with: TN3.', $code);
        }

        return $this->recorder->transaction(function () use ($code, $name, $description, $joints, $variants, $by): Family {
            // Held until commit, so that two at once do not both make it.
            $this->recorder->lock('register/families');
            $family = Family::query()->where('code', $code)->first();
            if ($family !== null && $family->name !== $name) {
                throw Refused::field('name', sprintf('%s is the code of %s already.', $code, $family->name), $name);
            }
            $id = $family->id ?? Ids::next();
            $known = Joint::query()->where('family', $id)->get();
            $last = (int) $known->max('assembly_order');
            $newJoints = array_map(
                fn (string $joint, int $i): array => ['id' => Ids::next(), 'name' => $joint, 'assembly_order' => $last + $i + 1],
                $new = array_values(array_diff($joints, $known->pluck('name')->all())),
                array_keys($new),
            );
            $named = Variant::query()->where('family', $id)->pluck('name')->all();
            $newVariants = array_map(
                fn (array $v): array => ['id' => Ids::next()] + $v,
                array_values(array_filter($variants, fn (array $v): bool => ! in_array($v['name'], $named, true))),
            );
            if ($family === null || $newJoints !== [] || $newVariants !== []) {
                $this->recorder->append(new Draft(Ids::next(), 'family_extended', 'family/'.$id, $by->id, data: [
                    'code' => $code, 'name' => $name, 'description' => $family->description ?? $description, 'joints' => $newJoints, 'variants' => $newVariants,
                ]));
            }

            return $family ?? Family::query()->findOrFail($id);
        });
    }
}
