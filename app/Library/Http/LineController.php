<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\ReadLineRequest;
use App\Library\Http\Requests\SketchLineRequest;
use App\Library\Queries\LineSketches;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\CoreException;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineReader;

final class LineController
{
    /** A line while it is typed, of a procedure that nobody has begun yet. */
    public function sketch(SketchLineRequest $request): JsonResponse
    {
        return new JsonResponse(LineSketches::of($request->text('line')));
    }

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
