<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\CaseEnd;

/** Nothing more is to be done about it. */
final readonly class CaseClosed implements Effect
{
    public function __construct(
        public string $case,
        public CaseEnd $how,
    ) {
    }

    public function toBody(): array
    {
        return ['case' => $this->case, 'how' => $this->how->value];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'case', 'how');

        return new self($body->key('case'), $body->word('how', CaseEnd::class));
    }
}
