<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ClassRule;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidRiskRules;
use Tekkal\Core\Document\RiskRules;
use Tekkal\Core\Document\Wanting;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

/** Classes after VDI/VDE 2862, wording from memory; what each asks for: common practice, no source. */
final class RiskRulesTest extends TestCase
{
    private const AS_ROUND = ['as_round', false, false];

    private const STRICT = ['measured', true, true];

    public function test_as_they_come_only_class_a_forbids_a_word_for_the_round_and_has_two_look(): void
    {
        $rules = RiskRules::asTheyCome();

        self::assertSame(['a word for each fastener, a second person at the end', 'a word for the round', 'a word for the round'], array_map(fn (string $c): string => $rules->for($c)->words(), RiskRules::CLASSES));
    }

    /** @return iterable<string, array{array<string, array{string, bool, bool}>, string}> */
    public static function refused(): iterable
    {
        yield 'class A by the round' => [['A' => self::AS_ROUND, 'B' => self::AS_ROUND, 'C' => self::AS_ROUND], 'Class A asks for at least a word for each fastener, a second person at the end; this asks for a word for the round.'];
        yield 'class A without a second person' => [['A' => ['measured', true, false], 'B' => self::AS_ROUND, 'C' => self::AS_ROUND], 'Class A asks for at least a word for each fastener, a second person at the end; this asks for a measured value, a second quantity watched.'];
        yield 'class B for less than class C' => [['A' => self::STRICT, 'B' => self::AS_ROUND, 'C' => ['one_by_one', false, false]], 'Class B would ask for less than class C, which asks for a word for each fastener.'];
        yield 'class A for less than class B' => [['A' => ['one_by_one', false, true], 'B' => ['one_by_one', true, false], 'C' => self::AS_ROUND], 'Class A would ask for less than class B, which asks for a word for each fastener, a second quantity watched.'];
        yield 'a class of which nothing is said' => [['A' => self::STRICT, 'C' => self::AS_ROUND], 'Say what class B asks for.'];
    }

    /** @param  array<string, array{string, bool, bool}>  $rules */
    #[DataProvider('refused')]
    public function test_a_class_never_asks_for_less_than_it_comes_with_or_than_the_one_below(array $rules, string $why): void
    {
        try {
            self::rules($rules);
            self::fail('They were taken.');
        } catch (InvalidRiskRules $e) {
            self::assertSame($why, $e->getMessage());
        }
    }

    public function test_a_class_that_is_none_has_no_rule(): void
    {
        $this->expectExceptionMessage('There is no risk class "D".');
        RiskRules::asTheyCome()->for('D');
    }

    public function test_a_round_that_may_rest_on_less_than_its_class_wants_falls_short(): void
    {
        $rules = self::rules(['A' => self::STRICT, 'B' => ['one_by_one', false, false], 'C' => self::AS_ROUND]);
        $document = ['risk_class' => 'B'] + CommonPractice::document();
        $document['stages'][1] += ['loading' => true, 'evidence' => 'as_round'];

        self::assertSame(['turn' => ['it may rest on a word for the round; in this shop class B wants a word for each fastener']], $rules->fallsShort(DocumentReader::read($document)));
        self::assertSame([], $rules->fallsShort(DocumentReader::read(['risk_class' => 'C'] + $document)), 'class C asks for less');
        self::assertSame([], RiskRules::asTheyCome()->fallsShort(DocumentReader::read($document)));
        [$short] = Wanting::short(DocumentReader::read($document), $document, $rules);
        self::assertSame(['/stages/1', 'rounds', 'turn'], [$short->pointer, $short->part, $short->stage]);
        self::assertStringContainsString('in this shop class B wants a word for each fastener.', $short->sentence());
    }

    public function test_rounds_before_the_loading_one_may_rest_on_less_and_those_after_it_may_not(): void
    {
        $rules = self::rules(['A' => self::STRICT, 'B' => ['measured', false, false], 'C' => self::AS_ROUND]);
        $document = ['risk_class' => 'B'] + CommonPractice::document();
        foreach ([0, 1] as $i) {
            $document['stages'][$i]['evidence'] = 'one_by_one';
        }
        $loading = function (int $i) use ($document): array {
            $document['stages'][$i]['loading'] = true;

            return $document;
        };

        self::assertSame(['turn'], array_keys($rules->fallsShort(DocumentReader::read($loading(1)))));
        self::assertSame(['snug', 'turn'], array_keys($rules->fallsShort(DocumentReader::read($loading(0)))));
        self::assertSame(['snug', 'turn'], array_keys($rules->fallsShort(DocumentReader::read($document))), 'where none is said to load, all do');
    }

    public function test_where_a_second_quantity_is_wanted_each_target_watches_one(): void
    {
        $rules = self::rules(['A' => ['measured', true, true], 'B' => self::AS_ROUND, 'C' => self::AS_ROUND]);
        $document = CommonPractice::document();
        $document['stages'][1]['loading'] = true;
        $document['stages'][1]['targets'][0]['monitored'] = [['quantity' => 'torque', 'low' => '60 N·m', 'high' => '90 N·m']];

        self::assertSame(['turn' => ['nothing is watched beside its angle; in this shop class A wants a second quantity']], $rules->fallsShort(DocumentReader::read($document)), 'the outer bolts watch nothing');
        $document['stages'][1]['targets'][1]['monitored'] = $document['stages'][1]['targets'][0]['monitored'];
        self::assertSame([], $rules->fallsShort(DocumentReader::read($document)));
    }

    public function test_a_trial_fit_is_nobodys_proof(): void
    {
        $rules = self::rules(['A' => self::STRICT, 'B' => ['measured', false, false], 'C' => self::AS_ROUND]);
        $document = ['risk_class' => 'B'] + CommonPractice::document();
        $document['stages'][0] += ['trial' => true, 'evidence' => 'as_round'];

        self::assertSame([], $rules->fallsShort(DocumentReader::read($document)));
    }

    /** @param  array<string, array{string, bool, bool}>  $rules */
    private static function rules(array $rules): RiskRules
    {
        return RiskRules::of(array_map(fn (array $r): ClassRule => new ClassRule(Attestation::from($r[0]), $r[1], $r[2]), $rules));
    }
}
