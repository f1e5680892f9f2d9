<?php

declare(strict_types=1);

namespace App\Bench;

use App\Shared\ProblemType;
use App\Shared\Refused;
use DateTimeImmutable;
use Exception;
use Tekkal\Core\CoreException;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Unit\Written;

/** Reads what a bench sent as an observation, or says which field of it cannot be stored truthfully. */
final readonly class ObservationReader
{
    private const KINDS = ['reading', 'backed_off', Observation::UNREADABLE];

    /** As columns and stage keys spell it. */
    private const STEP = '/^[\x21-\x7e]{1,120}$/D';

    /** What an instrument can show; the record's columns hold three digits more, for what another unit makes of it. */
    private const VALUE = '/^[+-]?\d{1,9}(\.\d{1,12})?$/D';

    private const TIME = '/^20\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?(Z|[+-]\d\d:\d\d)$/D';

    private const MOST_BYTES = 65_536;

    private const ID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/D';

    /** @param  array<mixed>  $sent */
    private function __construct(private array $sent)
    {
    }

    /** @throws Refused when the bytes cannot be read as an observation; it could not be stored truthfully */
    public static function read(mixed $sent, int $index): Observation
    {
        try {
            return (new self(is_array($sent) ? $sent : throw new Unreadable('it is no object.')))->observation();
        } catch (CoreException|Unreadable $e) {
            throw new Refused(ProblemType::Unreadable, sprintf('Observation %d could not be read: %s The bench keeps it.', $index + 1, $e->getMessage()), 422, ['index' => $index, 'reason' => mb_substr($e->getMessage(), 0, 200)]);
        }
    }

    /** @throws Unreadable when it is no time of this century */
    public static function time(mixed $text): DateTimeImmutable
    {
        return (new self(['time' => $text]))->timeOf('time');
    }

    private function observation(): Observation
    {
        $kind = $this->text('kind', 30);
        if (! in_array($kind, self::KINDS, true)) {
            throw new Unreadable('its kind is not known.');
        }
        $unread = $kind === Observation::UNREADABLE ? $this->unread() : null;

        return new Observation(
            $this->id('id'),
            hash('sha256', CanonicalJson::encode(array_diff_key($this->sent, ['device_seq' => 0]))),
            new SentStamp($this->id('sitting'), $this->count('device_seq', 1), $this->count('base_seq', 0), $this->timeOf('device_time'), $this->count('mono_ms', 0), ($this->sent['after_idle'] ?? false) === true),
            $unread === null ? new ObservedAt($this->id('run'), $this->id('subject'), $this->shaped('step', self::STEP, 'is no step')) : null,
            $kind === 'reading' ? $this->reading() : null,
            $unread,
        );
    }

    private function reading(): ObservedReading
    {
        return new ObservedReading(
            Written::fromCode($this->shaped('value', self::VALUE, 'is no value that a tool shows, with at most 9 digits before the point and 12 after it'), $this->text('unit', 12)),
            $this->text('raw', 80),
            $this->id('tool'),
            ReadingSource::tryFrom($this->text('source', 20)) ?? throw new Unreadable('its source is not known.'),
            $this->text('device_verdict', 10),
        );
    }

    private function text(string $key, int $longest): string
    {
        $value = $this->sent[$key] ?? null;
        if (! is_string($value) || $value === '' || mb_strlen($value) > $longest || ! mb_check_encoding($value, 'UTF-8')) {
            throw new Unreadable(sprintf('"%s" is not a text of 1 to %d characters.', $key, $longest));
        }

        return $value;
    }

    private function id(string $key): string
    {
        $value = $this->text($key, 36);

        return preg_match(self::ID, $value) === 1 ? $value : throw new Unreadable(sprintf('"%s" is no id.', $key));
    }

    private function count(string $key, int $least): int
    {
        $value = $this->sent[$key] ?? null;

        return is_int($value) && $value >= $least ? $value : throw new Unreadable(sprintf('"%s" is no count from %d.', $key, $least));
    }

    /** @param  non-empty-string  $pattern */
    private function shaped(string $key, string $pattern, string $what): string
    {
        $value = $this->text($key, 120);

        return preg_match($pattern, $value) === 1 ? $value : throw new Unreadable(sprintf('its "%s" %s.', $key, $what));
    }

    private function timeOf(string $key): DateTimeImmutable
    {
        $text = $this->shaped($key, self::TIME, 'is no time of this century, such as 2026-06-15T09:00:00.000Z');
        try {
            return new DateTimeImmutable($text);
        } catch (Exception) {
            throw new Unreadable(sprintf('its "%s" is no time.', $key));
        }
    }

    private function unread(): Unread
    {
        $hash = $this->shaped('hash', '/^[0-9a-f]{64}$/D', 'is no hash');
        $bytes = $this->sent['bytes'] ?? null;
        if ($bytes !== null && (! is_string($bytes) || strlen($bytes) > self::MOST_BYTES || ! mb_check_encoding($bytes, 'UTF-8') || hash('sha256', $bytes) !== $hash)) {
            throw new Unreadable('its "bytes" do not give its "hash", or are more than 64 kB.');
        }

        return new Unread($hash, $bytes, $this->text('told', 200));
    }
}
