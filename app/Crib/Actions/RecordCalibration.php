<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\Day;

final readonly class RecordCalibration
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $tool, Day $on, Day $due, bool $conforms, string $certificate, Person $keeper): void
    {
        if (! $keeper->may(Ability::KeepTools)) {
            throw Refused::forbidden('Only the crib keeper records calibrations.');
        }
        if ($on->isAfter($due)) {
            throw Refused::field('due_on', sprintf('A calibration of %s cannot be due again before it, on %s.', $on->words(), $due->words()), $due->date);
        }
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'tool_calibrated', 'tool/'.$tool, $keeper->id, data: [
            'calibrated_on' => $on->date, 'due_on' => $due->date, 'conforms' => $conforms, 'certificate' => $certificate,
        ])));
    }
}
