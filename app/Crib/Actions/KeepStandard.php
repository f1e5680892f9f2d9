<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\ReferenceStandard;
use App\Crib\ToolFields;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\StandardUncertainty;
use Tekkal\Core\Tool\ToolException;
use Tekkal\Core\Unit\UnitException;

/** A reference standard comes in, or comes back with a new certificate. */
final readonly class KeepStandard
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{code: string, name: string, measures: string, uncertainty: string, certificate: string, laboratory: string, valid_from: string, valid_until: string}  $fields */
    public function __invoke(array $fields, Person $keeper): string
    {
        $fields = ['code' => strtoupper($fields['code']), 'uncertainty' => self::uncertainty($fields['uncertainty'], $fields['measures'])] + $fields;
        if (Day::of($fields['valid_from'])->isAfter(Day::of($fields['valid_until']))) {
            throw new Refused(ProblemType::BadValue, sprintf('A certificate of %s does not end before it, on %s.', Day::of($fields['valid_from'])->words(), Day::of($fields['valid_until'])->words()), 422, ['field' => 'valid_until', 'value' => $fields['valid_until'], 'limit' => $fields['valid_from']]);
        }

        return $this->recorder->transaction(function () use ($fields, $keeper): string {
            $known = ReferenceStandard::query()->where('code', $fields['code'])->lockForUpdate()->first();
            if ($known !== null && $known->measures !== $fields['measures']) {
                throw Refused::field('measures', "$known->code measures $known->measures; another standard has another number.", $fields['measures']);
            }
            if ($known !== null && $fields['certificate'] === $known->certificate) {
                throw Refused::field('certificate', "$known->code has this certificate already.", $fields['certificate']);
            }
            $id = $known->id ?? Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'reference_kept', 'reference/'.$id, $keeper->id, $fields));

            return $id;
        });
    }

    private static function uncertainty(string $said, string $measures): string
    {
        try {
            $uncertainty = StandardUncertainty::of(trim($said));
        } catch (ToolException $e) {
            throw ToolFields::refused($e);
        } catch (UnitException) {
            throw Refused::field('uncertainty', 'The uncertainty is a share or an amount, as its certificate has it: 0.4 % or 0.0002 mm.', $said);
        }
        if ($uncertainty->amount !== null && $uncertainty->amount->unit->kind()->value !== $measures) {
            throw Refused::field('uncertainty', sprintf('%s is no uncertainty of a standard of %s.', $uncertainty->amount->typeset(), $measures), $said);
        }

        return $uncertainty->code();
    }
}
