<?php

declare(strict_types=1);

namespace Tests\Faults;

use RuntimeException;

/** A data folder and a port for one more instance beside the tests' own. */
final readonly class Scratch
{
    /** @var array<string, string> settings of every command that is about it */
    public array $settings;

    public function __construct(public string $folder)
    {
        $server = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $this->settings = ['TEKKAL_DATA' => $folder, 'TEKKAL_PORT' => substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1)];
        fclose($server);
    }

    /** @return array{int, string} exit status and everything said */
    public function tekkal(string ...$arguments): array
    {
        return Instance::run($this->settings, ...$arguments);
    }

    public function end(): void
    {
        if (is_dir($this->folder)) {
            Instance::run(['TEKKAL_DATA' => $this->folder], 'stop');
            exec('rm -rf '.escapeshellarg($this->folder));
        }
    }
}
