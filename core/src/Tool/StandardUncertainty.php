<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Written;

/** What a reference standard's certificate says of it: an expanded uncertainty (k = 2), as a share or as an amount. */
final readonly class StandardUncertainty
{
    private function __construct(public ?float $percent, public ?Written $amount)
    {
    }

    /**
     * "0.4 %" or "0.0002 mm".
     *
     * @throws ToolException when a share is below 0 or no number
     */
    public static function of(string $code): self
    {
        if (! str_ends_with($code, '%')) {
            return new self(null, Written::coded($code));
        }
        $percent = trim(substr($code, 0, -1));
        if (! is_numeric($percent)) {
            throw new ToolException(sprintf('The uncertainty "%s" of the standard is no number.', $percent), 'uncertainty', $percent, 'a number of %');
        }
        (new Bounds(ToolException::class))->from0('the uncertainty of the standard in %', (float) $percent);

        return new self((float) $percent, null);
    }

    public function code(): string
    {
        return $this->percent === null ? (string) $this->amount?->code() : sprintf('%s %%', BigDecimal::of((string) $this->percent));
    }

    public function typeset(): string
    {
        return $this->percent === null ? (string) $this->amount?->typeset() : sprintf("%g\u{00A0}%%", $this->percent);
    }
}
