<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\UnreadableBody;

/** What a step stood on no longer counts; $attempt is null where only strokes were on. The step is to be done. */
final readonly class Undone implements Effect
{
    public function __construct(
        public string $step,
        public ?int $attempt,
        public AttemptStatus $as,
    ) {
    }

    public function toBody(): array
    {
        return ['step' => $this->step] + ($this->attempt === null ? [] : ['attempt' => $this->attempt]) + ['as' => $this->as->value];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'step', 'attempt', 'as');

        $as = $body->word('as', AttemptStatus::class);

        return new self($body->key('step'), $body->optionalCount('attempt', 1), $as === AttemptStatus::Live ? throw UnreadableBody::at('as', $as->value, 'what it no longer stands on') : $as);
    }
}
