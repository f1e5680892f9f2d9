<?php

declare(strict_types=1);

namespace App\Simulators\Http;

use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\CoreException;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedWrench;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** A wrench that is not there: answers one pull at limits it is told, with noise that its seed fixes. */
final class WrenchController
{
    public function __invoke(PullRequest $request): JsonResponse
    {
        $given = $request->validated();
        $unit = UnitNames::fromCode($given['unit']);
        // Exact limits carry more digits than any scale; a stand-in needs only those that its own scale shows.
        $limit = fn (string $digits): Written => Written::of(substr($digits, 0, 14), $unit);
        try {
            $window = new Window($limit($given['low']), $limit($given['high']));
        } catch (CoreException $e) {
            throw Refused::field('low', $e->getMessage(), $given['low']);
        }
        $pull = (new SimulatedWrench(new SeededNoise($given['seed'])))->pull($window, Written::of($given['resolution'], $unit), Manner::from($given['manner']));

        return new JsonResponse(['value' => $pull->digits, 'unit' => $unit->code(), 'simulated' => true]);
    }
}
