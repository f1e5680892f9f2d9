<?php

declare(strict_types=1);

namespace App\Simulators\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What recording is measured against: the same request by the same way in, and one insert. Only in a bench's instance. */
final class BareInsertController
{
    public function __invoke(Request $request): JsonResponse
    {
        DB::table('bare_inserts')->insert(['body' => $request->getContent()]);

        return new JsonResponse(['stored' => true]);
    }
}
