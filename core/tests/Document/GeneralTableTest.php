<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\GeneralTable;
use Tekkal\Core\Document\GeneralValue;
use Tekkal\Core\Document\TableException;
use Tekkal\Core\Document\TableProcedure;
use Tekkal\Core\Document\Wanting;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Written;

/**
 * A shop's general torques. The figures are made up for these tests (invented, run through the core's own reader); that a
 * table goes by thread, class and material is common practice, no source.
 */
final class GeneralTableTest extends TestCase
{
    public function test_rows_are_read_by_thread_class_material_and_torque_however_they_are_parted(): void
    {
        $table = GeneralTable::read("M8; 8.8; Cast iron; 24 N·m\n\nm10 x 1,25\t10.9\tsteel\t49 lbf·ft\r\n3/8-16 UNC ; SAE 5 ; aluminium ; 30 lbf·ft");

        self::assertSame(['M8 8.8 in cast iron', 'M10x1.25 10.9 in steel', '3/8-16 SAE 5 in aluminium'], array_map(fn (GeneralValue $v): string => $v->name(), $table->values));
        self::assertSame(['24 N.m', '49 lbf.ft', '30 lbf.ft'], array_map(fn (GeneralValue $v): string => $v->torque->code(), $table->values), 'as printed, in its own unit');
        self::assertSame('24 N.m', $table->value('M8 8.8 in cast iron')?->toArray()['torque']);
        self::assertNull($table->value('M8 8.8 in steel'));
    }

    /** @return array<string, array{string, string, string}> */
    public static function badRows(): array
    {
        return [
            'nothing' => ["\n \n", 'Write a row for each bolt: M8; 8.8; cast iron; 24 N·m.', 'rows'],
            'three cells' => ["M8; 8.8; cast iron; 24 N·m\nM6; 8.8; 9 N·m", 'Row 2 has 3 cells; four are wanted: thread; class; material; torque.', 'rows'],
            'no thread' => ['M13; 8.8; steel; 30 N·m', 'Row 1: ', 'thread'],
            'no class' => ['M8; 8; steel; 24 N·m', 'Row 1: "8" is no class or grade known here', 'class'],
            'no material' => ['M8; 8.8; ; 24 N·m', 'Row 1: Say what it is screwed into', 'material'],
            'no unit' => ['M8; 8.8; steel; 24', 'Row 1: "24" has no unit.', 'torque'],
            'an angle' => ['M8; 8.8; steel; 24°', 'Row 1: ° is a unit of angle; a unit of torque is wanted here', 'torque'],
            'nothing to tighten to' => ['M8; 8.8; steel; 0 N·m', 'Row 1: A torque above zero is wanted.', 'torque'],
            'a comma that may part thousands' => ['M8; 8.8; steel; 1,200 N·m', 'Row 1: ', 'torque'],
            'a sign that cannot be seen' => ["M8; 8.8; st\u{202E}eel; 24 N·m", 'Row 1: a control sign, a mark of direction', 'rows'],
            'one twice' => ["M8; 8.8; steel; 24 N·m\nM8x1.25; 8.8; Steel; 25 N·m", 'Row 2: M8 8.8 in steel stands there twice.', 'rows'],
        ];
    }

    #[DataProvider('badRows')]
    public function test_a_row_that_cannot_be_read_is_refused_by_its_number(string $text, string $says, string $what): void
    {
        try {
            GeneralTable::read($text);
            self::fail('It was taken.');
        } catch (TableException $e) {
            self::assertStringStartsWith($says, $e->getMessage());
            self::assertSame($what, $e->what);
        }
    }

    public function test_a_table_has_at_most_two_hundred_rows(): void
    {
        $this->expectException(TableException::class);
        $this->expectExceptionMessage('A table has at most 200 rows; these are 201.');
        GeneralTable::read(implode("\n", array_map(fn (int $i): string => "M8; 8.8; material $i; 24 N·m", range(1, 201))));
    }

    /** @return iterable<string, array{int, string}> */
    public static function joints(): iterable
    {
        foreach (['row' => [1, 2, 7, 40], 'two_rows' => [4, 10, 40], 'circle' => [3, 4, 5, 12, 40]] as $layout => $counts) {
            foreach ($counts as $bolts) {
                yield "$bolts, $layout" => [$bolts, $layout];
            }
        }
    }

    #[DataProvider('joints')]
    public function test_a_row_comes_to_a_procedure_that_nothing_is_wanting_in_and_that_goes_to_each_bolt_once(int $bolts, string $layout): void
    {
        $document = $this->document($bolts, $layout);
        $revision = DocumentReader::read($document);
        $plan = Expander::expand($revision);

        self::assertSame([], Wanting::blockers($revision, $document));
        self::assertSame(['C', Written::coded('24 N.m')->typeset()], [$revision->riskClass, $revision->tighteningLine()->typeset()]);
        self::assertCount($bolts, $plan->steps);
        self::assertCount($bolts, array_unique(array_map(fn ($step): string => $step->position, $plan->steps)));
        self::assertSame(['21.6', '26.4'], [$plan->steps[0]->goal()?->window?->low->digits, $plan->steps[0]->goal()?->window?->high->digits], '10 % to either side of 24, by hand');
    }

    /** On a circle never the neighbour next, from five positions up; a row from its middle outwards: common practice, no source. */
    public function test_its_order_has_none_of_the_faults_that_a_foreman_would_name(): void
    {
        foreach ([[8, 'circle'], [7, 'circle'], [10, 'two_rows']] as [$bolts, $layout]) {
            $revision = DocumentReader::read($this->document($bolts, $layout));
            $order = array_map(fn ($step): string => $step->position, Expander::expand($revision)->steps);
            self::assertSame([], (new SequenceJudge($revision->map->positions))->judge($order)->faults(), "$bolts, $layout");
        }
    }

    /** @return array<string, array{int, string, string, string}> */
    public static function noJoints(): array
    {
        return [
            'none' => [0, 'row', '0 bolts cannot lie so: 1 to 40.', 'bolts'], 'too many' => [41, 'circle', '41 bolts cannot lie so: 3 to 40.', 'bolts'], 'no circle' => [2, 'circle', '2 bolts cannot lie so: 3 to 40.', 'bolts'],
            'odd' => [7, 'two_rows', '7 bolts cannot lie so: two rows have 4 to 40, an even number.', 'bolts'], 'heap' => [4, 'heap', 'Say how the bolts lie: in a row, in two rows, or in a circle.', 'layout'],
        ];
    }

    #[DataProvider('noJoints')]
    public function test_bolts_that_cannot_lie_so_are_refused(int $bolts, string $layout, string $says, string $what): void
    {
        try {
            $this->document($bolts, $layout);
            self::fail('It was taken.');
        } catch (TableException $e) {
            self::assertSame([$says, $what], [$e->getMessage(), $e->what]);
        }
    }

    public function test_its_hardware_says_how_many_of_what_by_which_table(): void
    {
        self::assertSame('6 × M8 8.8 in cast iron, by GT-01', $this->document(6, 'circle')['option']);
    }

    /** @return array<string, mixed> */
    private function document(int $bolts, string $layout): array
    {
        $procedure = new TableProcedure(['code' => 'GT-01', 'title' => 'General torques', 'edition' => 'issue 2', 'date' => '2025-04'], 'dry', '10 %');

        return $procedure->document('Quern QN2', 'Sump', GeneralTable::read('M8; 8.8; cast iron; 24 N·m')->values[0], $bolts, $layout);
    }
}
