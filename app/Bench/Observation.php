<?php

declare(strict_types=1);

namespace App\Bench;

use DateTimeImmutable;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\Instant;

/** Something a bench saw, as it sent it: readable, and not yet anything in a run. */
final readonly class Observation
{
    /** @var list<string> the keys that the server adds to what was sent */
    public const SERVER_KEYS = ['person', 'device', 'partner', 'skew_ms', 'taken_at', 'reason_hash'];

    /**
     * @param  array<string, mixed>  $event  as it was sent, without the words and bytes that lie beside the record
     * @param  string  $hash  of that, but for the device's count
     * @param  string|null  $text  free words; they lie beside the record
     * @param  Unread|null  $unread  what it stands for, where it stands for one that could not be read
     */
    public function __construct(
        public string $id,
        public string $sitting,
        public int $deviceSeq,
        public array $event,
        public string $hash,
        public ?string $text = null,
        public ?Unread $unread = null,
    ) {
    }

    /** Of which run, on which engine. */
    public function at(string $key): string
    {
        $value = $this->event[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    public function deviceTime(): DateTimeImmutable
    {
        return Instant::of($this->at('device_time'));
    }

    /**
     * Of what a bench sent, made again from the event that is kept of it: all but the device's count, what the server added,
     * and the words and bytes that lie beside the record.
     *
     * @param  array<mixed>  $event
     */
    public static function sentHash(array $event): string
    {
        return hash('sha256', CanonicalJson::encode(array_diff_key($event, array_flip([...self::SERVER_KEYS, 'device_seq', 'bytes_hash', 'text', 'bytes']))));
    }

    /** @return list<string> every tool that it names, the one of its value first */
    public function tools(): array
    {
        $watched = is_array($this->event['watched'] ?? null) ? $this->event['watched'] : [];
        $named = [$this->tool(), ...array_map(fn (mixed $w): mixed => is_array($w) ? $w['tool'] ?? null : null, $watched)];

        return array_values(array_unique(array_filter($named, is_string(...))));
    }

    /** The tool that it names. */
    public function tool(): ?string
    {
        return $this->at('tool') === '' ? null : $this->at('tool');
    }
}
