<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use RuntimeException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;

/**
 * One run as it went, kept for good: a line that names its document and plan, then each event as a file writes it, with
 * the outcome it had and what it changed in the state. A state is the sum of the changes so far.
 */
final readonly class Life
{
    public const GOLDEN = __DIR__.'/golden';

    /**
     * @param  array{life: string, document: string, plan: string}  $head  hashes of the canonical bytes
     * @param  list<array{event: array<string, mixed>, outcome: array<string, mixed>, changed: array<string, mixed>, gone?: list<string>}>  $lines
     */
    private function __construct(public array $head, public array $lines)
    {
    }

    /** @return iterable<string, array{string}> the name of every life there is */
    public static function all(): iterable
    {
        foreach (glob(self::GOLDEN.'/*.life') ?: [] as $file) {
            yield basename($file, '.life') => [basename($file, '.life')];
        }
    }

    public static function read(string $name): self
    {
        $lines = array_map(fn (string $line): array => self::decoded($line), file(self::GOLDEN."/$name.life", FILE_IGNORE_NEW_LINES) ?: []);

        return new self(array_shift($lines) ?? throw new RuntimeException($name), $lines);
    }

    public function plan(): Plan
    {
        return PlanReader::fromBytes(self::bytes($this->head['plan'].'.plan'));
    }

    public static function bytes(string $file): string
    {
        return file_get_contents(self::GOLDEN.'/'.$file) ?: throw new RuntimeException($file);
    }

    /** @return array<string, mixed> */
    private static function decoded(string $line): array
    {
        $object = json_decode($line, true, flags: JSON_THROW_ON_ERROR);

        return is_array($object) ? $object : throw new RuntimeException($line);
    }
}
