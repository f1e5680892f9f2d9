<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Ledger\Machine;
use Illuminate\Http\JsonResponse;

/** How the instance stands, for the lead; bin/tekkal status says the same at the machine. */
final class MachineController
{
    public function __invoke(Machine $machine): JsonResponse
    {
        return new JsonResponse(['lines' => $machine->state()]);
    }
}
