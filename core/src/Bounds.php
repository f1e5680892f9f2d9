<?php

declare(strict_types=1);

namespace Tekkal\Core;

/**
 * What a number must be before anything is computed with it: a range is stated where the number comes in, and held there.
 * No answer from nonsense; infinity and "not a number" are none of these. Every room may use it, with its own refusal.
 */
final readonly class Bounds
{
    /** @param  class-string<CoreException>  $refusal */
    public function __construct(private string $refusal)
    {
    }

    /** @throws CoreException unless every one is a number that is finite */
    public function finite(string $what, ?float ...$values): void
    {
        foreach ($values as $value) {
            if ($value !== null && ! is_finite($value)) {
                throw $this->refused($what, $value, 'a finite number');
            }
        }
    }

    /** @throws CoreException unless every one is finite and above 0 */
    public function above0(string $what, ?float ...$values): void
    {
        $this->finite($what, ...$values);
        foreach ($values as $value) {
            if ($value !== null && $value <= 0.0) {
                throw $this->refused($what, $value, 'above 0');
            }
        }
    }

    /** @throws CoreException unless every one is finite and not below 0 */
    public function from0(string $what, ?float ...$values): void
    {
        $this->finite($what, ...$values);
        foreach ($values as $value) {
            if ($value !== null && $value < 0.0) {
                throw $this->refused($what, $value, 'at least 0');
            }
        }
    }

    /** @throws CoreException unless the number lies between the two, both included */
    public function between(string $what, float $value, float $low, float $high, string $unit = ''): void
    {
        if (! ($value >= $low && $value <= $high)) {
            throw $this->refused($what, $value, trim(sprintf('%g to %g %s', $low, $high, $unit)));
        }
    }

    /** @throws CoreException unless the first is below the second */
    public function inOrder(string $what, float $low, float $high): void
    {
        $this->finite($what, $low, $high);
        if ($low >= $high) {
            throw new ($this->refusal)(sprintf('The lower of %s must lie below the upper; %g and %g were given.', $what, $low, $high), $what, sprintf('%g, %g', $low, $high), 'the lower first');
        }
    }

    /**
     * @param  array<mixed>  $values
     *
     * @throws CoreException when there are none
     */
    public function some(string $what, array $values): void
    {
        if ($values === []) {
            throw new ($this->refusal)(sprintf('At least one of %s is wanted; there is none.', $what), $what, 'none', 'at least one');
        }
    }

    private function refused(string $what, float $value, string $limit): CoreException
    {
        return new ($this->refusal)(sprintf('%s: %s is wanted, not %s.', ucfirst($what), $limit, is_nan($value) ? 'no number at all' : sprintf('%g', $value)), $what, (string) $value, $limit);
    }
}
