<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

final class DocumentReaderTest extends TestCase
{
    public function test_a_whole_document_becomes_a_revision_with_its_map(): void
    {
        $revision = CommonPractice::revision();

        self::assertSame('Check, Main caps, stock bolts', $revision->title);
        self::assertCount(8, $revision->map->positions);
        self::assertSame(['i1', 'i2', 'i3', 'i4'], array_map(fn ($p): string => $p->key, $revision->map->inGroup('inner')));
    }

    /** @return iterable<string, array{Closure(array<string, mixed>): array<string, mixed>, string, string}> change, pointer, what would be right */
    public static function mistakes(): iterable
    {
        yield from self::firstMistakes();
        yield from self::furtherMistakes();
    }

    /** @return iterable<string, array{Closure(array<string, mixed>): array<string, mixed>, string, string}> of values, targets and orders */
    private static function firstMistakes(): iterable
    {
        yield 'a target without a unit' => [self::set('stages/0/targets/0/target', '15'), '/stages/0/targets/0/target', 'has no unit'];
        yield 'a bare number for a target' => [self::set('stages/0/targets/0/target', 15), '/stages/0/targets/0/target', 'as printed with its unit'];
        yield 'degrees in a torque stage' => [self::set('stages/0/targets/0/target', '15°'), '/stages/0/targets/0/target', 'a unit of torque is wanted'];
        yield 'a target outside its own window' => [self::set('stages/0/targets/0/target', '18 lbf·ft'), '/stages/0/targets/0/target', 'inside its own window'];
        yield 'limits the wrong way round' => [self::set('stages/0/targets/0/high', '12 lbf·ft'), '/stages/0/targets/0/high', 'must not lie below'];
        yield 'a position left out of the sequence' => [self::set('stages/1/sequence', ['i1']), '/stages/1/sequence', 'exactly once'];
        yield 'two positions with one key' => [self::set('map/positions/1/key', 'i1'), '/map/positions/1/key', 'no other object'];
        yield 'a position in no group' => [self::set('map/positions/0/group', 'middle'), '/map/positions/0/group', 'one of inner, outer'];
        yield 'a target without a source' => [self::set('stages/0/targets/0/target_source', null), '/stages/0/targets/0/target_source', 'one of cp'];
        yield 'a window without a source' => [self::set('stages/0/targets/0/window_source', 'hearsay'), '/stages/0/targets/0/window_source', 'one of cp'];
        yield 'a turn with no torque before it' => [self::set('stages/0/kind', 'turn'), '/stages/0/kind', 'a torque stage before it'];
        yield 'a turn without its threshold' => [self::set('stages/1/threshold', null), '/stages/1/threshold', 'as printed with its unit'];
        yield 'an unknown format' => [self::set('format', 'tekkal.procedure/9'), '/format', 'tekkal.procedure/1'];
        yield 'a stage that nobody explains' => [self::set('stages/0/why', ''), '/stages/0/why', 'a text'];
        yield 'no stages' => [self::set('stages', []), '/stages', 'at least one'];
        yield 'one number for two positions' => [self::set('map/positions/1/number', '1'), '/map/positions/1/number', 'no other position has'];
        yield 'a sequence with a position twice' => [self::set('stages/0/sequence', ['i1', 'i1', 'i2', 'i3', 'i4', 'o1', 'o2', 'o3', 'o4']), '/stages/0/sequence', 'twice: i1'];
        yield 'a sequence with a gap' => [self::set('stages/0/sequence', ['i1', 'i2', 'i3', 'i4', 'o1', 'o2', 'o3']), '/stages/0/sequence', 'missing: o4'];
        yield 'an angle with no threshold' => [function (array $document): array {
            unset($document['stages'][1]['threshold']);

            return $document;
        }, '/stages/1/threshold', 'from which it is counted'];
        yield 'a negative target' => [self::set('stages/0/targets/0/target', '-15 lbf·ft'), '/stages/0/targets/0/target', 'negative'];
        yield 'a target of nothing' => [self::set('stages/0/targets/0', ['group' => 'inner', 'target' => '0 N·m', 'low' => '0 N·m', 'high' => '1 N·m', 'target_source' => 'cp', 'window_source' => 'cp']), '/stages/0/targets/0/target', 'above zero'];
        yield 'a target beyond any fastener' => [self::set('stages/0/targets/0/target', '999999 N·m'), '/stages/0/targets/0/target', 'at most 10000 N·m'];
    }

    /** @return iterable<string, array{Closure(array<string, mixed>): array<string, mixed>, string, string}> of limits, stages and what hangs together */
    private static function furtherMistakes(): iterable
    {
        yield 'a thousands comma' => [self::set('stages/0/targets/0/target', '1,234 N·m'), '/stages/0/targets/0/target', 'Does "1,234" mean'];
        yield 'torque limits on an angle' => [self::set('stages/1/targets/0/low', '75 N·m'), '/stages/1/targets/0/low', 'a unit of angle is wanted'];
        yield 'limits and a tolerance at once' => [self::set('stages/0/targets/0/tolerance', '5 %'), '/stages/0/targets/0/tolerance', 'one of the three'];
        yield 'a tolerance of more than all' => [self::set('stages/0/targets/0', ['group' => 'inner', 'target' => '15 lbf·ft', 'tolerance' => '101 %', 'target_source' => 'cp', 'window_source' => 'cp']), '/stages/0/targets/0/tolerance', 'a share such as'];
        yield 'a field nobody knows' => [self::set('stages/0/torque', '15 lbf·ft'), '/stages/0/torque', 'no field of this name'];
        yield 'a field nobody knows, with a slash in its name' => [self::set('map', ['a/b' => 1] + CommonPractice::document()['map']), '/map/a~1b', 'no field of this name'];
        yield 'two stages of one key' => [self::set('stages/1/key', 'snug'), '/stages/1/key', 'no other object'];
        yield 'a stage that waits for a later one' => [self::set('stages/0/needs', ['turn']), '/stages/0/needs/0', 'an earlier stage'];
        yield 'a group without positions' => [self::set('groups/2', ['key' => 'side', 'name' => 'side', 'fastener' => 'bolt']), '/groups', '"side" has no position'];
        yield 'a loading stage attested as a round in class A' => [self::set('stages/1', ['loading' => true, 'evidence' => 'as_round'] + CommonPractice::document()['stages'][1]), '/stages/1/evidence', 'risk class A'];
        yield 'a trial fit as the last tightening' => [self::set('stages/1/trial', true), '/stages', 'a trial fit is never the final tightening'];
        yield 'a stage that a teardown does not have' => [self::set('purpose', 'teardown'), '/stages/0/kind', 'has no such stage'];
        yield 'a block whose legs share a position' => [self::set('stages/0', ['key' => 'caps', 'traversal' => 'sub_groups', 'legs' => [['key' => 'a', 'positions' => ['i1', 'i2']], ['key' => 'b', 'positions' => ['i2', 'i3']]], 'stages' => [CommonPractice::document()['stages'][0]]]), '/stages/0/legs', 'share no position'];
        yield 'a pair of four' => [self::set('stages/0', ['key' => 'caps', 'traversal' => 'pairs', 'legs' => [['key' => 'a', 'positions' => ['i1', 'i2', 'i3', 'i4']]], 'stages' => [CommonPractice::document()['stages'][0]]]), '/stages/0/legs', 'a pair has two positions'];
        yield 'a time that is none' => [self::set('surfaces/0', ['key' => 'l', 'surface' => 'threads', 'condition' => 'locker', 'working_time' => 'a while']), '/surfaces/0/working_time', 'a time is wanted'];
        yield 'a working time whose application nobody could record' => [self::set('surfaces/0', ['surface' => 'threads', 'condition' => 'locker', 'working_time' => '15 min']), '/surfaces/0/key', 'needs a key'];
        yield 'a gasket crushed by no stage' => [self::set('consumables', [['key' => 'g', 'kind' => 'gasket', 'name' => 'gasket', 'crushed_by' => 'never']]), '/consumables', 'which is no stage'];
        yield 'a fault rule without a source' => [self::set('fault_overrides', [['fault' => 'short', 'undo' => 'beginning']]), '/fault_overrides/0/source', 'one of cp'];
        yield 'a settling that takes no time' => [self::set('stages/2', ['key' => 'wait', 'kind' => 'settle', 'why' => 'sets']), '/stages/2/at_least', 'how long'];
        yield 'a window that has two sources' => [fn (array $document): array => array_replace_recursive($document, ['window_standards' => [['key' => 'w', 'quantity' => 'angle', 'tolerance' => '5°', 'source' => 'cp']], 'stages' => [1 => ['targets' => [['window_standard' => 'w']]]]]), '/stages/1/targets/0/window_source', 'brings its own source'];
        yield 'a standard for another quantity' => [self::set('stages/1/targets/0', ['group' => 'inner', 'target' => '80°', 'window_standard' => 'w', 'target_source' => 'cp']), '/stages/1/targets/0/window_standard', 'there is nothing it could name'];
        yield 'coordinates as numbers' => [self::set('map/positions/0/x', 40), '/map/positions/0/x', 'millimetres'];
    }

    private static function set(string $path, mixed $value): Closure
    {
        return function (array $document) use ($path, $value): array {
            $at = &$document;
            foreach (explode('/', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;

            return $document;
        };
    }

    /** @param  Closure(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_with_its_place_and_what_would_be_right(Closure $change, string $pointer, string $wanted): void
    {
        $found = $this->problemsOf($change(CommonPractice::document()));

        self::assertArrayHasKey($pointer, $found);
        self::assertStringContainsString($wanted, $found[$pointer]->wanted);
    }

    public function test_every_problem_is_reported_not_only_the_first(): void
    {
        $document = CommonPractice::document();
        $document['risk_class'] = 'Z';
        $document['stages'][0]['why'] = '';
        $document['map']['front'] = 'up';

        self::assertEqualsCanonicalizing(['/risk_class', '/stages/0/why', '/map/front'], array_keys($this->problemsOf($document)));
    }

    public function test_checks_that_wait_for_each_other_are_named_with_their_circle(): void
    {
        $check = fn (string $key, string $needs): array => ['key' => $key, 'kind' => 'confirm', 'name' => $key, 'why' => 'common practice', 'needs' => [$needs]];
        $found = $this->problemsOf(['checks' => [$check('a', 'b'), $check('b', 'c'), $check('c', 'a')]] + CommonPractice::document());

        self::assertStringContainsString('a → b → c → a', $found['/checks']->wanted);
    }

    /** @return iterable<string, array{string, string}> bytes, what would be right */
    public static function files(): iterable
    {
        yield 'another encoding' => ["{\"family\": \"M\xFCller\"}", 'UTF-8 is wanted'];
        yield 'a byte order mark' => ["\xEF\xBB\xBF{}", 'without a byte order mark'];
        yield 'no JSON' => ['{"family": ', 'JSON is wanted'];
        yield 'a list' => ['[1]', 'a JSON object is wanted'];
        yield 'more than 32 levels' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40), 'at most 32 levels'];
        yield 'more than 2 MB' => ['{"a":"'.str_repeat('x', 2_000_001).'"}', 'at most 2,000,000 bytes'];
        yield 'a number that is no text' => [json_encode(['cautions' => [1.5]] + CommonPractice::document()) ?: '', 'a list of texts is wanted'];
    }

    #[DataProvider('files')]
    public function test_bytes_that_are_no_document_are_refused_with_what_would_be_right(string $bytes, string $wanted): void
    {
        try {
            DocumentReader::fromJson($bytes);
            self::fail('The bytes were accepted.');
        } catch (InvalidDocument $e) {
            self::assertStringContainsString($wanted, $e->getMessage());
        }
    }

    public function test_more_positions_than_a_joint_can_have_are_refused(): void
    {
        $document = CommonPractice::document();
        for ($i = 9; $i <= 2001; $i++) {
            $document['map']['positions'][] = ['key' => "p$i", 'number' => (string) $i, 'x' => '0', 'y' => '0', 'group' => 'outer', 'part' => 'cap1'];
        }

        self::assertStringContainsString('at most 2000 positions', $this->problemsOf($document)['/map/positions']->wanted);
    }

    public function test_more_steps_than_a_run_can_have_are_refused(): void
    {
        $document = CommonPractice::document();
        $keys = ['i1', 'i2', 'i3', 'i4', 'o1', 'o2', 'o3', 'o4'];
        for ($i = 9; $i <= 1200; $i++) {
            $document['map']['positions'][] = ['key' => "p$i", 'number' => (string) $i, 'x' => '0', 'y' => '0', 'group' => 'outer', 'part' => 'cap1'];
            $keys[] = "p$i";
        }
        $stage = ['sequence' => $keys] + $document['stages'][0];
        $document['stages'] = array_map(fn (int $i): array => ['key' => "s$i"] + $stage, range(1, 84));

        self::assertStringContainsString('at most 100,000 steps', $this->problemsOf($document)['/stages']->wanted);
    }

    public function test_a_value_missing_is_said_blocks_approval_and_not_drafting(): void
    {
        $document = CommonPractice::document();
        $document['stages'][1]['targets'][0] = ['group' => 'inner', 'target' => ['missing' => 'the page is torn']];
        $revision = DocumentReader::read($document);

        self::assertSame(['/stages/1/targets/0/target: value missing (the page is torn).'], $revision->whyNotApprovable());
        self::assertStringContainsString('value missing', $revision->tighteningLine()->typeset());
        self::assertSame([], CommonPractice::revision()->whyNotApprovable());
    }

    public function test_a_missing_fastener_datum_is_said_and_blocks_approval_too(): void
    {
        $document = CommonPractice::document();
        $document['fasteners'][0]['geometry'] = ['grip_length' => ['missing' => 'not measured yet'], 'shank' => [['diameter' => '8.6 mm', 'length' => '40 mm']]];

        self::assertSame(['/fasteners/0/geometry/grip_length: value missing (not measured yet).'], DocumentReader::read($document)->whyNotApprovable());
    }

    /** The six ways a source prints a target are different things: bare, with tolerance, a range, one-sided, by shop standard, missing. */
    public function test_ways_to_say_a_window_stay_apart(): void
    {
        $document = CommonPractice::document();
        $document['window_standards'] = [['key' => 'w', 'quantity' => 'torque', 'risk_class' => 'A', 'tolerance' => '± 4 %', 'source' => 'cp']];
        $window = function (array $target) use ($document): string {
            $document['stages'][0]['targets'][0] = ['group' => 'inner', 'target_source' => 'cp'] + $target + (isset($target['window_standard']) ? [] : ['window_source' => 'cp']);

            return str_replace("\u{A0}", ' ', DocumentReader::read($document)->stages()[0]->targetAt('i1')?->window?->typeset() ?? 'none');
        };

        self::assertSame('57.6–62.4 lbf·ft', $window(['target' => '60 lbf·ft', 'window_standard' => 'w']));
        self::assertSame('57–63 lbf·ft', $window(['target' => '60 lbf·ft', 'tolerance' => '3 lbf·ft']));
        self::assertSame('36–41 N·m', $window(['low' => '36 N·m', 'high' => '41 N·m']));
        self::assertSame('at least 30 N·m', $window(['low' => '30 N·m']));
        self::assertSame('at most 50 lbf·ft', $window(['high' => '50 lbf·ft']));
        self::assertSame('none', $window(['target' => ['missing' => 'torn']]));
    }

    public function test_an_empty_document_is_refused_without_failing_on_it(): void
    {
        self::assertArrayHasKey('/map', $this->problemsOf([]));
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, Problem> by pointer
     */
    private function problemsOf(array $document): array
    {
        try {
            DocumentReader::read($document);
        } catch (InvalidDocument $e) {
            return array_combine(array_map(fn (Problem $p): string => $p->pointer, $e->problems), $e->problems);
        }
        self::fail('The document was accepted.');
    }
}
