<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Unit\Written;

/** What a calibration is judged by: stored with it, so that it can be judged again in the same way. */
final readonly class CalibrationTerms
{
    /**
     * @param  list<TemplateLine>  $template
     *
     * @throws ToolException when the permissible deviation is an amount in another unit than the tool has, or an adapter sits on what deviates by an amount
     */
    public function __construct(
        public ToolRange $range,
        public Written $resolution,
        public Permissible $permissible,
        public DecisionRule $rule,
        public array $template,
        public ?StandardUncertainty $standard,
        public ?FittedAdapter $adapter = null,
    ) {
        $amount = $permissible->amount;
        if ($adapter !== null && $amount !== null) {
            throw new ToolException(sprintf('An adapter changes the torque of a wrench; it cannot be fitted to what deviates by %s.', $permissible->typeset()), 'adapter', $adapter->code, 'none');
        }
        if ($amount !== null && $amount->unit !== $resolution->unit) {
            throw new ToolException(sprintf('The permissible deviation %s is not in %s, the unit of the tool.', $permissible->typeset(), $resolution->unit->symbol()), 'permissible deviation', $permissible->typeset(), $resolution->unit->symbol());
        }
    }

    /** What the standard should read, or the instrument show, at a point. */
    public function expected(Written $nominal): BigDecimal
    {
        return $this->adapter?->expected($nominal) ?? BigDecimal::of($nominal->decimal());
    }

    public function isRelative(): bool
    {
        return $this->permissible->percent !== null;
    }

    /** In what deviations are given: "%", or the unit of the tool. */
    public function measure(): string
    {
        return $this->isRelative() ? '%' : $this->resolution->unit->symbol();
    }

    /** Decimals with which a deviation is worth telling: one more than the scale has, or one of %. */
    public function decimals(): int
    {
        $point = strpos($this->resolution->decimal(), '.');

        return $this->isRelative() ? 1 : ($point === false ? 0 : strlen($this->resolution->decimal()) - $point - 1) + 1;
    }
}
