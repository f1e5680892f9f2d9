<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Opening;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Family;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\Queries\Lineage;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\Refused;

/** A head or a short block that is tightened by itself, before it has an engine or after it came off one. It bears a number of its own. */
final readonly class OpenSubassembly
{
    /** In signs. */
    private const LONGEST = 40;

    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string  $kind  as its family calls it: "Head"
     * @param  string  $customer  whose it is; empty: the shop's own
     */
    public function __invoke(string $family, string $kind, string $serial, string $customer, Person $by, ?DeskCommand $command = null): string
    {
        $of = Family::query()->firstWhere('code', mb_strtoupper($family)) ?? throw Refused::field('family', sprintf('The library has no engine family %s.', mb_substr($family, 0, 12)), $family);
        if (! in_array($kind, $of->subassemblies(), true)) {
            throw Refused::field('kind', sprintf('An engine of %s has no subassembly "%s". %s', $of->name, mb_substr($kind, 0, self::LONGEST), self::known($of)), $kind);
        }
        if ($customer !== '' && ! Customer::query()->whereKey($customer)->exists()) {
            throw Refused::field('customer', 'Choose the customer whose it is, or nobody: then it is the shop’s own.', $customer);
        }

        return $this->recorder->transaction(function () use ($of, $kind, $serial, $customer, $by, $command): string {
            $this->recorder->lock(OpenBuild::REGISTER);
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->streamId();
            }

            return $this->open($of, $kind, $serial, $customer, $by, $command);
        });
    }

    /** Within a transaction that holds the register of numbers. */
    public function open(Family $family, string $kind, string $serial, string $customer, Person $by, ?DeskCommand $command = null): string
    {
        $id = Ids::next();
        $data = ['serial' => self::free($serial), 'build_number' => 1, 'family' => $family->id, 'subassembly' => $kind] + ($customer === '' ? [] : ['customer' => $customer]);
        $this->recorder->append((new Draft($command->id ?? Ids::next(), 'build_opened', 'subject/'.$id, $by->id, $data, new Concerns($id)))->sent(new Sending(hash: $command?->hash)));

        return $id;
    }

    /** @throws Refused when it cannot be a number, or something here bears it */
    private static function free(string $serial): string
    {
        $serial = Opening::written($serial);
        if ($serial === '' || mb_strlen($serial) > self::LONGEST) {
            throw Refused::field('serial', sprintf('A number of its own has 1 to %d signs.', self::LONGEST), mb_substr($serial, 0, self::LONGEST));
        }
        $other = Lineage::builds([$serial])->last();

        return $other === null ? $serial : throw Refused::field('serial', sprintf('%s is another one’s number: %s, %s.', $serial, $other->title(), $other->state->words()), $serial);
    }

    private static function known(Family $family): string
    {
        $known = implode(', ', $family->subassemblies());

        return $known === '' ? 'The library says which it has, with the family’s joints.' : "It has: $known.";
    }
}
