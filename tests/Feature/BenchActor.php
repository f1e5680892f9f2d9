<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\RunContext;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\Models\Run;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Unit\Kind;

/** Somebody sitting at an enrolled bench, acting over HTTP as the bench's own page would. */
final class BenchActor
{
    /** The run that this actor works at. */
    public string $run = '';

    public function __construct(
        private readonly World $world,
        public readonly Device $device,
        public readonly Person $person,
        public readonly string $sitting,
    ) {
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    public function command(string $path, array $body = []): TestResponse
    {
        return $this->world->atBench($this->device, $this->person, $this->sitting, 'POST', 'bench/'.$path, $body + [
            'id' => (string) Str::uuid7(), 'device_seq' => $this->world->nextSeq($this->device), 'base_seq' => 0,
            'device_time' => now()->toIso8601ZuluString('millisecond'), 'mono_ms' => 1000, 'clock' => 'test',
        ]);
    }

    public function begin(string $job): self
    {
        $this->run = (string) $this->command('runs', ['assignment' => $job])->assertCreated()->json('id');

        return $this;
    }

    /** @return TestResponse<Response> */
    public function take(string $quantity, string $code): TestResponse
    {
        return $this->send($this->observation('tool_taken') + ['quantity' => $quantity, 'tool' => $this->world->tools[$code]]);
    }

    /** Heads read and surfaces acknowledged: all that comes before the first tool. */
    public function prepared(): self
    {
        while (in_array(($call = (array) $this->show()['view']['call'])['act'] ?? '', ['stamp', 'apply', 'fit'], true)) {
            $this->send((array) (new SimulatedHand)->answer($call)['event'] + array_diff_key($this->observation('x'), ['type' => 0]))->assertOk();
        }

        return $this;
    }

    /** Begun, with a fit wrench and gauge in hand. */
    public function ready(string $job): self
    {
        $this->begin($job);
        $this->take('torque', 'TW-04')->assertOk();
        $this->take('angle', 'AG-02')->assertOk();

        return $this;
    }

    /** @return TestResponse<Response> */
    public function asks(string $path): TestResponse
    {
        return $this->world->atBench($this->device, $this->person, $this->sitting, 'GET', "bench/$path");
    }

    /** @return array<mixed> */
    public function get(string $path): array
    {
        return (array) $this->asks($path)->assertOk()->json();
    }

    /** @return array<string, mixed> */
    public function show(): array
    {
        return (array) $this->world->atBench($this->device, $this->person, $this->sitting, 'GET', "bench/runs/$this->run")->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    public function reading(string $step, string $value, string $tool = 'TW-04', array $change = []): array
    {
        return $change + $this->observation('reading_taken', $step) + [
            'value' => $value.' '.['TW-04' => 'N.m', 'TW-07' => 'lbf.ft', 'TW-09' => 'N.m', 'AG-02' => 'deg'][$tool], 'raw' => $value,
            'tool' => $this->world->tools[$tool], 'source' => 'typed',
        ];
    }

    /** @return array<string, mixed> */
    public function observation(string $type, ?string $step = null): array
    {
        return [
            'type' => $type, 'v' => 1, 'id' => (string) Str::uuid7(), 'run' => $this->run === '' ? (string) Str::uuid7() : $this->run,
            'subject' => Run::query()->find($this->run)->subject ?? (string) Str::uuid7(), 'sitting' => $this->sitting,
            'device_seq' => $this->world->nextSeq($this->device), 'base_seq' => 1,
            'device_time' => now()->toIso8601ZuluString('millisecond'), 'mono_ms' => 2000, 'clock' => 'test',
        ] + ($step === null ? [] : ['step' => $step]);
    }

    /**
     * @param  array<string, mixed>  ...$observations
     * @return TestResponse<Response>
     */
    public function send(array ...$observations): TestResponse
    {
        $first = $this->world->nextSeq($this->device);

        return $this->sendAsIs(...array_map(fn (array $o, int $i): array => ['device_seq' => $first + $i] + $o, $observations, array_keys($observations)));
    }

    /**
     * Sends without a session, as the outbox does after sign-out too.
     *
     * @return TestResponse<Response>
     */
    public function sendAsIs(mixed ...$observations): TestResponse
    {
        return $this->world->atBench($this->device, null, null, 'POST', 'bench/observations', ['sent_at' => now()->toIso8601ZuluString('millisecond'), 'observations' => $observations]);
    }

    /** @return list<Step> what is still to be done, in order */
    public function walk(): array
    {
        return RunContext::get($this->run)->fold->freeze()->remaining();
    }

    /**
     * Every head is looked at, of a joint of class A by somebody else too; then it is signed.
     *
     * @return TestResponse<Response>
     */
    public function finish(string $second = '1043'): TestResponse
    {
        $this->send($this->observation('final_look'))->assertOk();
        if (RunContext::get($this->run)->fold->looks->unseen() !== []) {
            $this->command("runs/$this->run/looks", ['badge' => $second, 'pin' => '314159', 'stage' => 'joint', 'differ' => []])->assertOk();
        }

        return $this->signs();
    }

    /** @return TestResponse<Response> */
    public function signs(string $pin = '314159'): TestResponse
    {
        return $this->command("runs/$this->run/finish", ['pin' => $pin]);
    }

    public function completeAll(): void
    {
        foreach ($this->walk() as $step) {
            $low = $step->goal()->window->low->digits ?? '0';
            $this->send($step->quantity() === Kind::Torque ? $this->reading($step->id, '32.0') : $this->reading($step->id, (string) ((int) $low + 2), 'AG-02'))->assertOk();
        }
    }

    /**
     * Of an answer: kinds of what was found, in the order of their names.
     *
     * @param  TestResponse<Response>  $answer
     * @return list<string>
     */
    public static function found(TestResponse $answer, int $of = 0): array
    {
        $found = array_filter((array) $answer->assertOk()->json("outcomes.$of.effects"), fn (array $e): bool => $e['do'] === 'found');
        $kinds = array_column($found, 'kind');
        sort($kinds);

        return $kinds;
    }

    /**
     * Of an answer: the verdict of the first result that it tells; null where there is none.
     *
     * @param  TestResponse<Response>  $answer
     */
    public static function verdict(TestResponse $answer): ?string
    {
        $stood = array_values(array_filter((array) $answer->assertOk()->json('outcomes.0.effects'), fn (array $e): bool => $e['do'] === 'stood'));

        return $stood[0]['verdict'] ?? null;
    }
}
