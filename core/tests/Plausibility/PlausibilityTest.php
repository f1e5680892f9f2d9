<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plausibility;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plausibility\Challenge;
use Tekkal\Core\Plausibility\ChallengeKind;
use Tekkal\Core\Plausibility\Plausibility;
use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

/**
 * A sound document of textbook size – class 8.8 bolts at about three quarters of their proof load by VDI 2230-1 – and what
 * happens to it when somebody slips. Bearing and hole diameters as in VDI 2230-1 Table A1 (from memory).
 */
final class PlausibilityTest extends TestCase
{
    private const SIZES = ['M8' => [11.63, 9.0, '22 N·m', '16 lbf·ft'], 'M10' => [14.63, 11.0, '43 N·m', '32 lbf·ft'], 'M12' => [16.63, 13.5, '74 N·m', '55 lbf·ft']];

    public function test_a_sound_document_is_not_challenged(): void
    {
        foreach (array_keys(self::SIZES) as $thread) {
            self::assertSame([], self::challenges(self::document($thread, self::SIZES[$thread][2])), $thread);
            self::assertSame([], self::challenges(self::document($thread, self::SIZES[$thread][3])), $thread);
        }
    }

    public function test_without_head_and_hole_a_gross_slip_is_doubted_all_the_same_and_nothing_less(): void
    {
        $bare = function (string $thread, string $target): array {
            $document = self::document($thread, $target);
            unset($document['fasteners'][0]['geometry']);

            return $document;
        };
        foreach (array_keys(self::SIZES) as $thread) {
            self::assertSame([], self::challenges($bare($thread, self::SIZES[$thread][2])), $thread);
        }
        // The usual 43 N·m of an M10, class 8.8, half as much again: beyond proof, but not grossly; then with its decimal mark lost; then feet for inches.
        self::assertSame([], self::challenges($bare('M10', '65 N·m')));
        self::assertSame(['43 N·m'], array_map(fn (Challenge $c): string => str_replace("\u{A0}", ' ', (string) $c->plausible), self::challenges($bare('M10', '430 N·m'))));
        self::assertSame([ChallengeKind::UnitSlip], array_map(fn (Challenge $c): ChallengeKind => $c->kind, self::challenges($bare('M8', '192 lbf·ft'))));
    }

    public function test_the_demo_library_is_not_challenged(): void
    {
        foreach ([...(glob(__DIR__.'/../../../database/seeders/demo/*.json') ?: []), ...(glob(__DIR__.'/../../../database/seeders/demo/library/*.json') ?: [])] as $file) {
            $document = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            self::assertIsArray($document);

            self::assertSame([], self::challenges($document, '1'), basename($file));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, ChallengeKind, string}> document, what is challenged, the value that would be plausible */
    public static function slips(): iterable
    {
        $torque = fn (string $thread, string $target): array => self::document($thread, $target);
        yield '1 decimal mark lost, M8' => [$torque('M8', '220 N·m'), ChallengeKind::DecimalSlip, '22 N·m'];
        yield '2 decimal mark lost, M10' => [$torque('M10', '430 N·m'), ChallengeKind::DecimalSlip, '43 N·m'];
        yield '3 decimal mark lost, M12' => [$torque('M12', '740 N·m'), ChallengeKind::DecimalSlip, '74 N·m'];
        yield '4 decimal mark gained, M8' => [$torque('M8', '2.2 N·m'), ChallengeKind::DecimalSlip, '22 N·m'];
        yield '5 decimal mark gained, M10' => [$torque('M10', '4.3 N·m'), ChallengeKind::DecimalSlip, '43 N·m'];
        yield '6 inches for feet, M10' => [$torque('M10', '32 lbf·in'), ChallengeKind::UnitSlip, '384 lbf·in'];
        yield '7 inches for feet, M12' => [$torque('M12', '55 lbf·in'), ChallengeKind::UnitSlip, '660 lbf·in'];
        yield '8 feet for inches, M8' => [$torque('M8', '192 lbf·ft'), ChallengeKind::UnitSlip, '16 lbf·ft'];
        yield '9 feet for inches, M10' => [$torque('M10', '384 lbf·ft'), ChallengeKind::UnitSlip, '32 lbf·ft'];
        yield '10 newton-metres said as pound-feet, M10' => [$torque('M10', '46 lbf·ft'), ChallengeKind::UnitSlip, '34 lbf·ft'];
        yield '11 newton-metres said as pound-feet, M12' => [$torque('M12', '80 lbf·ft'), ChallengeKind::UnitSlip, '59 lbf·ft'];
        yield '12 a little beyond proof' => [$torque('M10', '58 N·m'), ChallengeKind::BeyondProof, '41 N·m'];
        yield '13 an angle with its decimal mark lost' => [self::turned('900°', 'never'), ChallengeKind::DecimalSlip, '90°'];
        yield '14 an angle that yields a bolt marked reusable' => [self::turned('120°', 'free'), ChallengeKind::AngleMustYield, 'reuse: never'];
        yield '15 the same, so many times' => [self::turned('120°', 'up_to'), ChallengeKind::AngleMustYield, 'reuse: never'];
        yield '16 a window narrower than the gauge' => [self::turned('60°', 'never', '3°'), ChallengeKind::WindowTighterThanTool, 'a window of at least 10°'];
        yield '17 a verification pass after a turn' => [self::verified(), ChallengeKind::VerificationAfterTurn, ''];
        yield '18 a single-use bolt loaded twice' => [self::twice(), ChallengeKind::SecondLoading, 'a trial set, or one loading stage'];
        yield '19 a stretch that its ceiling torque does not reach' => [self::stretched(), ChallengeKind::StretchBeyondCeiling, '43 N·m'];
        yield '20 two units of torque side by side' => [self::mixed(), ChallengeKind::UnitsAtOdds, 'one unit throughout'];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('slips')]
    public function test_a_planted_slip_is_found_with_the_value_that_would_be_plausible(array $document, ChallengeKind $kind, string $plausible): void
    {
        $found = array_values(array_filter(self::challenges($document), fn (Challenge $c): bool => $c->kind === $kind));

        self::assertNotSame([], $found, json_encode(array_map(fn (Challenge $c): string => $c->sentence, self::challenges($document)), JSON_UNESCAPED_UNICODE) ?: '');
        self::assertSame($plausible, str_replace("\u{A0}", ' ', $found[0]->plausible ?? ''));
    }

    public function test_targets_swapped_against_a_sister_variant_are_found(): void
    {
        $two = function (string $inner, string $outer): array {
            $document = self::document('M10', '43 N·m');
            $document['groups'][] = ['key' => 'outer', 'name' => 'outer', 'fastener' => 'bolt'];
            $document['map']['positions'][1]['group'] = 'outer';
            $document['stages'] = [['targets' => [self::target('inner', $inner), self::target('outer', $outer)]] + $document['stages'][0]];

            return $document;
        };
        $challenges = Plausibility::of(DocumentReader::read($two('43 N·m', '38 N·m')), $two('43 N·m', '38 N·m'), null, null, [DocumentReader::read($two('38 N·m', '43 N·m'))]);

        self::assertSame([ChallengeKind::SwappedTargets], array_map(fn (Challenge $c): ChallengeKind => $c->kind, $challenges));
        self::assertSame([], Plausibility::of(DocumentReader::read($two('43 N·m', '38 N·m')), $two('43 N·m', '38 N·m'), null, null, [DocumentReader::read($two('43 N·m', '38 N·m'))]));
    }

    public function test_a_document_in_another_unit_than_the_wrenches_is_challenged(): void
    {
        $document = self::document('M10', '32 lbf·ft');
        $challenges = Plausibility::of(DocumentReader::read($document), $document, null, TorqueUnit::NewtonMetre);

        self::assertSame([[ChallengeKind::UnitsAtOdds, 'the nearest setting in N·m']], array_map(fn (Challenge $c): array => [$c->kind, $c->plausible], $challenges));
        self::assertSame([], Plausibility::of(DocumentReader::read($document), $document, null, TorqueUnit::PoundForceFoot));
    }

    public function test_every_estimate_carries_its_assumptions_and_what_is_missing_is_not_guessed(): void
    {
        $challenge = self::challenges(self::document('M10', '430 N·m'))[0];
        self::assertStringContainsString('Friction: engine oil', implode(' ', $challenge->assumptions));
        self::assertStringContainsString('ISO 898-1', implode(' ', $challenge->assumptions));
        foreach (['thread', 'strength'] as $field) {
            $document = self::document('M10', '430 N·m');
            unset($document['fasteners'][0][$field]);

            self::assertSame([], self::challenges($document), "without $field nothing is estimated");
        }
    }

    /**
     * @param  array<mixed>  $document
     * @return list<Challenge>
     */
    private static function challenges(array $document, string $graduation = '10'): array
    {
        return Plausibility::of(DocumentReader::read($document), $document, Written::of($graduation, AngleUnit::Degree));
    }

    /** @return array<string, mixed> */
    private static function document(string $thread, string $target): array
    {
        [$bearing, $hole] = self::SIZES[$thread];

        return [
            'format' => 'tekkal.procedure/1', 'family' => 'Check', 'joint' => 'Cap', 'option' => 'stock', 'risk_class' => 'B',
            'map' => ['width' => '100', 'height' => '60', 'front' => 'left', 'parts' => [['key' => 'cap', 'name' => 'cap', 'shape' => 'cap', 'x' => '0', 'y' => '0', 'width' => '100', 'height' => '60']], 'positions' => [
                ['key' => 'a', 'number' => '1', 'x' => '20', 'y' => '30', 'group' => 'inner', 'part' => 'cap'], ['key' => 'b', 'number' => '2', 'x' => '80', 'y' => '30', 'group' => 'inner', 'part' => 'cap'],
            ]],
            'fasteners' => [['key' => 'bolt', 'name' => $thread, 'thread' => $thread, 'strength' => '8.8', 'head' => 'hex', 'reuse' => 'free', 'geometry' => [
                'grip_length' => '44 mm', 'bearing_diameter' => "$bearing mm", 'hole_diameter' => "$hole mm", 'shank' => [['length' => '30 mm', 'diameter' => substr($thread, 1).' mm']], 'members' => [['material' => 'cast iron', 'thickness' => '44 mm']],
            ]]],
            'groups' => [['key' => 'inner', 'name' => 'inner', 'fastener' => 'bolt']],
            'surfaces' => [['surface' => 'threads', 'condition' => 'engine oil']],
            'sources' => [['key' => 'cp', 'kind' => 'shop_standard', 'title' => 'check', 'edition' => '1', 'date' => '2026', 'page' => '1']],
            'stages' => [['key' => 'full', 'kind' => 'torque', 'sequence' => ['a', 'b'], 'why' => 'clamps', 'loading' => true, 'targets' => [self::target('inner', $target)]]],
        ];
    }

    /** @return array<string, mixed> */
    private static function turned(string $angle, string $reuse, string $tolerance = '6°'): array
    {
        $document = self::document('M10', '15 N·m');
        $document['fasteners'][0]['reuse'] = $reuse;
        $document['fasteners'][0] += $reuse === 'up_to' ? ['cycles' => 3] : [];
        $document['stages'][0]['loading'] = false;
        $document['stages'][] = ['key' => 'turn', 'kind' => 'turn', 'threshold' => '15 N·m', 'why' => 'clamps', 'loading' => true, 'targets' => [['tolerance' => $tolerance] + self::target('inner', $angle)]];

        return $document;
    }

    /** @return array<string, mixed> */
    private static function verified(): array
    {
        $document = self::turned('40°', 'free');
        $document['stages'][] = ['key' => 'again', 'kind' => 'verification_pass', 'why' => 'looks', 'targets' => [['group' => 'inner', 'target' => '43 N·m', 'target_source' => 'cp']]];

        return $document;
    }

    /** @return array<string, mixed> */
    private static function twice(): array
    {
        $document = self::document('M10', '43 N·m');
        $document['fasteners'][0]['reuse'] = 'never';
        $document['stages'][] = ['key' => 'more'] + $document['stages'][0];

        return $document;
    }

    /** @return array<string, mixed> */
    private static function stretched(): array
    {
        $document = self::document('M10', '43 N·m');
        $document['stages'] = [['key' => 'pull', 'kind' => 'stretch', 'method' => 'absolute', 'sequence' => ['a', 'b'], 'ceiling' => '30 N·m', 'why' => 'clamps', 'targets' => [['group' => 'inner', 'low' => '0.104 mm', 'high' => '0.115 mm', 'target_source' => 'cp', 'window_source' => 'cp']]]];

        return $document;
    }

    /** @return array<string, mixed> */
    private static function mixed(): array
    {
        $document = self::document('M10', '20 N·m');
        $document['stages'][] = ['key' => 'more', 'targets' => [self::target('inner', '32 lbf·ft')]] + $document['stages'][0];

        return $document;
    }

    /** @return array<string, string> */
    private static function target(string $group, string $target): array
    {
        return ['group' => $group, 'target' => $target, 'tolerance' => str_contains($target, '°') ? '6°' : '10 %', 'target_source' => 'cp', 'window_source' => 'cp'];
    }
}
