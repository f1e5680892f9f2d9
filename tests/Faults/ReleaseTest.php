<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From the first release on a record is read for ever: what each release left behind is kept here, and only added to. */
final class ReleaseTest extends TestCase
{
    private const KEPT = __DIR__.'/releases';

    private Scratch $beside;

    protected function setUp(): void
    {
        $this->beside = new Scratch(dirname((new Instance)->folder).'/faults-release');
    }

    protected function tearDown(): void
    {
        $this->beside->end();
    }

    /** @return iterable<string, array{string}> */
    public static function releases(): iterable
    {
        foreach (glob(self::KEPT.'/*/backup.json') ?: [] as $backup) {
            yield basename(dirname($backup)) => [dirname($backup)];
        }
    }

    #[DataProvider('releases')]
    public function test_the_record_of_a_release_agrees_tells_what_it_told_and_is_gone_on_with(string $kept): void
    {
        [$status, $said] = $this->beside->tekkal('restore', '--unsealed', $kept);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Bytes, hashes, counts and projections agree.', $said);
        $instance = new Instance($this->beside->folder);
        self::assertSame(json_decode((string) file_get_contents("$kept/told.json"), true, flags: JSON_THROW_ON_ERROR), Told::by($instance));

        $bench = (new BenchClient($instance->base, 0))->signIn()->newRun();
        $bench->observe();
        self::assertTrue($bench->flush());
        self::assertSame(['applied', 'applied', 'applied'], array_column($bench->acknowledged, 'standing'));
        self::assertSame(0, $this->beside->tekkal('verify')[0]);
    }

    public function test_what_a_release_left_behind_is_never_changed(): void
    {
        self::assertNotSame([], [...self::releases()]);
        exec(sprintf('cd %s && sha256sum --quiet -c MANIFEST 2>&1', escapeshellarg(self::KEPT)), $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
        $listed = array_map(fn (string $line): string => substr($line, 66), file(self::KEPT.'/MANIFEST', FILE_IGNORE_NEW_LINES) ?: []);
        $there = array_map(fn (string $file): string => substr($file, strlen(self::KEPT) + 1), glob(self::KEPT.'/*/*') ?: []);
        self::assertEqualsCanonicalizing($there, $listed);
    }
}
