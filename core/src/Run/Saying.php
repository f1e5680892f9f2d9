<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** A sentence for the person at the bench, and how it is to be said. */
final readonly class Saying
{
    public function __construct(
        public Tone $tone,
        public string $sentence,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('tone', 'sentence');

        return new self($body->word('tone', Tone::class), $body->text('sentence', Body::SENTENCE));
    }

    /** @return array<string, string> */
    public function toBody(): array
    {
        return ['tone' => $this->tone->value, 'sentence' => $this->sentence];
    }
}
