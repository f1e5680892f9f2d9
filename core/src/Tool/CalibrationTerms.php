<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Unit\Written;

/** What a calibration is judged by: stored with it, so that it can be judged again in the same way. */
final readonly class CalibrationTerms
{
    /**
     * @param  list<TemplateLine>  $template
     *
     * @throws ToolException when the permissible deviation is an amount in another unit than the tool has
     */
    public function __construct(
        public ToolRange $range,
        public Written $resolution,
        public Permissible $permissible,
        public DecisionRule $rule,
        public array $template,
        public ?StandardUncertainty $standard,
    ) {
        $amount = $permissible->amount;
        if ($amount !== null && $amount->unit !== $resolution->unit) {
            throw new ToolException(sprintf('The permissible deviation %s is not in %s, the unit of the tool.', $permissible->typeset(), $resolution->unit->symbol()), 'permissible deviation', $permissible->typeset(), $resolution->unit->symbol());
        }
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
