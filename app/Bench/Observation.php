<?php

declare(strict_types=1);

namespace App\Bench;

use App\Shared\ProblemType;
use App\Shared\Refused;
use DateTimeImmutable;
use Exception;
use InvalidArgumentException;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Unit\Written;

/** Something a bench saw, as it sent it: a reading, a fastener backed off, or what stands for one that could not be read. */
final readonly class Observation
{
    public const UNREADABLE = 'observation_unreadable';

    private const KINDS = ['reading', 'backed_off', self::UNREADABLE];

    /** As columns and stage keys spell it. */
    private const STEP = '/^[\x21-\x7e]{1,120}$/D';

    /** What an instrument can show; the record's columns hold three digits more, for what another unit makes of it. */
    private const VALUE = '/^[+-]?\d{1,9}(\.\d{1,12})?$/D';

    private const TIME = '/^20\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?(Z|[+-]\d\d:\d\d)$/D';

    private const MOST_BYTES = 65_536;

    private const ID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/D';

    private function __construct(
        public string $id,
        public string $kind,
        public ?string $run,
        public ?string $subject,
        public string $sitting,
        public int $deviceSeq,
        public int $baseSeq,
        public DateTimeImmutable $deviceTime,
        public int $monoMs,
        public ?string $step,
        public ?Written $value,
        public ?string $raw,
        public ?string $tool,
        public ?ReadingSource $source,
        public ?string $deviceVerdict,
        public bool $afterIdle,
        public ?Unread $unread,
        public string $hash,
    ) {
    }

    /** @throws Refused when the bytes cannot be read as an observation; it could not be stored truthfully */
    public static function read(mixed $sent, int $index): self
    {
        try {
            return self::from(is_array($sent) ? $sent : throw new InvalidArgumentException('it is no object.'));
        } catch (InvalidArgumentException $e) {
            throw new Refused(ProblemType::Unreadable, sprintf('Observation %d could not be read: %s The bench keeps it.', $index + 1, $e->getMessage()), 422, ['index' => $index, 'reason' => mb_substr($e->getMessage(), 0, 200)]);
        }
    }

    public function isReading(): bool
    {
        return $this->kind === 'reading';
    }

    /**
     * Where a value came from, as far as the server can know better: no tool is connected to a bench yet, and simulated
     * ones exist in a demo only. Whatever else is claimed was typed, and may be withdrawn like it.
     */
    public function source(): ?ReadingSource
    {
        return $this->source === null || ($this->source === ReadingSource::SimulatedTool && config('shop.demo') === true) ? $this->source : ReadingSource::Typed;
    }

    public function isSimulated(): bool
    {
        return $this->source === ReadingSource::SimulatedTool;
    }

    /** @param  array<mixed>  $o */
    private static function from(array $o): self
    {
        $kind = self::text($o, 'kind', 30);
        if (! in_array($kind, self::KINDS, true)) {
            throw new InvalidArgumentException('its kind is not known.');
        }
        $reading = $kind === 'reading';
        $unread = $kind === self::UNREADABLE ? self::unread($o) : null;

        return new self(
            self::id($o, 'id'), $kind, $unread === null ? self::id($o, 'run') : null, $unread === null ? self::id($o, 'subject') : null, self::id($o, 'sitting'),
            self::count($o, 'device_seq', 1), self::count($o, 'base_seq', 0),
            self::time($o, 'device_time'), self::count($o, 'mono_ms', 0),
            $unread === null ? self::shaped($o, 'step', self::STEP, 'is no step') : null,
            $reading ? Written::fromCode(self::shaped($o, 'value', self::VALUE, 'is no value that a tool shows, with at most 9 digits before the point and 12 after it'), self::text($o, 'unit', 12)) : null,
            $reading ? self::text($o, 'raw', 80) : null,
            $reading ? self::id($o, 'tool') : null,
            $reading ? (ReadingSource::tryFrom(self::text($o, 'source', 20)) ?? throw new InvalidArgumentException('its source is not known.')) : null,
            $reading ? self::text($o, 'device_verdict', 10) : null,
            ($o['after_idle'] ?? false) === true,
            $unread,
            hash('sha256', CanonicalJson::encode(array_diff_key($o, ['device_seq' => 0]))),
        );
    }

    /** @param  array<mixed>  $o */
    private static function text(array $o, string $key, int $longest): string
    {
        $value = $o[$key] ?? null;
        if (! is_string($value) || $value === '' || mb_strlen($value) > $longest || ! mb_check_encoding($value, 'UTF-8')) {
            throw new InvalidArgumentException(sprintf('"%s" is not a text of 1 to %d characters.', $key, $longest));
        }

        return $value;
    }

    /** @param  array<mixed>  $o */
    private static function id(array $o, string $key): string
    {
        $value = self::text($o, $key, 36);

        return preg_match(self::ID, $value) === 1 ? $value : throw new InvalidArgumentException(sprintf('"%s" is no id.', $key));
    }

    /** @param  array<mixed>  $o */
    private static function count(array $o, string $key, int $least): int
    {
        $value = $o[$key] ?? null;

        return is_int($value) && $value >= $least ? $value : throw new InvalidArgumentException(sprintf('"%s" is no count from %d.', $key, $least));
    }

    /**
     * @param  array<mixed>  $o
     * @param  non-empty-string  $pattern
     */
    private static function shaped(array $o, string $key, string $pattern, string $what): string
    {
        $value = self::text($o, $key, 120);

        return preg_match($pattern, $value) === 1 ? $value : throw new InvalidArgumentException(sprintf('its "%s" %s.', $key, $what));
    }

    /** @param  array<mixed>  $o */
    public static function time(array $o, string $key): DateTimeImmutable
    {
        $text = self::shaped($o, $key, self::TIME, 'is no time of this century, such as 2026-06-15T09:00:00.000Z');
        try {
            return new DateTimeImmutable($text);
        } catch (Exception) {
            throw new InvalidArgumentException(sprintf('its "%s" is no time.', $key));
        }
    }

    /** @param  array<mixed>  $o */
    private static function unread(array $o): Unread
    {
        $hash = self::shaped($o, 'hash', '/^[0-9a-f]{64}$/D', 'is no hash');
        $bytes = $o['bytes'] ?? null;
        if ($bytes !== null && (! is_string($bytes) || strlen($bytes) > self::MOST_BYTES || ! mb_check_encoding($bytes, 'UTF-8') || hash('sha256', $bytes) !== $hash)) {
            throw new InvalidArgumentException('its "bytes" do not give its "hash", or are more than 64 kB.');
        }

        return new Unread($hash, $bytes, self::text($o, 'told', 200));
    }
}
