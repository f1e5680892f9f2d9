<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Builds\Actions\OpenBuild;
use App\Builds\Opening;
use App\Record\BuildFacts;
use Tests\Feature\FeatureTestCase;

/** Tools that fall due before work that hangs on a hook must be done. The test's wrench TW-04 and gauge AG-02 are due on 1 September 2026; nothing else fits its joint. */
final class PlannedToolsTest extends FeatureTestCase
{
    public function test_a_tool_that_is_due_before_the_engine_must_leave_is_told_with_the_work_that_waits_for_it(): void
    {
        $this->hung('TN3-26-0001', '2026-10-01');
        $this->hung('TN3-26-0002', '2026-11-01');
        $this->hung('TN3-26-0003', null);
        $needs = $this->needs('lead');

        self::assertSame(['TW-04 is due before planned work', 'AG-02 is due before planned work'], array_column($needs, 'title'));
        self::assertStringStartsWith('TW-04 is due on 1 September 2026; TN3-26-0001 must leave by 1 October 2026, and no other ', $needs[0]['why']);
        self::assertStringEndsWith('fits: main caps of TN3-26-0001, main caps of TN3-26-0002.', $needs[0]['why']);
        self::assertSame('See the work', $needs[0]['action']);
        self::assertStringStartsWith('/builds/', $needs[0]['link'], 'a lead cannot calibrate');
        $keeper = $this->needs('crib');
        self::assertSame(array_column($needs, 'title'), array_column($keeper, 'title'));
        self::assertSame(['/crib/tools/TW-04', 'See the tools'], [$keeper[0]['link'], $keeper[0]['action']]);
        self::assertSame([], $this->needs('approver'), 'whoever can do neither is told nothing');
    }

    public function test_what_leaves_before_the_tool_is_due_and_what_is_taken_back_or_done_waits_for_none(): void
    {
        $this->hung('TN3-26-0001', '2026-08-31');
        $job = $this->hung('TN3-26-0002', '2026-10-01');
        self::assertCount(2, $this->needs('lead'));
        $this->world->desk('lead', 'POST', "assignments/$job/take-back")->assertNoContent();
        self::assertCount(0, $this->needs('lead'));
        $bench = $this->world->bench()->ready($this->hung('TN3-26-0003', '2026-10-01'))->prepared();
        $bench->completeAll();
        $unsigned = count($this->needs('lead'));
        $bench->finish()->assertOk();
        self::assertSame([2, 0], [$unsigned, count($this->needs('lead'))], 'until it is signed');
    }

    public function test_where_no_tool_is_fit_today_that_is_said_whenever_the_engine_must_leave(): void
    {
        $this->hung('TN3-26-0001', null);
        $this->travelTo('2026-09-02 09:00:00');
        $needs = $this->needs('lead');

        self::assertCount(2, $needs);
        self::assertMatchesRegularExpression('/^No .+ is fit for main caps of TN3-26-0001$/', $needs[0]['title']);
        self::assertSame('/crib/register', $this->needs('crib')[0]['link']);
    }

    public function test_an_engine_that_is_late_wants_its_tools_today(): void
    {
        $this->hung('TN3-26-0001', '2026-06-01');
        self::assertSame([], $this->needs('lead'));
    }

    /** @return string the job */
    private function hung(string $serial, ?string $due): string
    {
        $build = app(OpenBuild::class)(new Opening($serial, $this->world->people->customer('Skerry Dredging'), facts: new BuildFacts(['due_on' => $due])), $this->world->person('lead'));

        return $this->world->job($build);
    }

    /**
     * @return list<array{title: string, why: string, link: string, action: string}>
     *
     * @phpstan-impure
     */
    private function needs(string $who): array
    {
        $needs = (array) $this->world->desk($who, 'GET', 'today')->assertOk()->json('needs');

        return array_values(array_filter($needs, fn (array $n): bool => str_contains($n['title'], 'planned work') || str_starts_with($n['title'], 'No ')));
    }
}
