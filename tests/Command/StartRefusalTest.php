<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the start command says when it cannot start, tried in a copy of the commands with nothing installed beside them. */
final class StartRefusalTest extends TestCase
{
    private string $checkout;

    protected function setUp(): void
    {
        $this->checkout = sys_get_temp_dir().'/tekkal-command-'.bin2hex(random_bytes(4));
        mkdir($this->checkout.'/stubs', 0755, true);
        exec(sprintf('cp -r %1$s/bin %1$s/etc %1$s/artisan %2$s/', escapeshellarg(dirname(__DIR__, 2)), escapeshellarg($this->checkout)));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->checkout));
    }

    public function test_a_node_that_is_too_old_is_named_with_the_one_that_is_needed(): void
    {
        $this->stub('node', 'case "$1" in --version) echo v18.4.0 ;; *) exit 1 ;; esac');

        $this->assertRefused('Node v18.4.0 is too old; Node 20.19 or newer is needed.');
    }

    public function test_a_full_disk_is_named_with_what_is_free_and_what_is_needed(): void
    {
        $this->stub('df', 'printf "Filesystem 1M-blocks Used Available Capacity Mounted\nx 100 88 12 88%% /\n"');

        $this->assertRefused('Only 12 MB are free where the checkout lies; 1500 MB are needed. Make room and start again.');
    }

    public function test_a_port_that_another_program_holds_is_named_with_the_way_round(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $port = substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);

        $this->assertRefused("Port $port is taken by another program. Stop that, or choose another: TEKKAL_PORT=8090 bin/tekkal start", ['TEKKAL_PORT' => $port]);
        fclose($server);
    }

    public function test_what_is_no_port_is_refused(): void
    {
        $this->assertRefused('"eighty" is no port. Give a number from 1024 to 65535, such as TEKKAL_PORT=8090.', ['TEKKAL_PORT' => 'eighty']);
        $this->assertRefused('Port 80 cannot be used. Give a number from 1024 to 65535, such as TEKKAL_PORT=8090.', ['TEKKAL_PORT' => '80']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function namesOfShops(): iterable
    {
        yield 'without a letter or digit' => ['– –', 'has no letter A to Z and no digit, by which its folder could be called.'];
        yield 'two lines' => ["Orrin\nBank", 'A shop\'s name has at most 60 characters, in one line.'];
        yield 'too long' => [str_repeat('Orrin ', 11), 'A shop\'s name has at most 60 characters, in one line.'];
    }

    #[DataProvider('namesOfShops')]
    public function test_a_shop_is_called_by_a_name_that_a_folder_can_have(string $name, string $sentence): void
    {
        [$status, $said] = $this->tekkal([], 'start', '--shop', $name);

        self::assertSame([1, true], [$status, str_contains($said, $sentence)], $said);
    }

    public function test_only_a_start_lists_the_shops_and_no_verb_takes_one_that_is_not_there(): void
    {
        self::assertStringContainsString('There is nothing here yet: neither the demo nor a shop.', $this->tekkal([], 'start', '--shop')[1]);
        self::assertStringContainsString('Say which shop: bin/tekkal stop --shop NAME.', $this->tekkal([], 'stop', '--shop')[1]);
        self::assertStringContainsString('There is no shop called "Orrin Bank".', $this->tekkal([], 'stop', '--shop', 'Orrin Bank')[1]);
        self::assertStringContainsString('TEKKAL_DATA and --shop both say where the shop lies.', $this->tekkal(['TEKKAL_DATA' => $this->checkout], 'start', '--shop', 'Orrin Bank')[1]);
    }

    public function test_a_shop_is_listed_with_its_own_name_and_found_however_that_is_written(): void
    {
        mkdir($this->checkout.'/var/shops/o-brien-sons', 0755, true);
        file_put_contents($this->checkout.'/var/shops/o-brien-sons/.env', "TEKKAL_PORT=8097\nTEKKAL_DEMO=false\nSHOP_NAME=\"O'Brien \\\"Sons\\\" \\\$1\"\n");

        self::assertMatchesRegularExpression('~^O\'Brien "Sons" \$1 +http://127.0.0.1:8097 +stopped$~m', $this->tekkal([], 'start', '--shop')[1]);
        self::assertStringContainsString('Tekkal is not running.', $this->tekkal([], 'stop', '--shop', "o'brien SONS")[1]);
    }

    public function test_a_package_that_debian_refuses_is_named_with_the_command_to_run_by_hand(): void
    {
        $this->stub('dpkg-query', 'exit 1');
        $this->stub('apt-get', 'echo "E: Unable to locate package" >&2; exit 100');
        $this->stub('sudo', '[ "$1" != -n ] || shift; exec "$@"');
        $this->stub('systemctl', 'exit 0');

        $this->assertRefused('Debian refused a package', ['TEKKAL_PORT' => (string) $this->freePort()]);
    }

    public function test_without_root_or_sudo_the_missing_packages_are_named_for_an_administrator(): void
    {
        $this->stub('dpkg-query', 'exit 1');
        $this->stub('id', 'case "$1" in -u) echo 1000 ;; *) echo somebody ;; esac');
        $this->stub('sudo', 'exit 1');

        $this->assertRefused('need an administrator: apt-get install --no-install-recommends php8.2-fpm', ['TEKKAL_PORT' => (string) $this->freePort()]);
    }

    public function test_a_checkout_that_the_services_user_cannot_enter_is_named(): void
    {
        $this->stub('id', 'case "$1" in -u) echo 0 ;; *) echo root ;; esac');
        $this->stub('runuser', 'exit 1');

        $this->assertRefused('The user tekkal, who runs the services, cannot enter', ['TEKKAL_PORT' => (string) $this->freePort()]);
    }

    public function test_an_unknown_verb_is_named(): void
    {
        $this->assertRefused('There is no verb "explode".', verb: 'explode');
    }

    /** @param  array<string, string>  $environment */
    private function assertRefused(string $sentence, array $environment = [], string $verb = 'start'): void
    {
        [$status, $said] = $this->tekkal($environment, $verb);

        self::assertStringContainsString($sentence, $said);
        self::assertNotSame(0, $status);
        self::assertFileDoesNotExist($this->checkout.'/.env', 'nothing is left half-started');
        self::assertFileDoesNotExist($this->checkout.'/var/run');
    }

    /**
     * @param  array<string, string>  $environment
     * @return array{int, string} exit status and everything said
     */
    private function tekkal(array $environment, string ...$arguments): array
    {
        $process = proc_open(['bash', '-c', 'exec "$0" "$@" </dev/null 2>&1', $this->checkout.'/bin/tekkal', ...$arguments], [1 => ['pipe', 'w']], $pipes, $this->checkout, [
            'PATH' => $this->checkout.'/stubs:'.getenv('PATH'), 'HOME' => (string) getenv('HOME'),
        ] + $environment);
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    }

    private function stub(string $command, string $script): void
    {
        file_put_contents("$this->checkout/stubs/$command", "#!/bin/sh\n$script\n");
        chmod("$this->checkout/stubs/$command", 0755);
    }

    private function freePort(): int
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);

        return $port;
    }
}
