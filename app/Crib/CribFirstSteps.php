<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\CalibrationRow;
use App\Shared\Contracts\FirstStep;
use App\Shared\Contracts\FirstSteps;

/** What a crib begins with. */
final class CribFirstSteps implements FirstSteps
{
    public function steps(): array
    {
        return [new FirstStep('tools', 7, 'Tools and their last certificates', 'by file, or one by one', CalibrationRow::query()->exists(), '/crib/register')];
    }
}
