<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Ledger\Leaf;
use UnexpectedValueException;

/** One stored entry, read from its bytes: the columns beside them are copies for searching only. */
final readonly class Entry
{
    public const FORMAT = 'tekkal.entry/1';

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
        return $this->text('id');
    }

    public function type(): string
    {
        return $this->text('type');
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
        return CarbonImmutable::parse($this->text('received_at'));
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
