<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\LayOutRequest;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\CoreException;
use Tekkal\Core\Sequence\MapGenerator;
use Tekkal\Core\Unit\Length;

final class LayoutController
{
    /** Points for positions that are laid out by a pattern, mm. */
    public function __invoke(LayOutRequest $request): JsonResponse
    {
        try {
            $points = self::points($request);
        } catch (CoreException $e) {
            throw Refused::field('pattern', $e->getMessage());
        }

        return new JsonResponse(['points' => array_map(fn (array $p): array => ['x' => (string) $p[0]->inBase()->stripTrailingZeros(), 'y' => (string) $p[1]->inBase()->stripTrailingZeros()], $points)]);
    }

    /** @return list<array{Length, Length}> */
    private static function points(LayOutRequest $g): array
    {
        $count = $g->integer('count');

        return match ($g->text('pattern')) {
            'rows' => MapGenerator::rows($g->integer('rows', 1), $count, $g->float('pitch'), $g->float('apart'), $g->float('x'), $g->float('y'), $g->boolean('staggered')),
            'circle' => MapGenerator::circle($count, $g->float('diameter'), $g->float('x'), $g->float('y'), $g->float('from')),
            default => MapGenerator::pairs($count, $g->float('pitch'), $g->float('apart'), $g->float('x'), $g->float('y')),
        };
    }
}
