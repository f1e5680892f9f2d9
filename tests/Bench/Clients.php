<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;

/** Processes of tests/Bench/worker.php that are asked the same at the same time. */
final class Clients
{
    /** Each has an engine, a bench and a badge of its own. */
    private static int $number = 0;

    /** @var list<array{process: resource, in: resource, out: resource}> */
    private array $clients = [];

    public function __construct(string $base, int $count)
    {
        for ($i = 0; $i < $count; $i++) {
            $process = proc_open(['php', __DIR__.'/worker.php', $base, (string) self::$number++], [0 => ['pipe', 'r'], 1 => ['pipe', 'w'], 2 => STDERR], $pipes);
            $this->clients[] = ['process' => $process === false ? throw new RuntimeException('No client can be started.') : $process, 'in' => $pipes[0], 'out' => $pipes[1]];
        }
        $this->answers();
    }

    /** @return list<string> each one's answer, when the last has answered */
    public function ask(string $line): array
    {
        foreach ($this->clients as $client) {
            fwrite($client['in'], $line."\n");
        }

        return $this->answers();
    }

    public function end(): void
    {
        foreach ($this->clients as $client) {
            fclose($client['in']);
            proc_close($client['process']);
        }
    }

    /** @return list<string> */
    private function answers(): array
    {
        return array_map(fn (array $client): string => fgets($client['out']) ?: throw new RuntimeException('A client has ended.'), $this->clients);
    }
}
