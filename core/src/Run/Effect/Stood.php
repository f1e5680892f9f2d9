<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Given;
use Tekkal\Core\Run\Judged;
use Tekkal\Core\Run\StepStatus;

/** A step stands on an attempt: what was given, and how it was judged. */
final readonly class Stood implements Effect
{
    /**
     * @param  StageKind  $kind  of the step's stage
     * @param  bool  $early  it was done before its turn in the sequence
     */
    public function __construct(
        public string $step,
        public StageKind $kind,
        public int $attempt,
        public StepStatus $as,
        public Judged $judged,
        public Given $given,
        public bool $early = false,
    ) {
    }

    public function toBody(): array
    {
        return ['step' => $this->step, 'kind' => $this->kind->value, 'attempt' => $this->attempt, 'as' => $this->as->value] + $this->judged->toBody() + $this->given->toBody() + ($this->early ? ['early' => true] : []);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'step', 'kind', 'attempt', 'as', 'early', ...Judged::KEYS, ...Given::KEYS);

        return new self($body->key('step'), $body->word('kind', StageKind::class), $body->count('attempt', 1), $body->word('as', StepStatus::class), Judged::fromBody($body), Given::fromBody($body), $body->flag('early'));
    }
}
