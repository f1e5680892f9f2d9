<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What else is known of a thing at its place. */
final readonly class ThingNotes
{
    public const KEYS = ['set', 'spent', 'kind', 'lot', 'accepted'];

    /**
     * @param  string|null  $spent  why it may not be used again
     * @param  string|null  $kind  of a repair, an agent, an aid
     * @param  bool|null  $accepted  a repair, by the lead; null where nobody has to
     */
    public function __construct(
        public ?FastenerSet $set = null,
        public ?string $spent = null,
        public ?string $kind = null,
        public ?string $lot = null,
        public ?bool $accepted = null,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        return new self(
            $body->optionalWord('set', FastenerSet::class), $body->optionalText('spent', 300), $body->optionalText('kind'),
            $body->optionalText('lot'), $body->optionalBoolean('accepted'),
        );
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return array_filter(
            ['set' => $this->set?->value, 'spent' => $this->spent, 'kind' => $this->kind, 'lot' => $this->lot, 'accepted' => $this->accepted],
            fn (mixed $v): bool => $v !== null,
        );
    }
}
