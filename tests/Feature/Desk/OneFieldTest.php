<?php

declare(strict_types=1);

namespace Tests\Feature\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** The one field finds whatever stands on a screen, as it stands there or as a hand types it. */
final class OneFieldTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, string}> what is typed, of which kind it is, its title */
    public static function asked(): iterable
    {
        $caps = 'Tarn TN3, Main caps, stock bolts';
        yield 'a value as a screen prints it' => ['32 N·m', 'procedure', $caps];
        yield 'an angle as a screen prints it' => ['47°', 'procedure', $caps];
        yield 'a value with a thin space' => ["32\u{2009}N·m", 'procedure', $caps];
        yield 'a limit that stands in a window only' => ['M10 × 1.5 × 95', 'procedure', $caps];
        yield 'a thread as a screen prints it' => ['M10 × 1.5', 'procedure', $caps];
        yield 'a thread as a hand types it' => ['M10x1.5', 'procedure', $caps];
        yield 'and with blanks' => ['m10 x 1.5', 'procedure', $caps];
        yield 'a marking without its blank' => ['FW10.9', 'procedure', $caps];
        yield 'a tool by its number' => ['tw-04', 'tool', 'TW-04'];
        yield 'a tool by a scan' => ['@TTW-04', 'tool', 'TW-04'];
        yield 'the word tool' => ['tool', 'tool', 'AG-02'];
        yield 'a kind of tool' => ['angle gauge', 'tool', 'AG-02'];
        yield 'a person by name' => ['ondling', 'person', 'Rafe Ondling'];
        yield 'a person by badge' => ['@B1042', 'person', 'Juno Castrel'];
        yield 'a serial or a part of it' => ['26-0001', 'build', 'TN3-26-0001'];
        yield 'an engine by whose it is' => ['skerry', 'build', 'TN3-26-0001'];
    }

    #[DataProvider('asked')]
    public function test_what_is_typed_is_found(string $text, string $kind, string $title): void
    {
        $this->world->build();
        $found = array_values(array_filter((array) $this->world->desk('lead', 'GET', 'find?q='.rawurlencode($text))->assertOk()->json('found'), fn (array $f): bool => $f['kind'] === $kind));

        self::assertSame($title, $found[0]['title'] ?? null);
    }

    /** @return iterable<string, array{string}> */
    public static function odd(): iterable
    {
        foreach (['éé', 'Ünal', '扭矩扳手', '☂☂', 'ＴＷ－０４', '½ turn', '−3°', '%%', '__', '\\\\', "'; --"] as $text) {
            yield $text => [str_pad($text, 2, '?')];
        }
    }

    #[DataProvider('odd')]
    public function test_whatever_is_typed_is_answered_and_never_refused(string $text): void
    {
        $this->world->build();
        foreach (['lead', 'approver', 'crib', 'reader'] as $who) {
            $this->world->desk($who, 'GET', 'find?q='.rawurlencode($text))->assertOk();
        }
    }

    public function test_nobody_is_found_by_who_may_not_read_people_and_no_engine_by_whose_it_is_not(): void
    {
        $this->world->build('TN3-26-0002', 'Lantern Bay Ferries');
        foreach (['crib', 'reader'] as $who) {
            $this->world->desk($who, 'GET', 'find?q=ondling')->assertOk()->assertJsonPath('found', []);
        }
        $this->world->desk('reader', 'GET', 'find?q=lantern')->assertOk()->assertJsonPath('found', []);
    }
}
