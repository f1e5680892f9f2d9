<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\Verdict;

/** What the device had decided by itself before the server did. */
final readonly class DeviceSays
{
    /** @param  string|null  $outcome  hash of its outcome's canonical bytes */
    public function __construct(
        public Standing $standing,
        public ?Verdict $verdict = null,
        public ?string $outcome = null,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('standing', 'verdict', 'outcome');

        return new self($body->word('standing', Standing::class), $body->optionalWord('verdict', Verdict::class), $body->optionalKey('outcome'));
    }

    /** @return array<string, string> */
    public function toBody(): array
    {
        return array_filter(['standing' => $this->standing->value, 'verdict' => $this->verdict?->value, 'outcome' => $this->outcome], fn (?string $v): bool => $v !== null);
    }
}
