<?php

declare(strict_types=1);

namespace Tests\Faults;

use PDO;
use PDOException;
use PHPUnit\Framework\Assert;

/** The instance that the fault tests have to themselves: its database, its services, its commands. */
final class Instance
{
    public readonly string $folder;

    public readonly string $base;

    /** @param  string|null  $folder  of an instance beside; null: the tests' own */
    public function __construct(?string $folder = null)
    {
        if ($folder === null) {
            $folder = getenv('TEKKAL_DATA');
            Assert::assertIsString($folder, 'Run these by bin/tekkal test faults: they need an instance of their own.');
            Assert::assertStringEndsWith('/var/faults', $folder);
        }
        $this->folder = $folder;
        $this->base = 'http://127.0.0.1:'.$this->setting('TEKKAL_PORT');
    }

    public function setting(string $name): string
    {
        preg_match("/^$name=(.*)$/m", (string) file_get_contents($this->folder.'/.env'), $m);

        return $m[1] ?? '';
    }

    /**
     * @param  list<mixed>  $bindings
     * @return list<array<string, mixed>>
     */
    public function rows(string $query, array $bindings = []): array
    {
        $pdo = new PDO(sprintf('mysql:host=127.0.0.1;port=%s;dbname=%s', $this->setting('DB_PORT'), $this->setting('DB_DATABASE')), $this->setting('DB_USERNAME'), $this->setting('DB_PASSWORD'), [PDO::ATTR_STRINGIFY_FETCHES => false]);
        $statement = $pdo->prepare($query);
        $statement->execute($bindings);

        return $statement->fetchAll(PDO::FETCH_ASSOC);
    }

    /** Ends a service as a power cut would: it gets no chance to tidy up. */
    public function kill(string $service): void
    {
        $pid = trim((string) @file_get_contents($this->folder.'/run/'.($service === 'mariadb' ? 'mariadb.pid' : "$service.group")));
        if ($pid !== '') {
            exec("kill -KILL $pid 2>/dev/null");
        }
    }

    /** True when the application and its database answer at the first try. */
    public function answers(): bool
    {
        return (new Http($this->base, 30_000))->get('session')[0] === 200 && $this->databaseAnswers();
    }

    /** True when both answer once what was killed has come back. */
    public function comesBack(): bool
    {
        return Patience::until($this->answers(...));
    }

    /** @return array{int, string} exit status and everything said */
    public function tekkal(string ...$arguments): array
    {
        return self::run(['TEKKAL_DATA' => $this->folder], ...$arguments);
    }

    /**
     * @param  array<string, string>  $more  settings of the command
     * @return array{int, string} exit status and everything said
     */
    public static function run(array $more, string ...$arguments): array
    {
        // Without the settings that PHPUnit gives to tests of the application.
        $environment = 'env -i '.implode(' ', array_map(fn (string $k, string $v): string => $k.'='.escapeshellarg($v), array_keys($all = $more + ['TEKKAL_DEMO_SMALL' => 'true', 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')]), $all));
        exec(sprintf('%s %s %s 2>&1 </dev/null', $environment, escapeshellarg(dirname(__DIR__, 2).'/bin/tekkal'), implode(' ', array_map(escapeshellarg(...), $arguments))), $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    private function databaseAnswers(): bool
    {
        try {
            return $this->rows('SELECT 1') !== [];
        } catch (PDOException) {
            return false;
        }
    }
}
