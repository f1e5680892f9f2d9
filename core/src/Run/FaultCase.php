<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\Fault;

/** A fault of a run as it was opened: where, by what, under which rule, and what is to be done about it. */
final readonly class FaultCase
{
    /**
     * @param  string  $id  of the event that opened it; ".2" behind it for a second one
     * @param  string  $step  where it stands
     * @param  string|null  $given  the reading that brought it up
     * @param  list<Duty>  $duties
     * @param  string|null  $joins  where the next of its kind goes in
     */
    public function __construct(
        public string $id,
        public Fault $fault,
        public string $step,
        public ?string $given,
        public Ruling $ruling,
        public array $duties,
        public ?string $joins = null,
    ) {
    }

    /** Has nobody else to decide about it? */
    public function isDecided(): bool
    {
        return $this->ruling->rule->decides === DecisionAuthority::Assembler;
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'case', 'fault', 'at', 'given', 'rule', 'duties', 'joins');

        return new self(
            $body->key('case'), $body->word('fault', Fault::class), $body->key('at'), $body->optionalKey('given'),
            Ruling::fromBody($body->optionalObject('rule') ?? throw UnreadableBody::at('rule', null, 'the rule that it came under')),
            array_map(Duty::fromBody(...), $body->objects('duties')), $body->optionalText('joins'),
        );
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return ['case' => $this->id, 'fault' => $this->fault->value, 'at' => $this->step] + ($this->given === null ? [] : ['given' => $this->given])
            + ['rule' => $this->ruling->toBody()]
            + ['duties' => array_map(fn (Duty $d): array => $d->toBody(), $this->duties)] + ($this->joins === null ? [] : ['joins' => $this->joins]);
    }
}
