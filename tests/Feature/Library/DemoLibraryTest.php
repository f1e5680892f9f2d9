<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plausibility\Plausibility;

/** The demo's library, as the core sees it. */
final class DemoLibraryTest extends TestCase
{
    /** @return array<string, array<mixed>> documents by file name */
    private static function documents(): array
    {
        $files = [...(glob(dirname(__DIR__, 3).'/database/seeders/demo/library/*.json') ?: []), dirname(__DIR__, 3).'/database/seeders/demo/tn3-main-caps.json'];

        return array_combine(array_map(basename(...), $files), array_map(fn (string $f): array => (array) json_decode((string) file_get_contents($f), true, flags: JSON_THROW_ON_ERROR), $files));
    }

    public function test_it_has_four_families_sixteen_joints_and_twenty_procedures_or_more(): void
    {
        $all = self::documents();
        $by = fn (string ...$fields): int => count(array_unique(array_map(fn (array $d): string => implode('|', array_map(fn (string $f): string => $d[$f], $fields)), $all)));

        self::assertSame(4, $by('family'));
        self::assertGreaterThanOrEqual(16, $by('family', 'joint'));
        self::assertGreaterThanOrEqual(20, $by('family', 'joint', 'option'));
    }

    public function test_every_document_reads_plans_and_gives_the_core_nothing_to_doubt(): void
    {
        foreach (self::documents() as $name => $document) {
            $revision = DocumentReader::read($document);
            self::assertGreaterThan(1, count(Expander::expand($revision)->steps), $name);
            self::assertSame([], array_map(fn ($c): string => $c->sentence, Plausibility::of($revision, $document)), $name);
        }
    }

    public function test_every_bolt_lies_on_its_drawing_and_none_on_another(): void
    {
        foreach (self::documents() as $name => $document) {
            $places = [];
            foreach ($document['map']['positions'] as $p) {
                self::assertTrue((float) $p['x'] <= (float) $document['map']['width'] && (float) $p['y'] <= (float) $document['map']['height'], "$name, {$p['key']}");
                $places[] = [(float) $p['x'], (float) $p['y']];
            }
            foreach ($places as $i => [$x, $y]) {
                foreach (array_slice($places, $i + 1) as [$ox, $oy]) {
                    self::assertGreaterThan(12.0, hypot($x - $ox, $y - $oy), "$name: two heads overlap at $x, $y");
                }
            }
        }
    }
}
