<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\FaultExtent;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Remedy;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;

/** The rule that a fault came under, as it was then: whatever the table says later, this is what holds for it. */
final readonly class Ruling
{
    /**
     * @param  Scope  $redo  how far a redo reached in its stage
     * @param  string  $table  version of the fault table
     * @param  string|null  $cost  what it costs, as a sentence
     */
    public function __construct(
        public FaultRule $rule,
        public Scope $redo,
        public string $table,
        public string $says,
        public ?string $cost = null,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('undo', 'reach', 'replace', 'decides', 'may_go_on', 'tool_out', 'repair', 'inspect', 'clean', 'measure_partner', 'redo', 'table', 'says', 'cost');
        $rule = new FaultRule(
            $body->word('undo', ReworkStart::class), $body->word('reach', FaultExtent::class), $body->word('replace', Replace::class), $body->word('decides', DecisionAuthority::class),
            $body->flag('may_go_on'), $body->flag('tool_out'), array_values(array_filter(Remedy::cases(), fn (Remedy $r): bool => $body->flag($r->value))),
        );

        return new self($rule, $body->word('redo', Scope::class), $body->text('table'), $body->text('says', Body::SENTENCE), $body->optionalText('cost', 500));
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return [
            'undo' => $this->rule->undo->value, 'reach' => $this->rule->reach->value, 'replace' => $this->rule->replace->value, 'decides' => $this->rule->decides->value,
        ] + array_filter(['may_go_on' => $this->rule->mayGoOn, 'tool_out' => $this->rule->toolOut] + array_fill_keys(array_map(fn (Remedy $r): string => $r->value, $this->rule->remedies), true))
          + ['redo' => $this->redo->value, 'table' => $this->table, 'says' => $this->says] + ($this->cost === null ? [] : ['cost' => $this->cost]);
    }
}
