<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Queries\ConflictRegister;
use Illuminate\Http\JsonResponse;

final class ConflictController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['conflicts' => ConflictRegister::all()]);
    }
}
