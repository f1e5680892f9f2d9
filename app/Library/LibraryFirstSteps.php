<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\Family;
use App\Library\Models\Standard;
use App\Shared\Contracts\FirstStep;
use App\Shared\Contracts\FirstSteps;

/** What a library begins with. */
final class LibraryFirstSteps implements FirstSteps
{
    public function steps(): array
    {
        return [
            // Once it is asked for it is with the approver, whose Today has it.
            new FirstStep('windows', 4, 'How close is close enough', 'the shop’s windows, and whose they are', Standard::query()->exists(), '/library/sources'),
            new FirstStep('families', 5, 'Engine families', 'by file, or a first joint by a typed line', Family::query()->exists(), '/library'),
        ];
    }
}
