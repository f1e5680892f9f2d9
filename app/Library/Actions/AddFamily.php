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
            $family = Family::query()->firstOrCreate(['code' => $code], ['id' => Ids::next(), 'name' => $name, 'description' => $description]);
            if ($family->name !== $name) {
                throw Refused::field('name', sprintf('%s is the code of %s already.', $code, $family->name), $name);
            }
            $this->recorder->lock('family/'.$family->id);
            $known = Joint::query()->where('family', $family->id)->get();
            $new = array_values(array_diff($joints, $known->pluck('name')->all()));
            foreach ($new as $i => $joint) {
                Joint::query()->create(['id' => Ids::next(), 'family' => $family->id, 'name' => $joint, 'assembly_order' => (int) $known->max('assembly_order') + $i + 1]);
            }
            $named = Variant::query()->where('family', $family->id)->pluck('name')->all();
            $newVariants = array_values(array_filter($variants, fn (array $v): bool => ! in_array($v['name'], $named, true)));
            foreach ($newVariants as $variant) {
                Variant::query()->create(['id' => Ids::next(), 'family' => $family->id] + $variant);
            }
            if ($family->wasRecentlyCreated || $new !== [] || $newVariants !== []) {
                $this->recorder->append(new Draft(Ids::next(), 'family_extended', 'family/'.$family->id, $by->id, data: ['code' => $code, 'name' => $family->name, 'joints' => $new, 'variants' => array_column($newVariants, 'name')]));
            }

            return $family;
        });
    }
}
