<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\LinearRegression;
use Tekkal\Core\Statistics\TooFew;

/** Trial pulls: which angle brings the stretch to the middle of its window, and how many bolts will then lie inside? */
final readonly class AngleTrial
{
    private LinearRegression $line;

    /**
     * @param  list<float>  $degrees
     * @param  list<float>  $stretches  as many, in the unit of the window
     *
     * @throws TooFew below three pulls
     * @throws ToolException when the lower end of the window lies above the upper
     */
    public function __construct(private array $degrees, array $stretches, private Interval $window)
    {
        (new Bounds(ToolException::class))->inOrder('the limits of the stretch', $window->low, $window->high);
        $this->line = new LinearRegression($degrees, $stretches);
    }

    public function line(): LinearRegression
    {
        return $this->line;
    }

    /** The angle whose mean stretch is the middle of the window. */
    public function middle(): float
    {
        return $this->line->xFor(($this->window->low + $this->window->high) / 2);
    }

    /**
     * The multiple of the gauge's graduation at which most bolts are expected inside.
     *
     * @throws ToolException unless the graduation is above 0
     */
    public function choose(float $graduation): float
    {
        (new Bounds(ToolException::class))->above0('the graduation', $graduation);
        $below = floor($this->middle() / $graduation) * $graduation;

        return $this->shareInside($below) >= $this->shareInside($below + $graduation) ? $below : $below + $graduation;
    }

    /** Share of single new bolts expected inside the window at an angle. */
    public function shareInside(float $degrees): float
    {
        $t = Distribution::studentT(count($this->degrees) - 2);
        $spread = hypot($this->line->s, $this->line->meanError($degrees));
        $at = $this->line->at($degrees);

        return $t->cdf(($this->window->high - $at) / $spread) - $t->cdf(($this->window->low - $at) / $spread);
    }
}
