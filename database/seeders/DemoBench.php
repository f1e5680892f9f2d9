<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Actions\BeginRun;
use App\Bench\Actions\FinishRun;
use App\Bench\Actions\RecordObservations;
use App\Bench\BenchCommand;
use App\Bench\ObservationReader;
use App\Bench\RunContext;
use App\Crib\Models\ToolRow;
use App\Ledger\DeviceSequence;
use App\People\Actions\EnrolDevice;
use App\People\Actions\SignInAtBench;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Shared\Ids;
use Carbon\CarbonImmutable;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedWrench;
use Tekkal\Core\Unit\Written;

/** A bench of the demo: works through runs by the same actions as a real one, with readings from seeded noise. */
final class DemoBench
{
    private Device $device;

    private SimulatedWrench $wrench;

    /** Since this bench began, as its own clock counts. */
    private int $seconds = 0;

    private CarbonImmutable $begunAt;

    private int $begunSeconds = 0;

    public function __construct(
        private readonly DeviceSequence $sequence,
        private readonly SignInAtBench $signIn,
        private readonly RecordObservations $record,
        private readonly BeginRun $begin,
        private readonly FinishRun $finish,
        private readonly EnrolDevice $enrol,
    ) {
    }

    public function setUp(string $name, Person $lead, string $seed): void
    {
        ['device' => $id] = ($this->enrol)($name, $lead);
        $this->device = Device::query()->findOrFail($id);
        $this->wrench = new SimulatedWrench(new SeededNoise($seed));
    }

    /** @param  array<string, string>  $tools tool code by quantity */
    public function begin(string $assignment, Person $person, array $tools): DemoRun
    {
        $sitting = $this->signIn->begin($person, $this->device);
        $run = ($this->begin)($this->command($sitting, $person, 'begin'), $assignment);
        $job = new DemoRun($run, $sitting, $person, $tools);
        $context = RunContext::get($run);
        $this->begunAt = CarbonImmutable::now();
        $this->begunSeconds = $this->seconds;
        $this->send(array_map(fn (string $quantity, string $code): array => $this->envelope($job, $context, 'tool_taken', 0) + ['quantity' => $quantity, 'tool' => $this->tool($code)->id], array_keys($tools), $tools));

        return $job;
    }

    /**
     * Carries out the next $count steps; $except names a step's manner or another tool by its place among them.
     *
     * @param  array<int, Manner|string>  $except
     */
    public function work(DemoRun $run, int $count, array $except = []): void
    {
        $context = RunContext::get($run->id);
        $observations = [];
        $this->begunAt = CarbonImmutable::now()->subMinutes(20);
        $this->begunSeconds = $this->seconds;
        foreach (array_slice($context->fold->freeze()->remaining(), 0, $count) as $i => $step) {
            $special = $except[$i] ?? null;
            $code = is_string($special) ? $special : $run->tools[$step->straightGoal()->quantity->value];
            $observations[] = $this->reading($run, $context, $step, $this->tool($code), $special instanceof Manner ? $special : Manner::Good);
        }
        $this->send($observations);
    }

    public function backOff(DemoRun $run): void
    {
        $context = RunContext::get($run->id);
        $this->send([$this->envelope($run, $context, 'backed_off') + ['step' => (string) $context->fold->stoppedAt()]]);
    }

    public function finish(DemoRun $run): void
    {
        ($this->finish)($this->command($run->sitting, $run->person, 'finish'), $run->id);
    }

    private function tool(string $code): ToolRow
    {
        return ToolRow::query()->where('code', $code)->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function reading(DemoRun $run, RunContext $context, Step $step, ToolRow $tool, Manner $manner): array
    {
        $value = $this->wrench->pull($step->straightGoal()->window, Written::fromCode($tool->resolution, $tool->unit), $manner);

        return $this->envelope($run, $context, 'reading_taken') + [
            'step' => $step->id, 'value' => $value->code(), 'raw' => $value->digits, 'tool' => $tool->id, 'source' => ReadingSource::Typed->value,
            'device_says' => ['standing' => 'applied', 'verdict' => $step->straightGoal()->window->judge($value->quantity())->value],
        ];
    }

    /** @return array<string, mixed> */
    private function envelope(DemoRun $run, RunContext $context, string $type, int $seconds = 24): array
    {
        $this->seconds += $seconds;

        return [
            'type' => $type, 'v' => 1, 'id' => Ids::next(), 'run' => $run->id, 'subject' => $context->run->subject, 'sitting' => $run->sitting,
            'base_seq' => 1, 'device_time' => $this->begunAt->addSeconds($this->seconds - $this->begunSeconds)->toIso8601ZuluString('microsecond'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'demo',
        ];
    }

    /** @param  list<array<string, mixed>>  $observations */
    private function send(array $observations): void
    {
        $next = $this->sequence->expected($this->device->id);
        $read = [];
        foreach ($observations as $i => $observation) {
            $read[] = ObservationReader::read($observation + ['device_seq' => $next + $i], $i);
        }
        ($this->record)($read, $this->device, 0);
    }

    private function command(string $sitting, Person $person, string $what): BenchCommand
    {
        $id = Ids::next();

        return new BenchCommand($id, $this->sequence->expected($this->device->id), $this->device->id, $sitting, $person->id, hash('sha256', $what.$id), [
            'base_seq' => 0, 'device_time' => now()->toIso8601ZuluString('microsecond'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'demo',
        ]);
    }
}
