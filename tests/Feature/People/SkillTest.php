<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** What each may do, signed by another and until a day; shifts and days away. */
final class SkillTest extends FeatureTestCase
{
    private const CERTIFICATE = ['family' => 'TN3', 'method' => 'angle', 'earned' => 'certificate', 'note' => 'course 7', 'valid_until' => '2026-12-31'];

    public function test_a_skill_is_signed_by_a_lead_or_an_approver_and_stands_on_the_persons_page(): void
    {
        $this->sign('1041', [], 'approver')->assertCreated();
        $skill = $this->people()[$this->world->person('1041')->id]['skills'][0];

        self::assertSame(['TN3', 'angle', 'certificate', 'course 7', 'Tobin Harrowmere', '2026-12-31', 'signed'], [$skill['family'], $skill['method'], $skill['earned'], $skill['note'], $skill['signed_by'], $skill['valid_until'], $skill['standing']]);
        $this->sign('1041', [], 'crib')->assertForbidden();
    }

    public function test_the_newest_word_counts_and_an_ended_one_does_not(): void
    {
        $this->sign('1041')->assertCreated();
        $id = $this->sign('1041', ['note' => 'course 8'])->assertCreated()->json('id');
        self::assertSame(['course 8'], array_column($this->people()[$this->world->person('1041')->id]['skills'], 'note'));

        $this->world->desk('approver', 'POST', "skills/$id/end")->assertNoContent();
        self::assertSame([], $this->people()[$this->world->person('1041')->id]['skills']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'a family nobody has' => [['family' => 'ZZ9'], 'family', 'The library has no engine family ZZ9.'];
        yield 'a method that is none' => [['method' => 'magic'], 'method', 'Choose the method.'];
        yield 'a certificate without a word of it' => [['note' => null], 'note', 'Say which certificate: who gave it, its number or its day.'];
        yield 'supervised on no build' => [['earned' => 'supervised'], 'builds', 'Say on which builds, by serial number: at least one.'];
        yield 'none wanted of who learns' => [['earned' => 'learning', 'wanted' => 0], 'wanted', '0 builds under a supervisor: ask for 1 to 20.'];
        yield 'over already' => [['valid_until' => '2026-06-14'], 'valid_until', '14 June 2026 is over already.'];
        yield 'no day' => [['valid_until' => '31 Dec'], 'valid_until', 'Write the last day on which it holds, as 2028-11-30.'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('bad')]
    public function test_what_cannot_be_signed_is_named(array $change, string $field, string $sentence): void
    {
        $this->sign('1041', $change)->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $sentence);
    }

    public function test_nobody_signs_their_own_and_nobody_signs_for_whoever_works_at_no_bench(): void
    {
        $this->world->desk('lead', 'POST', 'people/'.$this->world->person('lead')->id.'/roles', ['roles' => ['lead', 'assembler'], 'password' => 'fenmoor'])->assertNoContent();
        $this->sign('lead')->assertForbidden()->assertJsonPath('detail', 'Nobody signs their own skill. Ask another lead or an approver.');
        $this->sign('crib')->assertStatus(422)->assertJsonPath('detail', 'Wim Osterlake does not work at a bench.');
    }

    public function test_where_only_one_can_it_is_said_first_and_what_ends_soon_after_that(): void
    {
        $this->sign('1041', ['valid_until' => '2026-06-20'])->assertCreated();
        $this->sign('1042', ['earned' => 'learning', 'wanted' => 2, 'builds' => ['tn3-26-0001'], 'note' => null, 'valid_until' => null])->assertCreated();
        $this->sign('1041', ['method' => 'torque'])->assertCreated();
        $this->sign('1042', ['method' => 'torque', 'valid_until' => '2026-06-29'])->assertCreated();
        $this->sign('1043', ['method' => 'stretch', 'earned' => 'learning', 'wanted' => 1, 'note' => null, 'valid_until' => null])->assertCreated();
        $sheet = $this->world->desk('lead', 'GET', 'people')->assertOk();

        self::assertSame(['Nobody may do stretch on TN3 alone.', 'Only Rafe Ondling may do angle on TN3 alone, and that signature ends on 20 June.', 'Juno Castrel’s signature for torque on TN3 ends on 29 June.'], $sheet->json('summary'));
        self::assertEqualsCanonicalizing([['family' => 'TN3', 'method' => 'angle', 'people' => 1], ['family' => 'TN3', 'method' => 'torque', 'people' => 2], ['family' => 'TN3', 'method' => 'stretch', 'people' => 0]], $sheet->json('alone'));
        $this->travelTo('2026-06-21 09:00:00');
        self::assertContains('Nobody may do angle on TN3 alone.', $this->world->desk('lead', 'GET', 'people')->json('summary'));
    }

    public function test_who_works_at_a_bench_no_more_counts_no_more(): void
    {
        $this->sign('1041')->assertCreated();
        $this->sign('1042')->assertCreated();
        $rafe = $this->world->person('1041')->id;
        $this->world->desk('lead', 'POST', "people/$rafe/rename", ['name' => 'Rafe Ondling', 'sign_in_name' => 'rafe'])->assertNoContent();
        $this->world->desk('lead', 'POST', "people/$rafe/roles", ['roles' => ['crib_keeper'], 'password' => 'fenmoor'])->assertNoContent();

        self::assertSame(['Only Juno Castrel may do angle on TN3 alone.'], $this->world->desk('lead', 'GET', 'people')->json('summary'));
    }

    public function test_the_only_one_who_can_does_not_leave_unnoticed(): void
    {
        $this->sign('1041')->assertCreated();
        $path = 'people/'.$this->world->person('1041')->id;
        $this->world->desk('lead', 'POST', "$path/leave", ['password' => 'fenmoor'])->assertStatus(409)->assertJsonPath('detail', 'Rafe Ondling still has the only signature for angle on TN3. Say who takes over.');
        $this->world->desk('lead', 'POST', "$path/leave", ['successor' => $this->world->person('1042')->id, 'password' => 'fenmoor'])->assertNoContent();

        self::assertSame([], $this->people()[$this->world->person('1041')->id]['skills']);
    }

    public function test_days_away_do_not_lie_over_each_other_and_can_be_cancelled(): void
    {
        $path = 'people/'.$this->world->person('1041')->id.'/absences';
        $id = $this->world->desk('lead', 'POST', $path, ['first_day' => '2026-07-01', 'last_day' => '2026-07-03'])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', $path, ['first_day' => '2026-07-03', 'last_day' => '2026-07-09'])->assertStatus(422)->assertJsonPath('detail', 'Rafe Ondling is away from 1 Jul to 3 Jul 2026 already.');
        $this->world->desk('lead', 'POST', $path, ['first_day' => '2026-07-09', 'last_day' => '2026-07-08'])->assertStatus(422)->assertJsonPath('detail', 'The last day lies before the first.');
        $this->world->desk('lead', 'POST', "absences/$id/cancel")->assertNoContent();
        $this->world->desk('lead', 'POST', $path, ['first_day' => '2026-07-03', 'last_day' => '2026-07-09'])->assertCreated();

        self::assertSame([['2026-07-03', '2026-07-09']], array_map(fn (array $a): array => [$a['first_day'], $a['last_day']], $this->people()[$this->world->person('1041')->id]['absences']));
    }

    public function test_forms_of_tools_begin_in_the_units_that_the_shop_has_set(): void
    {
        $units = fn (): array => array_intersect_key(array_column((array) $this->world->desk('crib', 'GET', 'tool-rules')->assertOk()->json('forms'), 'unit', 'form'), array_flip(['click_wrench', 'angle_gauge', 'micrometer']));
        self::assertSame(['click_wrench' => 'N.m', 'angle_gauge' => 'deg', 'micrometer' => 'mm'], $units());
        $this->world->desk('lead', 'POST', 'shop', ['shop' => ['name' => 'Fenmoor', 'time_zone' => 'Europe/London', 'torque_unit' => 'lbf.ft', 'length_unit' => 'in']])->assertNoContent();

        self::assertSame(['click_wrench' => 'lbf.ft', 'angle_gauge' => 'deg', 'micrometer' => 'in'], $units());
    }

    public function test_a_shift_is_one_of_the_shops(): void
    {
        $rafe = $this->world->person('1041')->id;
        $this->world->desk('lead', 'POST', "people/$rafe/shift", ['shift' => 'night'])->assertStatus(422)->assertJsonPath('detail', 'The shop has no shift called "night".');
        $this->world->desk('lead', 'POST', 'shop/shifts', ['shifts' => [['name' => 'night', 'from' => '22:00', 'to' => '06:00'], ['name' => 'night', 'from' => '06:00', 'to' => '14:00']]])->assertStatus(422)->assertJsonPath('field', 'shifts.1.name');
        $this->world->desk('lead', 'POST', 'shop/shifts', ['shifts' => [['name' => 'night', 'from' => '25:00', 'to' => '06:00']]])->assertStatus(422)->assertJsonPath('detail', '"25:00" is no time of day. Write it as 06:00.');
        $this->world->desk('lead', 'POST', 'shop/shifts', ['shifts' => [['name' => 'night', 'from' => '22:00', 'to' => '06:00']]])->assertNoContent();
        $this->world->desk('lead', 'POST', "people/$rafe/shift", ['shift' => 'night'])->assertNoContent();

        self::assertSame('night', $this->people()[$rafe]['shift']);
        self::assertSame([['name' => 'night', 'from' => '22:00', 'to' => '06:00']], $this->world->desk('lead', 'GET', 'shop')->assertOk()->json('shifts'));
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function sign(string $who, array $change = [], string $by = 'lead'): TestResponse
    {
        return $this->world->desk($by, 'POST', 'people/'.$this->world->person($who)->id.'/skills', $change + self::CERTIFICATE);
    }

    /** @return array<string, array<string, mixed>> */
    private function people(): array
    {
        return array_column((array) $this->world->desk('lead', 'GET', 'people')->assertOk()->json('people'), null, 'id');
    }
}
