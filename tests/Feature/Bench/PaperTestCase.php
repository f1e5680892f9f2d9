<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\People\Shop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** A job of an engine on paper, and what is done with its card at the bench and at the desk. */
abstract class PaperTestCase extends FeatureTestCase
{
    protected const SCAN = "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF";

    protected const PAPER = 'paper';

    protected BenchActor $bench;

    protected string $job;

    protected string $build;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->bench = $this->world->bench();
        $this->build = $this->world->build();
        $this->job = $this->world->job($this->build);
    }

    protected function printed(): string
    {
        return (string) $this->desk('POST', 'cards', ['assignment' => $this->job])->assertCreated()->json('number');
    }

    protected function back(string $number, ?string $worker = null, int $status = 200): string
    {
        $this->desk('POST', "cards/$number/back", ['worked_by' => $worker ?? $this->world->person('1041')->id, 'worked_on' => Shop::here()->today()->date])->assertStatus($status);

        return $number;
    }

    protected function typedIn(?BenchActor $by = null): string
    {
        $number = $this->back($this->printed());
        $this->typed($number, $by ?? $this->bench);

        return $number;
    }

    /** All of it, to the last look, and the card is put down. */
    protected function typed(string $number, BenchActor $by): void
    {
        $this->begun($number, $by);
        $by->take('torque', 'TW-04')->assertOk();
        $by->take('angle', 'AG-02')->assertOk();
        $by->completeAll();
        $by->send($by->observation('final_look'))->assertOk();
        $by->command("runs/$by->run/looks", ['badge' => '1043', 'pin' => '314159', 'stage' => 'joint', 'differ' => []])->assertOk();
        $by->command("runs/$by->run/paper-end")->assertOk()->assertJsonPath('view.card', null);
    }

    protected function begun(string $number, BenchActor $by): void
    {
        $by->run = (string) $by->command('runs', ['assignment' => $this->job, 'card' => $number])->assertCreated()->json('id');
        $by->command("runs/$by->run/paper", ['card' => $number])->assertOk()->assertJsonPath('card.number', $number);
    }

    /** @return TestResponse<Response> */
    protected function paper(string $number): TestResponse
    {
        return $this->bench->command("runs/{$this->bench->run}/".self::PAPER, ['card' => $number]);
    }

    /** @return array<string, mixed> */
    protected function card(string $number): array
    {
        return (array) $this->desk('GET', "cards/$number")->assertOk()->json();
    }

    /**
     * @param  list<string>  $differ
     * @return TestResponse<Response>
     */
    protected function compare(string $number, array $differ = []): TestResponse
    {
        return $this->desk('POST', "cards/$number/compare", ['differ' => $differ]);
    }

    /** @return TestResponse<Response> */
    protected function scan(string $number, string $bytes = self::SCAN): TestResponse
    {
        return $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post("/api/cards/$number/scan", ['file' => UploadedFile::fake()->createWithContent('card.pdf', $bytes)], ['Accept' => 'application/json']);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    protected function desk(string $method, string $path, array $body = []): TestResponse
    {
        return $this->world->desk('lead', $method, $path, $body);
    }
}
