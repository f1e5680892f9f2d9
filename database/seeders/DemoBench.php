<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Actions\BeginPaper;
use App\Bench\Actions\BeginRun;
use App\Bench\Actions\DecideFault;
use App\Bench\Actions\EndPaper;
use App\Bench\Actions\FinishRun;
use App\Bench\Actions\JoinRun;
use App\Bench\Actions\LookAtRound;
use App\Bench\Actions\RecordObservations;
use App\Bench\Actions\Supervise;
use App\Bench\BenchCommand;
use App\Bench\ObservationReader;
use App\Bench\Queries\WhatIsWrong;
use App\Bench\RunContext;
use App\Crib\Queries\CribRack;
use App\Ledger\DeviceSequence;
use App\People\Actions\EnrolDevice;
use App\People\Actions\SignInAtBench;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Shared\Ids;
use Carbon\CarbonImmutable;
use LogicException;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Run\Disposition;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Simulation\SimulatedWrench;

/**
 * A bench of the demo: answers what the core calls for, by the same actions as a real one, with readings from seeded noise.
 * It walks on by itself between two sendings, as a bench does.
 */
final class DemoBench
{
    /** Seconds that one thing takes. */
    private const EACH_S = 24;

    private const MOST = 1_000;

    private Device $device;

    private SimulatedWrench $wrench;

    /** Since this bench began, as its own clock counts. */
    private int $seconds = 0;

    private CarbonImmutable $begunAt;

    private int $begunSeconds = 0;

    private int $minutes;

    /** @var list<array<string, mixed>> seen and not yet sent */
    private array $seen = [];

    public function __construct(
        private readonly DeviceSequence $sequence,
        private readonly SignInAtBench $signIn,
        private readonly RecordObservations $record,
        private readonly BeginRun $begin,
        private readonly FinishRun $finish,
        private readonly EnrolDevice $enrol,
    ) {
    }

    /** @param  int  $minutes  of work before it is sent at the latest: a joint of many bolts takes its time */
    public function setUp(string $name, Person $lead, string $seed, int $minutes = 40): void
    {
        $this->minutes = $minutes;
        ['device' => $id] = ($this->enrol)($name, $lead);
        $this->device = Device::query()->findOrFail($id);
        $this->wrench = new SimulatedWrench(new SeededNoise($seed));
    }

    public function device(): string
    {
        return $this->device->id;
    }

    /**
     * @param  list<string>  $tools  codes of those that are taken where they may be
     * @param  string|null  $card  the number of the job card that it is typed in from
     */
    public function begin(string $assignment, Person $person, array $tools, bool $wholeRounds = false, ?string $card = null): DemoRun
    {
        $sitting = $this->signIn->begin($person, $this->device);
        $run = new DemoRun(($this->begin)($this->command($sitting, $person, 'begin'), $assignment, $card), $sitting, $person, $tools, $wholeRounds);
        $card === null ? null : app(BeginPaper::class)($this->command($sitting, $person, 'paper'), $run->id, $card);

        return $run;
    }

    /**
     * Carries out the next $steps steps, and whatever has to be got ready for them; $except names a step's manner, or another
     * tool than the one that was taken, by its place among them.
     *
     * @param  array<int, Manner|string>  $except
     */
    public function work(DemoRun $run, int $steps, array $except = [], ?Person $second = null): void
    {
        $rack = CribRack::today();
        $context = RunContext::get($run->id);
        $hand = new SimulatedHand(wholeRounds: $run->wholeRounds, wrench: $this->wrench);
        $this->begunAt = CarbonImmutable::now()->subMinutes($this->minutes);
        $this->begunSeconds = $this->seconds;
        for ($i = $done = 0; $done < $steps && $i < self::MOST; $i++) {
            $call = (new BenchView($context->fold, $rack))->toArray()['call'];
            $special = $except[$done] ?? null;
            $answer = self::chosen($call, $hand->answer($call, $special instanceof Manner ? $special : Manner::Good), $run);
            $event = (array) ($answer['event'] ?? []);
            if (($call['act'] ?? null) === 'compare') {
                // Typed in to its end, the card is put down: somebody else has it next.
                $this->send();
                app(EndPaper::class)($this->command($run->sitting, $run->person, 'paper-end'), $run->id);

                return;
            }
            if (isset($answer['command'])) {
                $this->send();
                if ($answer['command'] === 'finish') {
                    return;
                }
                $answer['command'] === 'decide' ? $this->decided($run) : $this->second($run, (string) $answer['command'], (string) ($event['stage'] ?? ''), $second ?? self::another($run));
                $context = RunContext::get($run->id);

                continue;
            }
            $this->seconds += $call['kind'] === CallKind::Settle->value ? (int) ($call['least_s'] ?? 0) : 0;
            $done += isset($event['step']) || ($event['type'] ?? null) === 'round_attested' ? 1 : 0;
            $event = is_string($special) && isset($event['value']) ? $this->with($special, $event, $context, $rack) : $event;
            $this->seen[] = $seen = $event + $this->envelope($run, $context);
            $context->fold->decide(EventTypes::read($seen + ['person' => $run->person->id, 'device' => $this->device->id, 'taken_at' => $seen['device_time']]));
        }
        $this->send();
    }

    public function backOff(DemoRun $run): void
    {
        $context = RunContext::get($run->id);
        $this->seen[] = ['type' => 'backed_off', 'step' => (string) $context->fold->stoppedAt()] + $this->envelope($run, $context);
        $this->send();
    }

    /** Part of an angle, where it may be ratcheted. */
    public function stroke(DemoRun $run, string $angle): void
    {
        $context = RunContext::get($run->id);
        $call = (new BenchView($context->fold, CribRack::today()))->toArray()['call'];
        $this->seen[] = ['angle' => $angle] + (array) $call['answers'][0]['event'] + $this->envelope($run, $context);
        $this->send();
    }

    public function toTheEnd(DemoRun $run, ?Person $second = null): void
    {
        $this->work($run, self::MOST, second: $second);
        $this->sign($run);
    }

    public function sign(DemoRun $run): void
    {
        ($this->finish)($this->command($run->sitting, $run->person, 'finish'), $run->id, DemoPeople::PIN);
    }

    /**
     * Of several tools the one that this run is worked with.
     *
     * @param  array<string, mixed>  $call
     * @param  array<mixed>  $answer
     * @return array<mixed>
     */
    private static function chosen(array $call, array $answer, DemoRun $run): array
    {
        foreach ($call['kind'] === CallKind::Tool->value ? (array) $call['answers'] : [] as $offer) {
            if (in_array($offer['says'], $run->tools, true)) {
                return $offer;
            }
        }

        return $answer;
    }

    /**
     * The same pull with another tool, which nobody had taken.
     *
     * @param  array<mixed>  $event
     * @return array<mixed>
     */
    private function with(string $code, array $event, RunContext $context, Rack $rack): array
    {
        $window = $context->plan->step((string) $event['step'])->goal()?->window;
        foreach ($rack->tools as $tool) {
            if ($tool->tool->code === $code && $window !== null) {
                return ['tool' => $tool->id, 'value' => $this->wrench->pull($window, $tool->tool->resolution, Manner::Good)->code()] + $event;
            }
        }

        return $event;
    }

    /** Whoever happens to stand at the next bench. */
    private static function another(DemoRun $run): Person
    {
        return Person::query()->whereNotNull('badge')->where('id', '!=', $run->person->id)->orderByDesc('badge')->firstOrFail();
    }

    private function second(DemoRun $run, string $command, string $stage, Person $second): void
    {
        $by = $this->command($run->sitting, $run->person, $command);
        match ($command) {
            'join' => app(JoinRun::class)($by, $run->id, (string) $second->badge, DemoPeople::PIN),
            'supervise' => app(Supervise::class)->join($by, $run->id, (string) $second->badge, DemoPeople::PIN),
            'sign_supervised' => app(Supervise::class)->sign($by, $run->id, (string) $second->badge, DemoPeople::PIN),
            default => app(LookAtRound::class)($by, $run->id, $stage, [], (string) $second->badge, DemoPeople::PIN),
        };
    }

    /** The lead is called, and has a new one put in. */
    private function decided(DemoRun $run): void
    {
        $fault = app(WhatIsWrong::class)->decisions($run->id)[0] ?? throw new LogicException('Nothing waits for the lead.');
        app(DecideFault::class)($this->command($run->sitting, $run->person, 'decide'), $run->id, ['step' => (string) $fault['step'], 'case' => (string) $fault['case'], 'disposition' => Disposition::Scrap->value], DemoPeople::LEAD_BADGE, DemoPeople::PIN);
    }

    /** @return array<string, mixed> */
    private function envelope(DemoRun $run, RunContext $context): array
    {
        $this->seconds += self::EACH_S;

        return [
            'v' => 1, 'id' => Ids::next(), 'run' => $run->id, 'subject' => $context->run->subject, 'sitting' => $run->sitting,
            'base_seq' => 1, 'device_time' => $this->begunAt->addSeconds($this->seconds - $this->begunSeconds)->toIso8601ZuluString('microsecond'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'demo',
        ];
    }

    private function send(): void
    {
        foreach (array_chunk($this->seen, 100) as $batch) {
            $next = $this->sequence->expected($this->device->id);
            ($this->record)(array_map(fn (array $seen, int $i) => ObservationReader::read($seen + ['device_seq' => $next + $i], $i), $batch, array_keys($batch)), $this->device, 0);
        }
        $this->seen = [];
    }

    private function command(string $sitting, Person $person, string $what): BenchCommand
    {
        $id = Ids::next();

        return new BenchCommand($id, $this->sequence->expected($this->device->id), $this->device->id, $sitting, $person->id, hash('sha256', $what.$id), [
            'base_seq' => 0, 'device_time' => now()->toIso8601ZuluString('microsecond'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'demo',
        ]);
    }
}
