<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\JointRequest;
use App\Library\Http\Requests\PairingRequest;
use App\Library\Http\Requests\TrialRequest;
use App\Library\Queries\JointCalculation;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\CoreException;
use Tekkal\Core\Sequence\Pairing;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\TooFew;
use Tekkal\Core\Tool\AngleTrial;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** A calculator beside the library: what a torque and an angle do to a joint, an angle trial, pairing by free length. */
final class WorkbenchController
{
    public function joint(JointRequest $request): JsonResponse
    {
        return new JsonResponse((new JointCalculation($request->validated()))->toArray());
    }

    /** Trial pulls: which angle brings the stretch to the middle of its window. */
    public function trial(TrialRequest $request): JsonResponse
    {
        [$x, $y] = [$request->pulled('angle'), $request->pulled('stretch')];
        if (count(array_unique($x)) < 2) {
            throw Refused::field('pulls', 'The pulls are all of one angle; a line needs at least two different ones.');
        }
        $window = new Interval($request->float('low'), $request->float('high'));
        try {
            $trial = new AngleTrial($x, $y, $window);
            $chosen = $trial->choose($request->float('graduation'));
            $line = $trial->line();
            $usable = $line->usable($window);
        } catch (TooFew|CoreException $e) {
            throw Refused::field('pulls', $e->getMessage());
        }
        [$from, $to] = [min($x), max($x)];
        $at = array_map(fn (int $i): float => $from + ($to - $from) * $i / 20, range(0, 20));

        return new JsonResponse([
            'slope' => $line->slope, 'intercept' => $line->intercept, 's' => $line->s, 'r_squared' => $line->rSquared(), 'middle' => $trial->middle(), 'chosen' => $chosen, 'share_inside' => $trial->shareInside($chosen),
            'usable' => $usable === null ? null : ['low' => $usable->low, 'high' => $usable->high],
            'band' => array_map(fn (float $a): array => ['angle' => $a, 'line' => $line->at($a), 'low' => $line->prediction($a)->low, 'high' => $line->prediction($a)->high], $at),
        ]);
    }

    public function pairing(PairingRequest $request): JsonResponse
    {
        $lengths = [];
        foreach ((array) $request->validated('lengths') as $row) {
            $lengths[$row['name']] = self::length($row['length'], $row['name']);
        }
        $pairing = Pairing::nearest($lengths);

        return new JsonResponse([
            'pairs' => array_map(fn (array $p): array => ['names' => $p, 'difference_um' => 1000 * abs($lengths[$p[1]]->quantity()->inBase()->toFloat() - $lengths[$p[0]]->quantity()->inBase()->toFloat())], $pairing->pairs),
            'left_over' => $pairing->leftOver, 'total_um' => 1000 * $pairing->total->inBase()->toFloat(),
            'lengths_mm' => array_map(fn (string|int $n, Written $l): array => ['name' => (string) $n, 'mm' => $l->quantity()->inBase()->toFloat()], array_keys($lengths), $lengths),
        ]);
    }

    private static function length(string $text, string $name): Written
    {
        $read = QuantityParser::parse($text, Kind::Length);

        return $read instanceof Understood ? $read->value : throw Refused::field('lengths', sprintf('The free length of %s: "%s" is no length with its unit, such as 2.4375 in.', $name, $text), $text);
    }
}
