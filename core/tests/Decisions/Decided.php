<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use RuntimeException;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\StateCodec;

/**
 * One run as it was decided by one version of the rules, kept for good: a line that names its plan, each event with its
 * outcome, both as the record writes them, and last what the state's bytes come to.
 */
final readonly class Decided
{
    public const GOLDEN = __DIR__.'/golden';

    /**
     * @param  string  $version  of the rules
     * @param  list<array{event: array<string, mixed>, outcome: array<string, mixed>}>  $lines
     * @param  string  $state  SHA-256 of the state's canonical bytes at the end
     */
    private function __construct(public string $version, public Plan $plan, public array $lines, public string $state)
    {
    }

    /** @return iterable<string, array{string}> "version/name" of every one there is */
    public static function all(): iterable
    {
        foreach (glob(self::GOLDEN.'/*/*.decided') ?: [] as $file) {
            $name = basename(dirname($file)).'/'.basename($file, '.decided');
            yield $name => [$name];
        }
    }

    public static function read(string $name): self
    {
        $lines = array_map(fn (string $line): array => (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR), file(self::GOLDEN."/$name.decided", FILE_IGNORE_NEW_LINES) ?: []);
        $plan = self::bytes(array_shift($lines)['plan'] ?? '');
        $state = array_pop($lines)['state'] ?? throw new RuntimeException($name);

        /** @var list<array{event: array<string, mixed>, outcome: array<string, mixed>}> $lines */
        return new self(dirname($name), PlanReader::fromBytes($plan), $lines, $state);
    }

    public static function digest(State $state): string
    {
        return hash('sha256', CanonicalJson::encode(StateCodec::toBody($state)));
    }

    private static function bytes(string $plan): string
    {
        return file_get_contents(self::GOLDEN."/$plan.plan") ?: throw new RuntimeException($plan);
    }
}
