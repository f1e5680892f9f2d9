<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\LookBackCase;
use App\Crib\Models\ToolRow;
use App\Crib\Print\CalibrationPaper;
use App\Crib\Queries\ToolBook;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/** A calibration typed in: looked at, judged by a rule that is kept with it, refused where it cannot be one. */
final class CalibrationTest extends CribTestCase
{
    public function test_what_is_typed_is_judged_at_once_and_nothing_is_kept(): void
    {
        $look = $this->keeper('POST', 'tools/TW-04/calibrations/look', $this->typed(self::WEAK))->assertOk()->json();

        self::assertStringStartsWith("As found it fails: at 12\u{A0}N·m it gives up to 7.0\u{A0}% too little and at 36\u{A0}N·m it gives up to 6.0\u{A0}% too little.", $look['as_found']['says']);
        self::assertSame([false, true], [$look['as_found']['points'][0]['conforms'][0], $look['as_found']['points'][2]['conforms'][0]]);
        self::assertSame(['certificate of the standard', 'scale read to half a step', 'repeatability of the readings', 'set up again', 'drive turned by quarters', 'adapter changed', 'where the hand pulls'], array_column($look['as_found']['points'][0]['lines'], 'name'));
        self::assertEqualsWithDelta(0.2, $look['as_found']['points'][0]['lines'][0]['size'], 1e-9);
        self::assertSame('Nothing on record was pulled with it since it was last good.', $look['touches']);
        self::assertSame(1, CalibrationRow::query()->where('tool', $this->world->tools['TW-04'])->count());
    }

    public function test_a_good_one_holds_to_the_end_of_its_last_month_and_keeps_what_it_was_judged_by(): void
    {
        $this->keeper('POST', 'tools/TW-04', ['fields' => ['months' => '6', 'permissible' => '4 %'] + $this->fields()])->assertOk();
        $id = $this->calibrate($this->typed());
        $row = CalibrationRow::query()->findOrFail($id);

        self::assertSame(['good', true, now()->addMonthsNoOverflow(6)->endOfMonth()->format('Y-m-d')], [$row->found, $row->conforms, $row->due_on]);
        $this->world->desk('lead', 'POST', 'tool-rules/wrench', ['rules' => ['readings' => 3, 'rule' => 'guarded_by_u'] + $this->rules()])->assertOk();
        $sheet = $row->refresh()->sheet;
        self::assertSame(['simple', '4 %'], [$sheet['terms']['rule'] ?? null, $sheet['terms']['permissible'] ?? null]);
        self::assertStringContainsString('limits drawn in by the uncertainty', (string) $this->keeper('GET', 'tools/TW-04/calibration')->json('rule_words'));
    }

    public function test_one_that_fails_as_found_and_passes_as_left_goes_back_into_use_and_opens_a_case(): void
    {
        $this->calibrate($this->typed(self::WEAK, self::GOOD));

        self::assertSame(['here', null, 'failed', true], [$this->tool()['state'], $this->tool()['out_of_use'], $this->tool()['last']['found'], $this->tool()['last']['conforms']]);
        self::assertSame('failed_calibration', LookBackCase::query()->sole()->cause->value);
    }

    public function test_one_that_fails_as_left_stays_out_of_use_until_one_passes(): void
    {
        $this->calibrate($this->typed(self::WEAK));
        self::assertSame(['chained', 'it failed its calibration on 15 June 2026'], [$this->tool()['state'], $this->tool()['out_of_use']]);
        $this->travel(1)->days();
        $this->calibrate($this->typed(change: ['certificate' => 'FC-2']));
        self::assertSame(['here', null], [$this->tool()['state'], $this->tool()['out_of_use']]);
    }

    public function test_what_is_out_of_use_is_refused_at_the_bench_and_kept_where_it_was_used_all_the_same(): void
    {
        $this->calibrate($this->typed(self::WEAK));
        $bench = $this->world->bench()->begin($this->world->job($this->world->build()));
        $bench->take('angle', 'AG-02')->assertOk();
        $answer = $bench->take('torque', 'TW-04')->assertOk();
        $offered = array_column(array_column((array) $bench->show()['view']['tools'], null, 'use')['torque']['offers'] ?? [], null, 'code');

        self::assertSame('applied', $answer->json('outcomes.0.standing'));
        self::assertStringContainsString('TW-04 is out of use: it failed its calibration on 15 June 2026.', json_encode([$offered, $answer->json()], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    public function test_a_new_tool_and_one_that_cannot_be_read_say_so_and_the_second_puts_everything_in_doubt(): void
    {
        $this->calibrate(['not_found' => 'unread'] + $this->typed([], self::GOOD));

        self::assertSame('unread', LookBackCase::query()->sole()->cause->value);
        $this->travel(1)->days();
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations', $this->typed([], self::GOOD)), 'not_found', 'As found nothing was read. Say why: it was new, or it could not be read any more.');
        $this->calibrate(['not_found' => 'new'] + $this->typed([], self::GOOD));
        self::assertSame(1, LookBackCase::query()->count());
    }

    /**
     * @param  array<string, mixed>  $change
     */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_a_calibration_is_refused_with_field_value_and_limit(array $change, string $field, string $sentence): void
    {
        $answer = $this->keeper('POST', 'tools/TW-04/calibrations', array_replace_recursive($this->typed(), $change));

        $this->refused($answer, $field, $sentence);
        self::assertSame(1, CalibrationRow::query()->where('tool', $this->world->tools['TW-04'])->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        $reading = fn (string $r): array => ['sheet' => ['as_found' => [['readings' => [$r]]]]];
        yield 'another unit' => [$reading('8.8 lbf.ft'), 'reading', '8.8 lbf·ft was read at the point 12 N·m; a reading is wanted in N·m, as the tool has it.'];
        yield 'a decimal comma' => [$reading('11,9'), 'reading', 'Reading "11,9": a decimal has a point, as in 14.1; a number wanted.'];
        yield 'no number' => [$reading('NaN'), 'reading', 'Reading "NaN": a number in N.m wanted.'];
        yield 'below nothing' => [$reading('-11.9'), 'reading', 'Reading "-11.9": a number in N.m wanted.'];
        yield 'nothing at all' => [$reading('0'), 'reading', '0 N·m at the point 12 N·m: a value above 0 is wanted, since its share is reckoned.'];
        yield 'outside the range' => [['sheet' => ['as_found' => [['nominal' => '75']]]], 'point', 'The point 75 N·m lies outside the range of the tool, 12–60 N·m; it says nothing of it.'];
        yield 'a point twice' => [['sheet' => ['as_found' => [['nominal' => '36']]]], 'point', 'The point 36 N·m stands there twice.'];
        yield 'a day ahead' => [['calibrated_on' => '2026-06-16'], 'calibrated_on', '16 June 2026 lies ahead; today is 15 June 2026.'];
        yield 'two on a day' => [['calibrated_on' => '2026-03-01'], 'calibrated_on', 'TW-04 has a calibration of 1 March 2026 already. As found and as left belong to one.'];
        yield 'out of order' => [['calibrated_on' => '2026-02-01'], 'calibrated_on', 'TW-04 has a later one, of 1 March 2026. A calibration is entered in the order in which they were made.'];
        yield 'no day' => [['calibrated_on' => '31.5.2026'], 'calibrated_on', 'Write the day as 2026-03-02.'];
        yield 'no certificate' => [['certificate' => ''], 'certificate', 'Say which number the certificate has.'];
        yield 'no such standard' => [['standard' => '00000000-0000-7000-8000-000000000000'], 'standard', 'There is no such reference standard.'];
        yield 'an outside laboratory without a name' => [['laboratory' => ['kind' => 'outside', 'name' => '']], 'laboratory.name', 'Say which laboratory calibrated it.'];
        yield 'valid before it was made' => [['valid_until' => '2026-05-01'], 'valid_until', 'A calibration of 15 June 2026 cannot be due again before it, on 1 May 2026.'];
        yield 'as left without an adjustment' => [['sheet' => ['as_left' => self::points(self::GOOD)]], 'as_left', 'As left "readings": without an adjustment it is left as it was found: none wanted.'];
        yield 'no climate' => [['sheet' => ['humidity' => '120']], 'humidity', 'Humidity "120": a number up to 100 % is wanted.'];
        yield 'no such way' => [['sheet' => ['direction' => 'left']], 'direction', 'Direction "left": clockwise, anticlockwise wanted.'];
    }

    public function test_too_few_points_or_readings_are_refused_of_an_own_calibration_and_taken_from_an_outside_laboratory(): void
    {
        $typed = $this->typed();
        array_pop($typed['sheet']['as_found'][0]['readings']);
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations', $typed), 'as_found', 'As found: 5 readings are wanted at 12 N·m; 4 stand there.');
        array_pop($typed['sheet']['as_found']);
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations', $typed), 'as_found', 'As found: 3 points are wanted; 2 stand there.');
        $this->calibrate(['laboratory' => ['kind' => 'outside', 'name' => 'Sallow'], 'valid_until' => '2026-09-10'] + $typed);
        self::assertSame('2026-09-10', $this->tool()['due_on']);
    }

    public function test_a_tool_that_is_used_in_both_directions_is_calibrated_in_both_and_serves_only_where_it_was_read(): void
    {
        $this->both();
        $wanted = $this->keeper('GET', 'tools/TW-30/calibration')->assertOk()->json('points');
        self::assertSame(['12 N·m', '36 N·m', '60 N·m', '12 N·m anticlockwise', '36 N·m anticlockwise', '60 N·m anticlockwise'], str_replace("\u{A0}", ' ', array_column($wanted, 'words')));
        $this->refused($this->keeper('POST', 'tools/TW-30/calibrations', $this->typed()), 'as_found', 'As found: 3 points are wanted anticlockwise; 0 stand there.');
        $outside = ['calibrated_on' => '2026-06-14', 'laboratory' => ['kind' => 'outside', 'name' => 'Sallow']] + $this->typed();
        $this->calibrate($outside, 'TW-30');
        self::assertSame(['clockwise'], $this->inUse('TW-30'), 'the laboratory has read it clockwise only');
        $this->keeper('POST', 'tools/TW-30', ['fields' => ['directions' => 'anticlockwise'] + self::CLICK])->assertOk();
        self::assertSame([], $this->inUse('TW-30'));
        $this->world->bench()->begin($this->world->job($this->world->build()))->take('torque', 'TW-04')->assertOk();
        $this->keeper('POST', 'tools/TW-30', ['fields' => ['directions' => 'clockwise anticlockwise'] + self::CLICK])->assertOk();
        $typed = $this->typed();
        array_push($typed['sheet']['as_found'], ...array_map(fn (array $p): array => $p + ['direction' => 'anticlockwise'], self::points(self::WEAK)));
        $this->calibrate($typed, 'TW-30');
        self::assertSame('failed', $this->tool('TW-30')['due'], 'good one way round and not the other');
        self::assertSame(['clockwise', 'anticlockwise'], $this->inUse('TW-30'));
        self::assertStringContainsString('12 N·m anticlockwise it gives up to 7.0 % too little', str_replace("\u{A0}", ' ', CalibrationPaper::html(CalibrationRow::query()->where('tool', ToolRow::get('TW-30')->id)->where('calibrated_on', '2026-06-15')->firstOrFail())));
    }

    public function test_with_an_adapter_on_it_the_standard_is_held_against_what_arrives_at_its_end(): void
    {
        $this->both(['directions' => 'clockwise']);
        $adapter = ['code' => 'AD-50', 'name' => 'Offset head', 'form' => 'adapter', 'unit' => 'mm', 'lowest' => '45', 'highest' => '45', 'resolution' => '1'];
        $this->keeper('POST', 'tools', ['tools' => [$adapter, ['code' => 'AD-51', 'length' => '50 mm'] + $adapter]])->assertCreated();
        $typed = $this->typed([100 / 1.125 - 100, 100 / 1.125 - 100, 100 / 1.125 - 100], change: ['sheet' => ['adapter' => 'AD-51']]);
        $with = fn (?string $adapter): array => array_replace_recursive($typed, ['sheet' => ['adapter' => $adapter]]);
        $keep = fn (string $adapter = 'AD-51') => $this->keeper('POST', 'tools/TW-30/calibrations', $with($adapter));

        self::assertSame([['code' => 'AD-51', 'words' => 'AD-51, Offset head']], $this->keeper('GET', 'tools/TW-30/calibration')->json('adapters'));
        $this->refused($keep(), 'adapter', 'How far TW-30 is from its square to its marked grip nobody has said; with an adapter that counts. Say so on its page first.');
        $this->keeper('POST', 'tools/TW-30', ['fields' => ['length' => '400 mm'] + self::CLICK])->assertOk();
        $this->refused($keep('AD-50'), 'adapter', 'How far AD-50 reaches from the square to the fastener nobody has said. Say so on its page first.');
        $this->refused($keep('TW-04'), 'adapter', 'There is no adapter TW-04.');
        $look = $this->keeper('POST', 'tools/TW-30/calibrations/look', $typed)->assertOk();
        self::assertSame('AD-51 is on it, 50 mm at 0°: where 60 N·m is set the standard should read 67.5 N·m.', str_replace("\u{A0}", ' ', (string) $look->json('adapter')));
        self::assertTrue($look->json('as_found.good'));
        self::assertFalse($this->keeper('POST', 'tools/TW-30/calibrations/look', $with(null))->json('as_found.good'));
        $keep()->assertCreated();
        self::assertSame('good', $this->tool('TW-30')['due']);
        self::assertStringContainsString('AD-51 is on it', CalibrationPaper::html(CalibrationRow::query()->where('tool', ToolRow::get('TW-30')->id)->firstOrFail()));
    }

    private const CLICK = ['code' => 'TW-30', 'name' => 'Click wrench', 'form' => 'click_wrench', 'unit' => 'N.m', 'lowest' => '12', 'highest' => '60', 'resolution' => '0.1', 'permissible' => '4 %', 'months' => '12'];

    /** @param  array<string, string>  $change */
    private function both(array $change = ['directions' => 'clockwise anticlockwise']): void
    {
        $this->keeper('POST', 'tools', ['tools' => [$change + self::CLICK]])->assertCreated();
    }

    /** @return list<string> in which a bench may use it */
    private function inUse(string $code): array
    {
        return ToolBook::tool(ToolBook::find(ToolRow::get($code)->id) ?? self::fail("no $code"))->directions ?? [];
    }

    public function test_a_standard_that_has_ended_or_was_wrong_proves_nothing(): void
    {
        $old = $this->standard('RS-9', '2026-05-31');
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations', ['standard' => $old] + $this->typed()), 'standard', 'RS-9 is certified from 1 January 2025 to 31 May 2026; on 15 June 2026 it proves nothing.');
        $this->world->desk('lead', 'POST', 'reference-standards/'.$this->standard().'/doubt', ['since' => '2026-05-01'])->assertOk();
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations', $this->typed()), 'standard', 'RS-1 was wrong since 1 May 2026. Nothing is calibrated against it until it has a new certificate.');
    }

    public function test_rules_that_cannot_be_are_refused_and_only_the_lead_sets_them(): void
    {
        $set = fn (array $change, string $who = 'lead') => $this->world->desk($who, 'POST', 'tool-rules/click_wrench', ['rules' => $change + $this->rules()]);
        $set([], 'crib')->assertForbidden();
        foreach ([
            [['rule' => 'by_eye'], 'rules.rule', 'Rule "by_eye": simple, guarded_by_u, conformity_95 wanted.'],
            [['readings' => 0], 'rules.readings', 'Readings "0": a whole number, 1 to 30 wanted.'],
            [['permissible' => '-4 %'], 'rules.the permissible deviation in %', 'The permissible deviation in %: above 0 is wanted, not -4.'],
            [['permissible' => '2 steps'], 'rules.permissible', 'Of a torque tool the permissible deviation is a share, such as 4 %.'],
            [['points' => ['20', '120']], 'rules.points', 'Points "120": 0 to 100 % wanted.'],
            [['template' => [['name' => 'w', 'source' => 'fixed', 'width' => '-0.2', 'in' => 'percent']]], 'rules.width', 'Width "-0.2": a number of at least 0 wanted.'],
            [['note' => ''], 'rules.note', 'Note is missing: a text of 1 to 500 characters wanted.'],
        ] as [$change, $field, $sentence]) {
            $this->refused($set($change), $field, $sentence);
        }
        $set(['readings' => 10])->assertOk();
        self::assertSame(10, $this->tool_rules('click_wrench')['readings']);
    }

    public function test_a_reference_standard_that_cannot_be_is_refused(): void
    {
        $keep = fn (array $change) => $this->keeper('POST', 'reference-standards', $change + ['code' => 'RS-3', 'name' => 'Transducer', 'measures' => 'torque', 'uncertainty' => '0.4 %', 'certificate' => 'T-3', 'laboratory' => 'Sallow', 'valid_from' => '2026-01-01', 'valid_until' => '2027-01-01']);
        foreach ([
            [['uncertainty' => '-0.4 %'], 'the uncertainty of the standard in %', 'The uncertainty of the standard in %: at least 0 is wanted, not -0.4.'],
            [['uncertainty' => 'much'], 'uncertainty', 'The uncertainty is a share or an amount, as its certificate has it: 0.4 % or 0.0002 mm.'],
            [['uncertainty' => '0.0002 mm'], 'uncertainty', '0.0002 mm is no uncertainty of a standard of torque.'],
            [['valid_until' => '2025-01-01'], 'valid_until', 'A certificate of 1 January 2026 does not end before it, on 1 January 2025.'],
        ] as [$change, $field, $sentence]) {
            $this->refused($keep($change), $field, $sentence);
        }
        $keep([])->assertCreated();
        $this->refused($keep([]), 'certificate', 'RS-3 has this certificate already.');
        $this->refused($keep(['certificate' => 'T-4', 'measures' => 'length', 'uncertainty' => '0.001 mm']), 'measures', 'RS-3 measures torque; another standard has another number.');
    }

    public function test_the_drift_of_its_points_is_told_from_three_calibrations_and_the_lead_decides_the_interval(): void
    {
        foreach ([0.2, 1.4, 2.6] as $i => $deviation) {
            $this->travelTo(sprintf('2026-%02d-20 09:00:00', 6 + 2 * $i));
            $this->calibrate($this->typed([$deviation, $deviation / 2, 0.1], change: ['certificate' => "FC-$i"]));
        }
        $page = $this->keeper('GET', 'tools/TW-04')->assertOk()->json();

        self::assertSame(["60\u{A0}N·m", "36\u{A0}N·m", "12\u{A0}N·m"], array_column($page['drift']['points'], 'words'));
        self::assertGreaterThan(6.0, $page['drift']['points'][2]['per_year']);
        self::assertNotNull($page['drift']['points'][2]['meets']);
        self::assertNull($page['proposal'], 'nobody has set an interval yet');
        $this->keeper('POST', 'tools/TW-04/interval', ['months' => 3])->assertForbidden();
        $page = $this->world->desk('lead', 'POST', 'tools/TW-04/interval', ['months' => 6])->assertOk()->json();
        self::assertSame([6, "12\u{A0}N·m"], [$page['proposal']['now'], $page['proposal']['point']]);
        self::assertLessThan(6, $page['proposal']['months']);
    }

    public function test_the_sheet_prints_and_a_certificate_is_attached_once(): void
    {
        $id = $this->calibrate($this->typed(self::WEAK, self::GOOD));

        self::assertStringStartsWith('%PDF-', (string) $this->keeper('GET', "calibrations/$id/sheet.pdf")->assertOk()->getContent());
        $attach = fn () => $this->actingAs($this->world->person('crib'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post("/api/calibrations/$id/certificate", ['file' => UploadedFile::fake()->createWithContent('c.pdf', "%PDF-1.4\n%%EOF")], ['Accept' => 'application/json']);
        $attach()->assertOk();
        $this->refused($attach(), 'file', 'A certificate is attached to it already.', 409);
        $this->keeper('GET', "calibrations/$id/certificate")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->keeper('GET', 'calibrations/none/sheet.pdf')->assertNotFound();
    }

    /** @return array<string, string> */
    private function fields(): array
    {
        return (array) $this->keeper('GET', 'tools/TW-04')->json('fields');
    }

    /** @return array<string, mixed> */
    private function rules(): array
    {
        return $this->tool_rules('click_wrench');
    }

    /** @return array<string, mixed> */
    private function tool_rules(string $form): array
    {
        return array_column((array) $this->keeper('GET', 'tool-rules')->json('forms'), 'rules', 'form')[$form];
    }
}
