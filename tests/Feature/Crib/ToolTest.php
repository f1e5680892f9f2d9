<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Queries\ToolBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Reader;
use Symfony\Component\HttpFoundation\Response;
use Tests\Factories\Tools;
use Tests\Feature\FeatureTestCase;

/** The register: what hangs in the crib, how it stands, and how it comes in. */
final class ToolTest extends FeatureTestCase
{
    private const CLICK = ['code' => 'TW-30', 'name' => 'Click wrench', 'form' => 'click_wrench', 'unit' => 'N.m', 'lowest' => '20', 'highest' => '100', 'resolution' => '0.5', 'permissible' => '4 %', 'months' => '12'];

    public function test_the_board_says_what_each_tool_is_where_it_is_and_until_when_it_is_good(): void
    {
        $tool = $this->tool('TW-04');

        self::assertSame(["12–60\u{A0}N·m", "0.1\u{A0}N·m", 'torque wrench', 'here', 'good', '2026-09-01', null], [$tool['range'], $tool['resolution'], $tool['form_words'], $tool['state'], $tool['due'], $tool['due_on'], $tool['out_of_use']]);
        self::assertSame(['on' => '2026-03-01', 'conforms' => true, 'found' => 'good', 'certificate' => 'T-TW-04'], $tool['last']);
    }

    public function test_an_overdue_tool_says_so_and_stands_among_what_needs_a_hand(): void
    {
        $board = $this->board();

        self::assertSame('overdue since 1 May 2026', $this->tool('TW-07')['says']);
        self::assertSame(['says' => 'TW-07 is overdue since 1 May 2026', 'tools' => ['TW-07'], 'way' => 'send'], $board['needs'][0]);
    }

    /** Half past eleven in the evening UTC on the due day is already the next day in London in summer. */
    public function test_in_calibration_that_day_means_the_date_in_the_shops_zone(): void
    {
        self::assertSame('2026-09-01', ToolBook::day(CarbonImmutable::parse('2026-09-01 22:59:59 UTC'))->date);
        self::assertSame('2026-09-02', ToolBook::day(CarbonImmutable::parse('2026-09-01 23:30:00 UTC'))->date);
        $this->travelTo('2026-09-01 22:00:00');
        self::assertNull($this->tool('TW-04')['out_of_use']);
        $this->travelTo('2026-09-01 23:30:00');
        self::assertSame('its calibration was due by 1 September 2026', $this->tool('TW-04')['out_of_use']);
    }

    public function test_a_verdict_rests_on_the_entries_of_tool_and_calibration_by_their_leaf_hashes(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $id = $bench->send($bench->reading('snug:c2a:1', '32.0'))->json('outcomes.0.id');
        $body = json_decode((string) DB::table('ledger_entries')->where('entry_id', $id)->value('body'), true, flags: JSON_THROW_ON_ERROR);

        foreach (['tool' => 'tool_registered', 'calibration' => 'tool_calibrated'] as $what => $type) {
            $entry = DB::table('ledger_entries')->where('stream', 'tool/'.$this->world->tools['TW-04'])->where('type', $type)->first();
            self::assertContainsEquals(['what' => $what, 'entry' => $entry?->entry_id, 'leaf' => $entry?->leaf_hash], $body['rests_on']);
        }
        self::assertSame($this->world->revision->document_hash, $body['revision_hash']);
    }

    public function test_the_earliest_entries_of_tools_which_know_no_form_still_stand_on_the_board(): void
    {
        self::assertSame(['wrench', 'angle_gauge'], [$this->tool('TW-04')['form'], $this->tool('AG-02')['form']]);
    }

    public function test_twelve_tools_come_in_from_a_table_at_once_and_what_it_leaves_out_is_as_the_shop_does_it(): void
    {
        $csv = "code,name,form,unit,lowest,highest,resolution,place\r\n";
        for ($i = 31; $i <= 42; $i++) {
            $csv .= "TW-$i,\"Click wrench, 1/2 in drive\",click wrench,N·m,20,100,0.5,Drawer 2\r\n";
        }
        $rows = $this->keeper('POST', 'tools/read', ['csv' => $csv])->assertOk()->json('rows');

        self::assertCount(12, $rows);
        self::assertSame([null, "20–100\u{A0}N·m", '4 %', '12', '5000', 'N.m'], [$rows[0]['problem'], $rows[0]['range'], $rows[0]['fields']['permissible'], $rows[0]['fields']['months'], $rows[0]['fields']['cycles'], $rows[0]['fields']['unit']]);
        $this->keeper('POST', 'tools', ['tools' => array_column($rows, 'fields')])->assertCreated();
        self::assertSame(['was never calibrated', 'Drawer 2'], [$this->tool('TW-42')['says'], $this->tool('TW-42')['place']]);
        self::assertSame('There is a tool TW-31 already.', $this->keeper('POST', 'tools/read', ['csv' => $csv])->json('rows.0.problem'));
    }

    public function test_of_many_tools_all_come_in_or_none(): void
    {
        $this->refused($this->keeper('POST', 'tools', ['tools' => [self::CLICK, ['code' => 'TW-04'] + self::CLICK]]), 'code', 'There is a tool TW-04 already. Each has a number of its own, and one that was retired keeps it.');
        $this->refused($this->keeper('POST', 'tools', ['tools' => [['permissible' => ''] + self::CLICK]]), 'permissible', 'Permissible: of TW-30 nothing says how far it may deviate; without that it cannot be calibrated.');
        $this->refused($this->keeper('POST', 'tools', ['tools' => [self::CLICK, self::CLICK]]), 'code', 'TW-30 stands there twice. Each tool has a number of its own.');
        self::assertSame(0, DB::table('tools')->where('code', 'TW-30')->count());
    }

    /**
     * @param  array<string, string>  $fields
     */
    #[DataProvider('wrongFields')]
    public function test_a_field_that_cannot_be_is_refused_by_its_name_with_what_is_wanted(array $fields, string $field, string $sentence): void
    {
        $answer = $this->keeper('POST', 'tools', ['tools' => [$fields + self::CLICK]]);

        $this->refused($answer, "tools.0.$field", $sentence);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function wrongFields(): iterable
    {
        yield 'a number with signs' => [['code' => 'TW 30!'], 'code', 'Code "TW 30!": a number such as TW-12 is wanted; letters, digits and hyphens, at most 20.'];
        yield 'a decimal comma' => [['resolution' => '0,5'], 'resolution', 'Resolution "0,5": a decimal has a point, as in 0.5; a number in N·m.'];
        yield 'another unit' => [['unit' => 'mm'], 'unit', 'Unit "mm": a unit of a click wrench is wanted; N·m, lbf·ft, lbf·in, kgf·m, kgf·cm, cN·m, ozf·in.'];
        yield 'a range upside down' => [['lowest' => '120'], 'lowest', "Lowest \"120\": the least value lies above the greatest; at most 100\u{A0}N·m."];
        yield 'no kind' => [['form' => 'hammer'], 'form', 'Form "hammer": that is no kind of tool that hangs here; click wrench, dial wrench, beam wrench, electronic wrench, torque wrench, torque multiplier, angle gauge, stretch gauge, dial indicator, micrometer, feeler gauge, plastic gauge, adapter, powered driver.'];
        yield 'a class of another kind' => [['class' => 'I_B'], 'class', 'Class "I_B": a click wrench has none such; II_A, II_B, II_C, II_D, II_E, II_F.'];
        yield 'an amount where a share is wanted' => [['permissible' => '0.5 N.m'], 'permissible', 'Permissible "0.5 N.m": of a click wrench it is given otherwise; a share such as 4 %.'];
        yield 'an amount that is none' => [['permissible' => 'little'], 'permissible', 'Permissible "little": it is neither a share nor an amount; a share such as 4 %.'];
        yield 'no direction' => [['directions' => 'widdershins'], 'directions', 'Directions "widdershins": that is no direction; clockwise, anticlockwise.'];
        yield 'a threshold of a clicker' => [['threshold' => '20 N.m'], 'threshold', 'Threshold "20 N.m": a click wrench is not set to one; electronic wrenches and angle gauges only.'];
        yield 'months without end' => [['months' => '61'], 'months', 'Months "61": a whole number is wanted; 1 to 60.'];
        yield 'an exponent' => [['highest' => '1e3'], 'highest', 'Highest "1e3": a plain number is wanted; a number in N·m.'];
    }

    public function test_a_table_that_cannot_be_read_is_refused_and_says_why(): void
    {
        foreach ([
            "\u{FEFF}code,name" => 'The table begins with a byte-order mark (the bytes EF BB BF)',
            "code,name\nTW-1,\u{FFFD} in drive" => 'The table is not in UTF-8: some of its letters cannot be read.',
            'code;name;form' => 'The cells are parted by semicolons; commas are wanted, and a point in decimals.',
            'code,name' => 'The head of the table has no "form". Wanted are code, name, form, unit, highest, resolution; there may be class, lowest, directions, permissible, threshold, length, angle, owner, months, cycles, place.',
            'code,name,form,unit,highest,resolution,colour' => '"colour" is no column of a table of tools, or stands there twice.',
            'code,name,form,unit,highest,resolution' => 'Below its head the table has no row.',
        ] as $csv => $sentence) {
            self::assertStringStartsWith(substr($sentence, 0, 60), (string) $this->keeper('POST', 'tools/read', ['csv' => $csv])->assertStatus(422)->json('detail'), $csv);
        }
        self::assertStringStartsWith('The row has 8 cells and the head 6', (string) $this->keeper('POST', 'tools/read', ['csv' => "code,name,form,unit,highest,resolution\nTW-1,Click wrench, 1/2 in,click wrench,N.m,100,0,5"])->json('rows.0.problem'));
    }

    /** A spreadsheet runs what begins with these; a number below zero is none of it. */
    public function test_the_board_as_a_table_holds_nothing_that_a_spreadsheet_would_run(): void
    {
        $this->keeper('POST', 'tools', ['tools' => [['name' => '=HYPERLINK("x")', 'place' => '@here'] + self::CLICK]])->assertCreated();
        $csv = (string) $this->keeper('GET', 'tools/table.csv')->assertOk()->getContent();

        self::assertStringContainsString('TW-30,"\'=HYPERLINK(""x"")",click_wrench', $csv);
        self::assertStringContainsString("'@here", $csv);
    }

    public function test_what_is_said_of_a_tool_is_set_right_but_not_its_number_nor_what_it_is(): void
    {
        $this->keeper('POST', 'tools', ['tools' => [self::CLICK]])->assertCreated();
        $page = $this->keeper('POST', 'tools/TW-30', ['fields' => ['name' => 'Click wrench, blue', 'directions' => 'clockwise anticlockwise'] + self::CLICK])->assertOk();

        self::assertSame(['Click wrench, blue', 'clockwise, anticlockwise'], [$page->json('tool.name'), $page->json('tool.directions')]);
        $this->refused($this->keeper('POST', 'tools/TW-30', ['fields' => ['code' => 'TW-31'] + self::CLICK]), 'code', 'A tool keeps its number: it stands in the record. This is TW-30.');
        $this->refused($this->keeper('POST', 'tools/TW-30', ['fields' => ['form' => 'dial_wrench'] + self::CLICK]), 'form', 'TW-30 is what it is. Retire it, and register the other one under another number.');
    }

    public function test_only_the_crib_keeper_registers_tools(): void
    {
        foreach (['lead', 'approver', 'reader'] as $who) {
            $this->world->desk($who, 'POST', 'tools', ['tools' => [self::CLICK]])->assertForbidden();
        }
    }

    public function test_labels_carry_a_code_that_can_enter_as_no_reading_and_name_a_tool_that_is_none(): void
    {
        self::assertStringStartsWith('%PDF-', (string) $this->keeper('GET', 'tools/labels.pdf?tools=TW-04,TW-07')->assertOk()->getContent());
        $this->refused($this->keeper('GET', 'tools/labels.pdf?tools=TW-04,TW-99'), 'tools', 'There is no tool TW-99.');
        $this->refused($this->keeper('GET', 'tools/labels.pdf'), 'tools', 'Choose 1 to 300 labels; these are 0.');
    }

    /** RFC 5545, read back by another parser: sabre/vobject writes it, and lines are unfolded and read here by hand too. */
    public function test_due_dates_are_a_calendar_that_whoever_has_its_address_may_read(): void
    {
        $path = (string) $this->keeper('GET', 'tools/calendar')->assertOk()->json('path');
        $ics = (string) $this->get($path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        $lines = explode("\r\n", (string) preg_replace('/\r\n[ \t]/', '', $ics));
        $at = (int) array_search('SUMMARY:TW-04 is due', $lines, true);

        self::assertSame(['BEGIN:VCALENDAR', 'VERSION:2.0'], array_slice($lines, 0, 2));
        self::assertContains('DTSTART;VALUE=DATE:20260901', array_slice($lines, $at, 8));
        self::assertCount(4, array_filter($lines, fn (string $l): bool => $l === 'BEGIN:VEVENT'));
        self::assertSame([], Reader::read($ics)->validate());
        $this->get(substr($path, 0, -6).'ab.ics')->assertNotFound();
    }

    public function test_the_library_is_held_against_the_crib_and_what_would_do_is_said_where_nothing_does(): void
    {
        $served = $this->keeper('GET', 'tools/served')->assertOk()->json();
        $needs = array_column($served['procedures'][0]['needs'], null, 'kind');

        self::assertSame(0, $served['lacking']);
        self::assertSame(['TW-04'], $needs['torque wrench']['fit']);
        self::assertSame(["TW-09 is for 2–20\u{A0}N·m; 32\u{A0}N·m lies above that."], array_column($needs['torque wrench']['others'], 'why', 'tool')['TW-09']);
        Tools::calibrated($this->world->tools['TW-04'], '2026-06-15', '2026-12-15', false, 'T-2', $this->world->person('crib'));
        $now = $this->keeper('GET', 'tools/served')->json();
        self::assertSame(1, $now['lacking']);
        self::assertStringStartsWith("a torque wrench whose range holds 32\u{A0}N·m, whose scale has a step in", (string) array_column($now['procedures'][0]['needs'], null, 'kind')['torque wrench']['would']);
    }

    /** @return array<string, mixed> */
    private function board(): array
    {
        return (array) $this->keeper('GET', 'tools')->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function tool(string $code): array
    {
        return array_column($this->board()['tools'], null, 'code')[$code];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function keeper(string $method, string $path, array $body = []): TestResponse
    {
        return $this->world->desk('crib', $method, $path, $body);
    }

    /** @param  TestResponse<Response>  $answer */
    private function refused(TestResponse $answer, string $field, string $sentence): void
    {
        $answer->assertStatus(422);
        self::assertSame([$field, $sentence], [$answer->json('field'), $answer->json('detail')]);
    }
}
