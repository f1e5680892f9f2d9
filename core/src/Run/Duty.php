<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** One thing that has to be done about a fault. They are done in the order of their numbers. */
final readonly class Duty
{
    /**
     * @param  int  $number  within its case, from 1
     * @param  string  $at  a position; a gasket, agent or check by its key
     * @param  string|null  $from  the step there from which nothing counts any more once it is done
     */
    public function __construct(
        public int $number,
        public string $at,
        public DutyKind $do,
        public ?string $from = null,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('n', 'at', 'do', 'from');

        return new self($body->count('n', 1), $body->key('at'), $body->word('do', DutyKind::class), $body->optionalKey('from'));
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return ['n' => $this->number, 'at' => $this->at, 'do' => $this->do->value] + ($this->from === null ? [] : ['from' => $this->from]);
    }
}
