<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Change;
use Tekkal\Core\Document\Comparison;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Tests\Fixtures\Bench;

final class ComparisonTest extends TestCase
{
    public function test_another_angle_of_one_group_is_told_in_the_trades_words_with_its_bolts(): void
    {
        $changes = self::between('04-head-two-sizes', function (array $d): array {
            $d['stages'][3]['targets'][0]['target'] = '70°';

            return $d;
        });

        self::assertSame(['M8 +75° → +70°', 'M8: good from 70–80° → 65–75°'], array_map(fn (Change $c): string => $c->sentence, $changes));
        self::assertSame(['e1', 'e2'], $changes[0]->positions);
        self::assertSame('turn_small', $changes[0]->stage);
    }

    public function test_what_was_added_or_left_out_is_told_with_what_it_is(): void
    {
        $sentences = array_map(fn (Change $c): string => $c->sentence, self::between('16-sources-at-odds-size-missing', function (array $d): array {
            $d['conflicts'][0] = ['key' => 'another', 'about' => 'lubricant of the bolts'] + $d['conflicts'][0];
            $d['checks'] = [['key' => 'k', 'kind' => 'confirm', 'name' => 'gasket is the right way up', 'why' => 'It fits either way.']];
            $d['sources'][] = ['key' => 'third', 'kind' => 'gasket_maker', 'title' => 'A gasket sheet', 'edition' => '1', 'date' => '2024-01', 'page' => '2'];

            return $d;
        }));

        self::assertContains('disagreement about torque of the cover left out', $sentences);
        self::assertContains('disagreement about lubricant of the bolts added', $sentences);
        self::assertContains('check gasket is the right way up added', $sentences);
        self::assertContains('source A gasket sheet added', $sentences);
    }

    public function test_a_round_left_out_and_another_order_are_told(): void
    {
        $sentences = array_map(fn (Change $c): string => $c->sentence, self::between('04-head-two-sizes', function (array $d): array {
            unset($d['stages'][3]);
            $d['sequences'][0]['order'] = ['b2', 'a2', 'a3', 'b1', 'a1', 'b3'];

            return $d;
        }));

        self::assertContains('round left out: +75° M8', $sentences);
        self::assertContains("22\u{A0}lbf·ft M11 in another order: 2–1–3–4–5–6", $sentences);
    }

    public function test_a_target_for_single_bolts_of_a_group_names_their_numbers(): void
    {
        $changes = self::between('04-head-two-sizes', function (array $d): array {
            $d['stages'][3]['targets'] = [
                ['positions' => ['e1'], 'target' => '75°', 'window_standard' => 'a', 'target_source' => 'cp'],
                ['positions' => ['e2'], 'target' => '90°', 'window_standard' => 'a', 'target_source' => 'cp'],
            ];

            return $d;
        });

        self::assertSame('No. 8 +75° → +90°', $changes[0]->sentence);
    }

    public function test_reuse_policy_surface_source_and_map_are_compared_too(): void
    {
        $changes = self::between('04-head-two-sizes', function (array $d): array {
            $d['fasteners'][1]['reuse'] = 'free';
            $d['surfaces'][0]['condition'] = 'dry';
            $d['sources'][0]['edition'] = 'another';
            $d['map']['positions'][0]['x'] = '31';
            $d['cautions'] = [];

            return $d;
        });

        self::assertSame(['map', 'fastener', 'source', 'surface', 'text'], array_map(fn (Change $c): string => $c->what, $changes));
        self::assertStringContainsString('reuse: never → free', $changes[1]->sentence);
        self::assertSame(['a1'], $changes[0]->positions);
    }

    #[DataProvider('examples')]
    public function test_a_revision_does_not_differ_from_itself(string $example): void
    {
        self::assertSame([], self::between($example, fn (array $d): array => $d));
    }

    /** Whatever value of a document is changed, the comparison says something: nothing slips through between two revisions. */
    #[DataProvider('examples')]
    public function test_no_change_of_a_text_that_can_be_read_goes_unsaid(string $example): void
    {
        $document = Bench::document($example);
        $tried = 0;
        foreach (self::texts($document, []) as $path) {
            // Names of the joint belong to the library, not to a revision; a number or key changed alone no longer fits.
            $changed = self::changed($document, $path);
            if (in_array($path[0], ['family', 'joint'], true) || ($path[0] === 'map' && in_array($path[1], ['width', 'height', 'parts', 'front'], true))) {
                continue;
            }
            try {
                $new = DocumentReader::read($changed);
            } catch (\Tekkal\Core\Document\InvalidDocument) {
                continue;
            }
            $tried++;
            self::assertNotSame([], Comparison::of(DocumentReader::read($document), $document, $new, $changed), implode('/', $path));
        }
        self::assertGreaterThan(8, $tried);
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (['01-main-caps-thrust-held-back', '02-rods-part-by-part', '06-wheels-held', '09-rod-stretch-comparator', '13-prevailing-added', '18-locker-in-time', '22-rods-stamped-and-traced', '23-pump-by-crow-foot', '24-studs-first-by-stretch'] as $example) {
            yield $example => [$example];
        }
    }

    /**
     * @param  array<mixed>  $node
     * @param  list<int|string>  $path
     * @return array<mixed> with an x after the text at the path
     */
    private static function changed(array $node, array $path): array
    {
        $key = array_shift($path);
        $node[$key] = $path === [] ? $node[$key].'x' : self::changed((array) $node[$key], $path);

        return $node;
    }

    /**
     * @param  array<mixed>  $node
     * @param  list<int|string>  $path
     * @return iterable<list<int|string>>
     */
    private static function texts(array $node, array $path): iterable
    {
        foreach ($node as $key => $value) {
            if (is_string($value)) {
                yield [...$path, $key];
            } elseif (is_array($value)) {
                yield from self::texts($value, [...$path, $key]);
            }
        }
    }

    /** @return list<Change> */
    private static function between(string $example, callable $change): array
    {
        $old = Bench::document($example);
        $new = $change($old);
        $new['stages'] = array_values($new['stages']);

        return Comparison::of(DocumentReader::read($old), $old, DocumentReader::read($new), $new);
    }
}
