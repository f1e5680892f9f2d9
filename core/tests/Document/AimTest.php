<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Tests\Fixtures\Bench;

/** "Aim where to aim inside the window, with evidence; verdicts use the window" – a fact of the trade. */
final class AimTest extends TestCase
{
    public function test_an_aim_stands_in_the_line_and_changes_no_window(): void
    {
        $plain = DocumentReader::read(Bench::document('04-head-two-sizes'));
        $aimed = DocumentReader::read(self::aiming(['aim' => '74°', 'aim_evidence' => 'trial of 12 bolts']));

        self::assertStringContainsString('aim at 74°', $aimed->tighteningLine()->long()[3]);
        self::assertSame(array_map(fn ($s): ?string => $s->goal()?->window?->typeset(), Expander::expand($plain)->steps), array_map(fn ($s): ?string => $s->goal()?->window?->typeset(), Expander::expand($aimed)->steps));
    }

    public function test_an_aim_outside_its_window_is_refused(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/stages/3/targets/0/aim: "81°" stands there; an aim inside the window 70–80° is wanted.');
        DocumentReader::read(self::aiming(['aim' => '81°', 'aim_evidence' => 'x']));
    }

    public function test_an_aim_without_evidence_is_refused(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/stages/3/targets/0/aim_evidence');
        DocumentReader::read(self::aiming(['aim' => '76°']));
    }

    /**
     * @param  array<string, string>  $aim
     * @return array<string, mixed>
     */
    private static function aiming(array $aim): array
    {
        $document = Bench::document('04-head-two-sizes');
        $document['stages'][3]['targets'][0] += $aim;

        return $document;
    }
}
