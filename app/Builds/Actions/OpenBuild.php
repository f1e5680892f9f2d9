<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Opening;
use App\Builds\Queries\FamilyOfSerial;
use App\Builds\Queries\VariantOfSerial;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Family;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Opens a build of a serial number. A serial comes back: its next build is opened after a question. */
final readonly class OpenBuild
{
    /** Two at once wait here, whatever numbers they bring: an engine may bear several. */
    public const REGISTER = 'register/serials';

    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(Opening $opening, Person $lead, ?DeskCommand $command = null): string
    {
        $family = self::checked($opening);

        return $this->recorder->transaction(function () use ($opening, $family, $lead, $command): string {
            $this->recorder->lock(self::REGISTER);
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->streamId();
            }
            $draft = $this->draft($opening, $family, $lead, $command->id ?? Ids::next());
            $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

            return (string) $draft->concerns->subject;
        });
    }

    /**
     * Many at once: all of them, or none.
     *
     * @param  non-empty-list<Opening>  $openings
     * @return list<string> in their order
     */
    public function many(array $openings, Person $lead): array
    {
        $families = array_map(self::checked(...), $openings);

        return $this->recorder->transaction(function () use ($openings, $families, $lead): array {
            $this->recorder->lock(self::REGISTER);

            return array_map(function (Opening $opening, Family $family) use ($lead): string {
                $draft = $this->draft($opening, $family, $lead, Ids::next());
                $this->recorder->append($draft);

                return (string) $draft->concerns->subject;
            }, $openings, $families);
        });
    }

    private function draft(Opening $opening, Family $family, Person $lead, string $entry): Draft
    {
        $build = self::buildNumber($opening);
        $data = [
            'serial' => $opening->serial, 'build_number' => $build, 'family' => $family->id, 'customer' => $opening->customer, 'waits' => $opening->waits,
            'old_serials' => $opening->oldSerials, 'facts' => $opening->facts->orElse('variant', VariantOfSerial::of($opening->serial, $family))->toData(),
        ];
        $id = Ids::next();

        return new Draft($entry, 'build_opened', 'subject/'.$id, $lead->id, array_filter($data, fn (mixed $v): bool => $v !== [] && $v !== false), new Concerns($id));
    }

    /** @return Family what it is a member of, everything else of it being right */
    public static function checked(Opening $opening): Family
    {
        Customer::query()->find($opening->customer) ?? throw Refused::field('customer', 'Choose the customer whose engine it is.', $opening->customer);
        $family = FamilyOfSerial::of($opening->serial, $opening->family);
        self::facts($opening, $family);

        return $family;
    }

    private static function facts(Opening $opening, Family $family): void
    {
        DescribeBuild::check($opening->facts, $family);
        foreach ($opening->oldSerials as $serial) {
            if (mb_strlen($serial) > 40) {
                throw Refused::field('old_serials', sprintf('"%s…" is longer than a number can be, 40 signs.', mb_substr($serial, 0, 40)), $serial);
            }
        }
    }

    /** Which build it is; a number that was here before is asked about. */
    public static function buildNumber(Opening $opening): int
    {
        $builds = Lineage::builds([$opening->serial, ...$opening->oldSerials]);
        $open = $builds->first(fn (Subject $s): bool => in_array($s->state, [BuildState::Open, BuildState::Received], true));
        if ($open !== null) {
            throw self::alreadyOpen($open->serial);
        }
        $last = $builds->last();
        $next = ($last->build_number ?? 0) + 1;
        if ($last !== null && $opening->build !== $next) {
            throw new Refused(ProblemType::EarlierBuild, sprintf(
                '%s was here before%s: build %d, %s. Is this its build %d?', $opening->serial, $last->serial === $opening->serial ? '' : " as $last->serial", $last->build_number, $last->state->value, $next,
            ), 409, ['field' => 'serial', 'value' => $opening->serial, 'next_build' => $next]);
        }
        if ($last === null && $opening->build !== null && $opening->build !== 1) {
            throw Refused::field('build', sprintf('%s was never here: this is its build 1, not %d.', $opening->serial, $opening->build), (string) $opening->build);
        }

        return $next;
    }

    private static function alreadyOpen(string $serial): Refused
    {
        return new Refused(ProblemType::BuildOpen, sprintf('%s is already open. Finish that build before the next one.', $serial), 409, ['field' => 'serial', 'value' => $serial]);
    }
}
