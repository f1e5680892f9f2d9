<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Disposition;

/** Somebody who may decided what becomes of it. */
final readonly class CaseDecided implements Effect
{
    public function __construct(
        public string $case,
        public Disposition $disposition,
        public string $by,
    ) {
    }

    public function toBody(): array
    {
        return ['case' => $this->case, 'disposition' => $this->disposition->value, 'by' => $this->by];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'case', 'disposition', 'by');

        return new self($body->key('case'), $body->word('disposition', Disposition::class), $body->key('by'));
    }
}
