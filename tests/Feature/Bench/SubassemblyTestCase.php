<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Library\Actions\AddFamily;
use App\Library\Models\Joint;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** A family whose main caps are carried in a short block, with a head that rests on them, and an engine of it. */
abstract class SubassemblyTestCase extends FeatureTestCase
{
    protected const WHY = 'A crack beside bore 2';

    protected string $engine;

    protected string $family;

    /** @var array<string, string> ids by name */
    protected array $joints;

    private int $benches = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $lead = $this->world->person('lead');
        $this->family = app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Cylinder head', 'Flywheel'], [], $lead)->id;
        $this->joints = array_map(strval(...), Joint::query()->where('family', $this->family)->pluck('id', 'name')->all());
        $this->world->desk('lead', 'POST', "library/families/$this->family/resting", ['joints' => [['joint' => $this->joints['Cylinder head'], 'on' => [$this->joints['Main caps']]]]])->assertNoContent();
        $this->carries(['Main caps' => 'Short block'])->assertNoContent();
        $this->engine = $this->world->build();
    }

    /**
     * @param  array<string, string>  $carried  by name
     * @param  array<string, string>  $holds  by name
     * @return TestResponse<Response>
     */
    protected function carries(array $carried, array $holds = []): TestResponse
    {
        $joints = array_map(fn (string $name): array => ['joint' => $this->joints[$name] ?? $name, 'carried_in' => $carried[$name] ?? null, 'holds' => $holds[$name] ?? null], [...array_keys($this->joints), ...array_diff(array_keys($carried), array_keys($this->joints))]);

        return $this->world->desk('lead', 'POST', "library/families/$this->family/subassemblies", ['joints' => $joints]);
    }

    protected function block(string $serial = 'SB-0007', ?string $customer = null): string
    {
        $block = (string) $this->world->desk('lead', 'POST', 'subassemblies', ['family' => 'TN3', 'kind' => 'Short block', 'serial' => $serial, 'customer' => $customer === null ? null : $this->world->people->customer($customer)])->assertCreated()->json('id');

        return $block;
    }

    /** A short block whose main caps are tightened, and which is finished. */
    protected function ready(string $serial = 'SB-0007', ?string $customer = null): string
    {
        $block = $this->block($serial, $customer);
        $this->tightened($block);
        $this->world->desk('lead', 'POST', "builds/$block/finish")->assertNoContent();

        return $block;
    }

    /** The main caps of an engine or of a short block, to both signatures. */
    protected function tightened(string $subject, string $badge = '1041'): BenchActor
    {
        $bench = $this->world->bench($this->world->device('Bench '.++$this->benches), $badge)->ready($this->world->job($subject, $badge))->prepared();
        $bench->completeAll();
        $bench->finish()->assertOk();

        return $bench;
    }

    protected function onPaper(string $subject, string $joint): void
    {
        $this->world->deskFile('lead', "builds/$subject/joints/{$this->joints[$joint]}/paper", ['worked_by' => 'N. Harrow', 'worked_on' => now()->format('Y-m-d')], UploadedFile::fake()->image('card.png', 8, 8))->assertNoContent();
    }

    /**
     * @param  array<string, string|null>  $what
     * @return TestResponse<Response>
     */
    protected function exchange(array $what, ?string $engine = null, string $kind = 'Short block'): TestResponse
    {
        return $this->world->desk('lead', 'POST', sprintf('builds/%s/subassemblies/%s', $engine ?? $this->engine, rawurlencode($kind)), $what);
    }

    /** @return TestResponse<Response> */
    protected function page(?string $build = null): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'builds/'.($build ?? $this->engine))->assertOk();
    }

    /** @return TestResponse<Response> */
    protected function audit(?string $build = null): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'audit/'.($build ?? $this->engine))->assertOk();
    }
}
