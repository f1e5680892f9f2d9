<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Ledger\Leaf;
use Tekkal\Core\Run\Instant;
use UnexpectedValueException;

/** One stored entry, read from its bytes: the columns beside them are copies for searching only. */
final readonly class Entry
{
    public const FORMAT = 'tekkal.entry/2';

    /** @param  array<mixed>  $body */
    private function __construct(
        public array $body,
        public string $leafHash,
    ) {
    }

    /** @param  array<mixed>  $body  what has just been written as canonical bytes */
    public static function written(array $body, string $leafHash): self
    {
        return new self($body, $leafHash);
    }

    public static function fromBytes(string $bytes, string $leafHash): self
    {
        // What has the hash that it was recorded with was canonical then; a run is read with every reading of it.
        return new self(Leaf::hash($bytes) === $leafHash ? CanonicalJson::decodeKnown($bytes) : CanonicalJson::decode($bytes), $leafHash);
    }

    public function id(): string
    {
        return $this->text('event.id');
    }

    public function type(): string
    {
        return $this->text('event.type');
    }

    public function stream(): string
    {
        return $this->text('stream');
    }

    /** The id behind the stream's kind: run/X → X. */
    public function streamId(): string
    {
        return substr($this->stream(), (int) strpos($this->stream(), '/') + 1);
    }

    public function seq(): int
    {
        return (int) $this->at('seq');
    }

    public function receivedAt(): CarbonImmutable
    {
        return CarbonImmutable::instance(Instant::of($this->text('received_at')));
    }

    /** Who did it, or had it done. */
    public function person(): string
    {
        return $this->text('event.person');
    }

    /** @return array<mixed> what happened, as the core reads it */
    public function event(): array
    {
        return (array) $this->at('event');
    }

    /** @return array<mixed>|null what it came to in its run; null where it is no part of one */
    public function outcome(): ?array
    {
        $outcome = $this->at('outcome');

        return is_array($outcome) ? $outcome : null;
    }

    /** The entry of this kind that was rested on when it was decided; null when it names none. */
    public function restsOn(string $what): ?string
    {
        foreach ((array) $this->at('rests_on') as $named) {
            if (data_get($named, 'what') === $what) {
                return (string) data_get($named, 'entry');
            }
        }

        return null;
    }

    /** @throws UnexpectedValueException when the body holds no text at this dotted path */
    public function text(string $path): string
    {
        return $this->optional($path) ?? throw new UnexpectedValueException(sprintf('Entry without "%s".', $path));
    }

    public function optional(string $path): ?string
    {
        $value = $this->at($path);

        return is_string($value) ? $value : null;
    }

    public function number(string $path): ?int
    {
        $value = $this->at($path);

        return is_int($value) ? $value : null;
    }

    public function flag(string $path): bool
    {
        return $this->at($path) === true;
    }

    /** @return list<string> */
    public function texts(string $path): array
    {
        $value = $this->at($path);

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    private function at(string $path): mixed
    {
        return data_get($this->body, $path);
    }
}
