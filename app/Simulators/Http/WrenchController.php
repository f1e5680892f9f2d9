<?php

declare(strict_types=1);

namespace App\Simulators\Http;

use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedWrench;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** A wrench that is not there: answers one pull at limits it is told, with noise that its seed fixes. */
final class WrenchController
{
    private const NUMBER = ['required', 'string', 'regex:/^\d{1,6}(\.\d{1,18})?$/'];

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate([
            'unit' => 'required|in:N.m,lbf.ft,lbf.in,kgf.m,deg,turn', 'low' => self::NUMBER, 'high' => self::NUMBER, 'resolution' => self::NUMBER,
            'manner' => ['required', Rule::enum(Manner::class)], 'seed' => 'required|string|max:100',
        ]);
        $unit = UnitNames::fromCode($given['unit']);
        // Exact limits carry more digits than any scale; a stand-in needs only those that its own scale shows.
        $limit = fn (string $digits): Written => Written::of(substr($digits, 0, 14), $unit);
        try {
            $window = new Window($limit($given['low']), $limit($given['high']));
        } catch (InvalidArgumentException $e) {
            throw Refused::field('low', $e->getMessage(), $given['low']);
        }
        $pull = (new SimulatedWrench(new SeededNoise($given['seed'])))->pull($window, Written::of($given['resolution'], $unit), Manner::from($given['manner']));

        return new JsonResponse(['value' => $pull->digits, 'unit' => $unit->code(), 'simulated' => true]);
    }
}
