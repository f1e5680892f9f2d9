<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\SequenceRequest;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;

final class SequenceController
{
    /** An order generated, or somebody's own judged. */
    public function __invoke(SequenceRequest $request): JsonResponse
    {
        $positions = $request->positions();
        $judge = new SequenceJudge($positions);
        $pattern = Pattern::tryFrom($request->text('pattern'));
        $order = $pattern === null ? array_values((array) $request->validated('order')) : SequenceGenerator::generate($pattern, $positions, $request->boolean('reversed'));
        $report = $judge->judge($order);

        // A key such as "12" has become a number on its way through an array.
        $names = fn (array $keys): array => array_map(strval(...), $keys);

        return new JsonResponse([
            'order' => $names($order), 'arrangement' => $judge->arrangement->value, 'faults' => $report->faults(), 'missing' => $names($report->missing), 'neighbours' => array_map($names, $report->neighbours),
            'centre_out' => $report->centreOut, 'wander_mm' => (string) $report->wander->inBase(),
            'patterns' => array_map(fn (array $p): array => ['pattern' => $p[0]->value, 'words' => $p[0]->words()], SequenceGenerator::proposals($positions)),
        ]);
    }
}
