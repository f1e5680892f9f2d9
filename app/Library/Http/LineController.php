<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\ReadLineRequest;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\CoreException;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineReader;

final class LineController
{
    /** Stages out of a tightening line that somebody typed. */
    public function __invoke(ReadLineRequest $request): JsonResponse
    {
        $line = $request->text('line');
        try {
            return new JsonResponse(LineReader::read($line, array_map(strval(...), (array) $request->validated('groups'))));
        } catch (InvalidDocument|CoreException $e) {
            throw new Refused(ProblemType::BadValue, $e instanceof InvalidDocument ? $e->problems[0]->sentence() : $e->getMessage(), 422, ['field' => 'line', 'value' => $line]);
        }
    }
}
