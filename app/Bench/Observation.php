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

/** Something a bench saw, as it sent it: a reading, or a fastener backed off. */
final readonly class Observation
{
    private const ID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/D';

    private function __construct(
        public string $id,
        public string $kind,
        public string $run,
        public string $subject,
        public string $sitting,
        public int $deviceSeq,
        public int $baseSeq,
        public DateTimeImmutable $deviceTime,
        public int $monoMs,
        public string $step,
        public ?Written $value,
        public ?string $raw,
        public ?string $tool,
        public ?ReadingSource $source,
        public ?string $deviceVerdict,
        public string $hash,
    ) {
    }

    /** @throws Refused when the bytes cannot be read as an observation; it could not be stored truthfully */
    public static function read(mixed $sent, int $index): self
    {
        try {
            return self::from(is_array($sent) ? $sent : throw new InvalidArgumentException('it is no object.'));
        } catch (InvalidArgumentException $e) {
            throw new Refused(ProblemType::Unreadable, sprintf('Observation %d could not be read: %s The bench keeps it.', $index + 1, $e->getMessage()), 422, ['index' => $index]);
        }
    }

    public function isReading(): bool
    {
        return $this->kind === 'reading';
    }

    public function isSimulated(): bool
    {
        return $this->source === ReadingSource::SimulatedTool;
    }

    /** @param  array<mixed>  $o */
    private static function from(array $o): self
    {
        $kind = self::text($o, 'kind', 20);
        if (! in_array($kind, ['reading', 'backed_off'], true)) {
            throw new InvalidArgumentException('its kind is not known.');
        }
        $reading = $kind === 'reading';

        return new self(
            self::id($o, 'id'), $kind, self::id($o, 'run'), self::id($o, 'subject'), self::id($o, 'sitting'),
            self::count($o, 'device_seq', 1), self::count($o, 'base_seq', 0),
            self::time(self::text($o, 'device_time', 40)), self::count($o, 'mono_ms', 0),
            self::text($o, 'step', 120),
            $reading ? Written::fromCode(self::text($o, 'value', 40), self::text($o, 'unit', 12)) : null,
            $reading ? self::text($o, 'raw', 80) : null,
            $reading ? self::id($o, 'tool') : null,
            $reading ? (ReadingSource::tryFrom(self::text($o, 'source', 20)) ?? throw new InvalidArgumentException('its source is not known.')) : null,
            $reading ? self::text($o, 'device_verdict', 10) : null,
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

    private static function time(string $text): DateTimeImmutable
    {
        try {
            return new DateTimeImmutable($text);
        } catch (Exception) {
            throw new InvalidArgumentException('its device time is no time.');
        }
    }
}
