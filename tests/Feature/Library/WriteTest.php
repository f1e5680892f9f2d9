<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Models\Procedure;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** A procedure begins with its line: read back, asked about, and begun with nothing in it that nobody has said. */
final class WriteTest extends FeatureTestCase
{
    public function test_a_line_is_read_back_with_what_is_wanting_and_the_procedures_that_go_the_same_way(): void
    {
        $line = str_replace("\u{A0}", ' ', $this->world->revision->letter === '' ? '' : (string) $this->world->desk('lead', 'GET', 'library')->json('procedures.0.line'));
        $this->world->desk('lead', 'POST', 'library/line/sketch', ['line' => $line])->assertOk()
            ->assertJsonPath('sisters.of', 1)->assertJsonPath('sisters.alike', 1)->assertJsonPath('sisters.first.0.procedure', $this->world->procedure->id)->assertJsonPath('sisters.first.0.title', 'Tarn TN3, main caps')
            ->assertJsonPath('questions.0.key', 'bolts');
        $this->world->desk('lead', 'POST', 'library/line/sketch', ['line' => '9 N·m · 18'])->assertJsonPath('rounds.1.title', '18 – of what?')->assertJsonPath('sisters.alike', 0);
        $this->world->desk('lead', 'POST', 'library/line/sketch', ['line' => ''])->assertOk()->assertJsonPath('rounds', [])->assertJsonPath('questions.0.key', 'rounds');
        $this->world->desk('lead', 'POST', 'library/line/sketch', ['line' => str_repeat('9 N·m · ', 60)])->assertStatus(422)->assertJsonPath('field', 'line')->assertJsonPath('detail', 'A line has at most 400 characters.');
        $this->world->desk('approver', 'POST', 'library/line/sketch', ['line' => ''])->assertForbidden();
    }

    public function test_a_draft_begins_with_the_line_and_with_nothing_that_nobody_has_said(): void
    {
        $id = (string) $this->begins('12 N·m long / 9 N·m short · +40° long')->assertCreated()->json('id');
        $draft = (array) $this->world->desk('lead', 'GET', "library/drafts/$id")->assertOk()->json('document');

        self::assertSame([['key' => 'long', 'name' => 'long'], ['key' => 'short', 'name' => 'short']], $draft['groups']);
        self::assertSame(['torque', 'turn'], array_column($draft['stages'], 'kind'));
        self::assertArrayNotHasKey('risk_class', $draft);
        self::assertSame([[], [], []], [$draft['fasteners'], $draft['surfaces'], $draft['sources']]);
        $look = (array) $this->world->desk('lead', 'POST', 'library/look', ['document' => $draft])->assertOk()->json();
        self::assertSame(['bolts', 'places', 'paper', 'surfaces', 'reuse', 'windows', 'risk'], array_column($look['questions'], 'key'));
        self::assertSame([], array_filter($look['problems'], fn (array $p): bool => str_contains($p['pointer'], 'target_source')), 'what a question asks for is not told a second time');
        self::assertSame([], $look['bands'], 'no clamp load on a surface that nobody has told of');
    }

    public function test_a_line_that_is_not_understood_begins_nothing(): void
    {
        $this->begins('12 N·m · 24')->assertStatus(422)->assertJsonPath('field', 'line');
        $this->begins(str_repeat('9 N·m · ', 60))->assertStatus(422)->assertJsonPath('field', 'line')->assertJsonPath('detail', 'A line has at most 400 characters.');
        self::assertNull(Procedure::query()->where('option', 'studs')->first());
    }

    public function test_what_is_reckoned_with_meanwhile_is_said(): void
    {
        $document = World::document();
        unset($document['risk_class'], $document['fasteners'][0]['reuse'], $document['fasteners'][0]['cycles']);
        $look = (array) $this->world->desk('lead', 'POST', 'library/look', ['document' => $document])->assertOk()->json();

        self::assertSame([['reuse', 'risk'], ['risk class A', 'new bolts every time']], [array_column($look['questions'], 'key'), $look['assumed']]);
        self::assertNotSame('', $look['line'], 'it can be read all the same');
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function begins(string $line): \Illuminate\Testing\TestResponse
    {
        return $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => 'studs', 'line' => $line]);
    }
}
