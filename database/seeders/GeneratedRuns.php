<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Observation;
use App\Bench\ObservationDraft;
use App\Bench\ObservedAt;
use App\Bench\ObservedReading;
use App\Bench\Received;
use App\Bench\RunContext;
use App\Bench\SentStamp;
use App\Crib\Models\ToolRow;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\Procedures;
use App\People\Actions\EnrolDevice;
use App\People\Actions\SignInAtBench;
use App\People\Models\Customer;
use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Models\Sitting;
use App\Record\Models\Run;
use App\Record\Queries\RunHistory;
use App\Shared\Ids;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use LogicException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedWrench;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/**
 * Many finished builds, for measuring: every reading is folded and judged by the core, and each build is appended in
 * bulk through the same recorder and projectors as a bench's.
 */
final class GeneratedRuns
{
    /** Builds that are worked at side by side, and appended in one transaction. */
    private const TOGETHER = 10;

    private Plan $plan;

    private string $planHash;

    private StoredRevision $revision;

    private Person $lead;

    private Person $assembler;

    /** @var list<Sitting> one at each bench */
    private array $sittings = [];

    private Sitting $sitting;

    /** @var array<string, int> the next number by device */
    private array $counts = [];

    /** @var array<string, ToolRow> by quantity */
    private array $tools;

    public function __construct(
        private readonly Recorder $recorder,
        private readonly ObservationDraft $draft,
        private readonly EnrolDevice $enrol,
        private readonly SignInAtBench $signIn,
    ) {
    }

    public function seed(int $results): void
    {
        if ($results <= 0) {
            return;
        }
        $this->settle();
        $fixed = CarbonImmutable::getTestNow();
        $today = CarbonImmutable::now()->startOfMinute();
        $builds = intdiv($results + count($this->plan->steps) - 1, count($this->plan->steps));
        for ($i = 0; $i < $builds; $i += self::TOGETHER) {
            CarbonImmutable::setTestNow($today->subDays(60)->addMinutes($i * 4));
            $this->recorder->transaction(function () use ($i, $builds): void {
                $together = array_map($this->build(...), range($i, min($i + self::TOGETHER, $builds) - 1));
                // Side by side, as benches work: what all of them do next stands together.
                $drafts = array_merge(...array_map(fn (int $place): array => array_column($together, $place), array_keys($together[0])));
                $this->recorder->appendAll($drafts === [] ? throw new LogicException('An engine without a history.') : $drafts);
                DB::table('ledger_device_heads')->upsert(array_map(fn (string $device, int $next): array => ['device' => $device, 'next_device_seq' => $next], array_keys($this->counts), $this->counts), 'device');
            });
        }
        CarbonImmutable::setTestNow($fixed);
    }

    private function settle(): void
    {
        $status = RevisionStatus::query()->where('state', 'approved')->where('joint', Joint::query()->where('name', 'Main caps')->where('family', Family::query()->where('code', 'TN3')->value('id'))->value('id'))->firstOrFail();
        $this->revision = StoredRevision::query()->findOrFail($status->revision);
        $this->planHash = (string) $status->plan_hash;
        $this->plan = Procedures::plan($this->planHash);
        $this->lead = Person::query()->where('sign_in_name', 'lead')->firstOrFail();
        $this->assembler = Person::query()->where('badge', '1041')->firstOrFail();
        for ($i = 1; $i <= self::TOGETHER; $i++) {
            ['device' => $device] = ($this->enrol)("Generated bench $i", $this->lead);
            $this->sittings[] = Sitting::query()->findOrFail($this->signIn->begin($this->assembler, Device::query()->findOrFail($device)));
            $this->counts[$device] = 1;
        }
        $this->tools = [
            Kind::Torque->value => ToolRow::query()->where('code', 'TW-04')->firstOrFail(),
            Kind::Angle->value => ToolRow::query()->where('code', 'AG-02')->firstOrFail(),
        ];
    }

    /** @return non-empty-list<Draft> everything that happens to one engine, from coming in to shipped */
    private function build(int $number): array
    {
        $this->sitting = $this->sittings[$number % self::TOGETHER];
        [$subject, $assignment, $run] = [Ids::next(), Ids::next(), Ids::next()];
        $joint = once(fn (): Joint => Joint::query()->findOrFail($this->revision->joint));
        $customer = once(fn (): string => Customer::query()->firstOrFail()->id);
        $serial = sprintf('TN3-%02d-%04d', 90 + intdiv($number, 10_000), $number % 10_000);
        $desk = fn (string $type, array $data = [], ?Concerns $concerns = null): Draft => new Draft(Ids::next(), $type, "subject/$subject", $this->lead->id, $data, $concerns ?? new Concerns($subject));

        return [
            $desk('build_opened', ['serial' => $serial, 'build_number' => 1, 'family' => $joint->family, 'customer' => $customer]),
            $desk('procedure_given', ['assignment' => $assignment, 'joint' => $joint->id, 'revision' => $this->revision->id, 'person' => $this->assembler->id], new Concerns($subject, revisionHash: $this->revision->document_hash, planHash: $this->planHash)),
            ...$this->run($run, $subject, $assignment, $joint->id, new SimulatedWrench(new SeededNoise("generated $number"))),
            $desk('build_finished'),
            $desk('build_shipped'),
        ];
    }

    /** @return list<Draft> */
    private function run(string $run, string $subject, string $assignment, string $joint, SimulatedWrench $wrench): array
    {
        $fold = new RunFold($this->plan);
        $fold->apply(new RunBegun($this->assembler->id, $this->sitting->device));
        $context = new RunContext(new Run(['id' => $run, 'subject' => $subject, 'plan_hash' => $this->planHash, 'person' => $this->assembler->id, 'begun_at' => now()]), $this->plan, $fold, $this->revision->document_hash, 1);
        $bench = fn (string $type, array $data = []): Draft => (new Draft(Ids::next(), $type, RunHistory::stream($run), $this->assembler->id, $data, $context->concerns()))
            ->sent(new Sending($this->sitting->id, $this->sitting->device, $this->counts[$this->sitting->device]++));
        $drafts = [$bench('run_begun', ['assignment' => $assignment, 'joint' => $joint, 'revision' => $this->revision->id])];
        foreach ($this->tools as $quantity => $tool) {
            $drafts[] = $bench('tool_taken', ['quantity' => $quantity, 'tool' => $tool->id, 'tool_code' => $tool->code]);
            $fold->apply(new ToolTaken(Kind::from($quantity), $tool->id));
        }
        foreach ($this->plan->steps as $i => $step) {
            $drafts[] = $this->reading($context, $step, $i, $wrench);
        }
        $drafts[] = $bench('run_finished');

        return $drafts;
    }

    private function reading(RunContext $context, Step $step, int $place, SimulatedWrench $wrench): Draft
    {
        $goal = $step->straightGoal();
        $tool = $this->tools[$goal->quantity->value];
        $value = $wrench->pull($goal->window, Written::fromCode($tool->resolution, $tool->unit), Manner::Good);
        $stamp = new SentStamp($this->sitting->id, $this->counts[$this->sitting->device]++, 1, now()->addMilliseconds($place * 100)->toDateTimeImmutable(), $place * 24_000, false);
        $reading = new ObservedReading($value, $value->digits, $tool->id, ReadingSource::Typed, 'in');
        $at = new ObservedAt($context->run->id, $context->run->subject, $step->id);
        $id = Ids::next();
        $received = new Received(new Observation($id, hash('sha256', $id), $stamp, $at, $reading, null), $this->sitting, 0);
        $before = $context->fold->freeze();
        $outcome = $context->fold->apply(new ReadingTaken($id, $step->id, $value, ReadingSource::Typed, $tool->id, new Stamp($this->assembler->id, $this->sitting->device, $received->takenAt())));

        return $this->draft->reading($context, $before, $received, $reading, $at, $outcome);
    }
}
