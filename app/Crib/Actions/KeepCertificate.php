<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** The certificate that came with a tool is kept by the hash of its bytes. */
final readonly class KeepCertificate
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(CalibrationRow $calibration, PaperFile $file, Person $by): void
    {
        Papers::keepScan($file->bytes);
        $this->recorder->transaction(function () use ($calibration, $file, $by): void {
            $this->recorder->lock(ToolRow::stream($calibration->tool));
            if (CalibrationRow::query()->whereKey($calibration->entry_id)->lockForUpdate()->value('paper') !== null) {
                throw new Refused(ProblemType::NotDone, 'A certificate is attached to it already.', 409, ['field' => 'file']);
            }
            $this->recorder->append(new Draft(Ids::next(), 'tool_paper_kept', ToolRow::stream($calibration->tool), $by->id, ['calibration' => $calibration->entry_id] + $file->toData()));
        });
    }
}
