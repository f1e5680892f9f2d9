<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Actions\RecordCalibration;
use App\Crib\Actions\RegisterTool;
use App\Crib\Queries\ToolBook;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Unit\Written;
use Tests\Feature\FeatureTestCase;

final class ToolTest extends FeatureTestCase
{
    public function test_the_board_shows_range_resolution_last_calibration_and_due_date(): void
    {
        $tool = $this->tool('TW-04');

        self::assertSame(["12–60\u{A0}N·m", "0.1\u{A0}N·m", 'torque wrench', null], [$tool['range'], $tool['resolution'], $tool['kind_words'], $tool['out_of_use']]);
        self::assertSame(['on' => '2026-03-01', 'due' => '2026-09-01', 'conforms' => true, 'certificate' => 'T-TW-04'], $tool['calibrations'][0]);
    }

    public function test_an_overdue_tool_says_why_it_is_out_of_use(): void
    {
        self::assertSame('its calibration was due by 1 May 2026', $this->tool('TW-07')['out_of_use']);
    }

    public function test_a_failed_calibration_takes_a_tool_out_of_use_and_the_latest_stands_first(): void
    {
        app(RecordCalibration::class)($this->world->tools['TW-04'], Day::of('2026-06-15'), Day::of('2026-12-15'), false, 'T-2', $this->world->person('crib'));
        $tool = $this->tool('TW-04');

        self::assertSame('it failed its calibration of 15 June 2026', $tool['out_of_use']);
        self::assertSame('T-2', $tool['calibrations'][0]['certificate']);
    }

    public function test_only_the_crib_keeper_registers_tools_and_records_calibrations(): void
    {
        foreach ([
            fn () => app(RecordCalibration::class)($this->world->tools['TW-04'], Day::of('2026-06-15'), Day::of('2026-12-15'), true, 'T-2', $this->world->person('lead')),
            fn () => app(RegisterTool::class)(new Tool('TW-99', ToolKind::TorqueWrench, new ToolRange(Written::fromCode('1', 'N.m'), Written::fromCode('2', 'N.m')), Written::fromCode('1', 'N.m')), 'x', $this->world->person('lead')),
        ] as $attempt) {
            try {
                $attempt();
                self::fail('It was allowed.');
            } catch (Refused $e) {
                self::assertSame(403, $e->status);
            }
        }
    }

    public function test_a_calibration_is_not_due_before_it_was_made(): void
    {
        $this->expectExceptionMessage('A calibration of 15 June 2026 cannot be due again before it, on 14 June 2026.');
        app(RecordCalibration::class)($this->world->tools['TW-04'], Day::of('2026-06-15'), Day::of('2026-06-14'), true, 'T-2', $this->world->person('crib'));
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

    /** @return array<string, mixed> */
    private function tool(string $code): array
    {
        return array_column($this->world->desk('crib', 'GET', 'tools')->assertOk()->json('tools'), null, 'code')[$code];
    }
}
