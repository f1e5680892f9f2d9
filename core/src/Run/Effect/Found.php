<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\FindingKind;

/** Something that somebody should look at; $doubt: it says what cannot be proved. */
final readonly class Found implements Effect
{
    /** @param  list<string>  $steps */
    public function __construct(
        public FindingKind $kind,
        public string $sentence,
        public array $steps = [],
        public bool $doubt = false,
    ) {
    }

    public function toBody(): array
    {
        return ['kind' => $this->kind->value, 'sentence' => $this->sentence] + ($this->steps === [] ? [] : ['steps' => $this->steps]) + ($this->doubt ? ['doubt' => true] : []);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'kind', 'sentence', 'steps', 'doubt');

        return new self($body->word('kind', FindingKind::class), $body->text('sentence', Body::SENTENCE), $body->keys('steps'), $body->flag('doubt'));
    }
}
