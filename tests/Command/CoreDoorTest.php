<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;

/** bin/tekkal core, as somebody calls it from a folder of their own. */
final class CoreDoorTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/tekkal-door-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        copy(dirname(__DIR__, 2).'/docs/formats/examples/06-wheels-held.json', $this->folder.'/mine.json');
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_file_is_looked_for_where_the_caller_stands(): void
    {
        [$status, $out, $complaint] = $this->called('core', 'check', 'mine.json');

        self::assertStringStartsWith("mine.json is a valid procedure: Example, Timing wheels, stock hardware.\n", $out);
        self::assertSame([0, ''], [$status, $complaint]);
    }

    public function test_a_refusal_prints_its_sentence_and_nothing_else(): void
    {
        self::assertSame([2, '', "There is no readable file \"yours.json\".\n"], $this->called('core', 'check', 'yours.json'));
        self::assertSame([1, '', "--torque: \"45\" is no torque with its unit, such as 45 N·m.\n"], $this->called('core', 'joint', '--torque', '45'));
        self::assertSame(1, substr_count($this->called('selfcheck', '--quick')[2], "\n"));
    }

    /** @return array{int, string, string} exit status, output, complaint */
    private function called(string ...$arguments): array
    {
        $process = proc_open([dirname(__DIR__, 2).'/bin/tekkal', ...array_values($arguments)], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $this->folder);
        self::assertIsResource($process);
        [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $err];
    }
}
