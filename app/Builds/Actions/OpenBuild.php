<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Family;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Database\UniqueConstraintViolationException;

/** Opens a build of a serial number. A serial comes back: its next build is opened after a question. */
final readonly class OpenBuild
{
    private const SERIAL = '/^(?<family>[A-Z0-9]{2,6})-\d{2}-\d{4}$/D';

    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $serial, string $customer, bool $nextBuild, Person $lead, ?DeskCommand $command = null): string
    {
        $family = $this->familyOf(trim($serial));
        $serial = mb_strtoupper(trim($serial));
        Customer::query()->find($customer) ?? throw Refused::field('customer', 'Choose the customer whose engine it is.', $customer);

        try {
            return $this->recorder->transaction(function () use ($serial, $family, $customer, $nextBuild, $lead, $command): string {
                // Two at once wait here, so that the second finds what the first has stored.
                $this->recorder->lock('serial/'.$serial);
                $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);

                return $stored === null ? $this->open($serial, $family, $customer, $nextBuild, $lead, $command) : $stored->streamId();
            });
        } catch (UniqueConstraintViolationException) {
            throw $this->alreadyOpen($serial);
        }
    }

    private function open(string $serial, Family $family, string $customer, bool $nextBuild, Person $lead, ?DeskCommand $command): string
    {
        $last = Subject::query()->where('serial', $serial)->lockForUpdate()->get()->sortByDesc('build_number')->first();
        if ($last?->state === BuildState::Open) {
            throw $this->alreadyOpen($serial);
        }
        if ($last !== null && ! $nextBuild) {
            throw new Refused(ProblemType::EarlierBuild, sprintf('%s was here before: build %d, %s. Is this its build %d?', $serial, $last->build_number, $last->state->value, $last->build_number + 1), 409, ['field' => 'serial', 'value' => $serial, 'next_build' => $last->build_number + 1]);
        }
        $id = Ids::next();
        $draft = new Draft($command->id ?? Ids::next(), 'build_opened', 'subject/'.$id, $lead->id, [
            'serial' => $serial, 'build_number' => ($last->build_number ?? 0) + 1, 'family' => $family->id, 'customer' => $customer,
        ], new Concerns($id));
        $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

        return $id;
    }

    private function familyOf(string $serial): Family
    {
        if (preg_match(self::SERIAL, mb_strtoupper($serial), $m) !== 1) {
            throw Refused::field('serial', sprintf('"%s" is no serial number. It reads like TN3-26-0417: family, year, number.', mb_substr($serial, 0, 40)), $serial);
        }

        return Family::query()->where('code', $m['family'])->first()
            ?? throw Refused::field('serial', sprintf('The library has no engine family %s.', $m['family']), $serial);
    }

    private function alreadyOpen(string $serial): Refused
    {
        return new Refused(ProblemType::BuildOpen, sprintf('%s is already open. Finish that build before the next one.', $serial), 409, ['field' => 'serial', 'value' => $serial]);
    }
}
