<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\BenchCommand;
use App\Bench\ObservationReader;
use App\Bench\ObservedOutcome;
use App\Bench\Received;
use App\Bench\RunContext;
use App\Builds\RunFolds;
use App\Crib\Models\ToolRow;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
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
use Tekkal\Core\Call\HandCalls;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Surroundings;
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

    private string $family;

    private Joint $joint;

    private Plan $plan;

    private string $planHash;

    private string $option;

    private string $riskClass;

    private StoredRevision $revision;

    private Person $lead;

    private Person $assembler;

    private Person $second;

    /** @var list<Sitting> one at each bench */
    private array $sittings = [];

    private Sitting $sitting;

    /** @var array<string, int> the next number by device */
    private array $counts = [];

    /** @var array<string, ToolRow> by quantity */
    private array $tools;

    public function __construct(
        private readonly Recorder $recorder,
        private readonly ObservedOutcome $outcome,
        private readonly EnrolDevice $enrol,
        private readonly SignInAtBench $signIn,
        private readonly RunFolds $folds,
    ) {
    }

    public function seed(int $results, string $family = 'TN3', string $joint = 'Main caps'): void
    {
        if ($results <= 0) {
            return;
        }
        $this->settle($family, $joint);
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

    private function settle(string $family, string $name): void
    {
        $this->family = $family;
        $this->joint = Joint::query()->where('name', $name)->where('family', Family::query()->where('code', $family)->value('id'))->firstOrFail();
        $status = RevisionStatus::query()->where('state', 'approved')->where('joint', $this->joint->id)->firstOrFail();
        $this->revision = StoredRevision::query()->findOrFail($status->revision);
        $this->planHash = (string) $status->plan_hash;
        $this->plan = Procedures::plan($this->planHash);
        $this->option = Procedure::query()->findOrFail($status->procedure)->option;
        $this->riskClass = Procedures::revision($status->revision)->riskClass;
        $this->lead = Person::query()->where('sign_in_name', 'lead')->firstOrFail();
        $this->assembler = Person::query()->where('badge', '1041')->firstOrFail();
        $this->second = Person::query()->where('badge', '1042')->firstOrFail();
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
        $customer = once(fn (): string => Customer::query()->firstOrFail()->id);
        $serial = sprintf('%s-%02d-%04d', $this->family, 90 + intdiv($number, 10_000), $number % 10_000);
        $desk = fn (string $type, array $data = [], ?Concerns $concerns = null): Draft => new Draft(Ids::next(), $type, "subject/$subject", $this->lead->id, $data, $concerns ?? new Concerns($subject));

        return [
            $desk('build_opened', ['serial' => $serial, 'build_number' => 1, 'family' => $this->joint->family, 'customer' => $customer]),
            $desk('procedure_given', ['assignment' => $assignment, 'revision' => $this->revision->id, 'person' => $this->assembler->id], new Concerns($subject, $this->revision->document_hash, $this->planHash, $this->joint->id, $this->option)),
            ...$this->run($run, $subject, $assignment, new SimulatedWrench(new SeededNoise("generated $number"))),
            $desk('build_finished'),
            $desk('build_shipped'),
        ];
    }

    /** @return list<Draft> */
    private function run(string $run, string $subject, string $assignment, SimulatedWrench $wrench): array
    {
        $context = new RunContext(
            new Run(['id' => $run, 'subject' => $subject, 'joint' => $this->joint->id, 'revision' => $this->revision->id, 'option' => $this->option, 'risk_class' => $this->riskClass, 'plan_hash' => $this->planHash, 'person' => $this->assembler->id, 'begun_at' => now()]),
            $this->plan, new RunFold($this->plan), $this->revision->document_hash,
        );
        $drafts = [$this->command($context, 'run_begun', ['assignment' => $assignment], ['revision' => $this->revision->id])];
        foreach ($this->tools as $quantity => $tool) {
            $drafts[] = $this->observed($context, 'tool_taken', 0, ['quantity' => $quantity, 'tool' => $tool->id]);
        }
        foreach ($this->plan->steps as $i => $step) {
            $tool = $this->tools[$step->quantity()->value ?? ''];
            $value = $wrench->pull($step->goal()->window ?? throw new LogicException('A round without limits.'), Written::fromCode($tool->resolution, $tool->unit), Manner::Good);
            $drafts[] = $this->observed($context, 'reading_taken', $i, ['step' => $step->id, 'value' => $value->code(), 'raw' => $value->digits, 'tool' => $tool->id, 'source' => 'typed']);
        }
        $drafts[] = $this->observed($context, 'final_look', count($this->plan->steps), []);
        if ($context->fold->looks->unseen() !== []) {
            $drafts[] = $this->command($context, 'second_look', ['steps' => $context->fold->looks->unseen(), 'finds' => 'as_recorded'], by: $this->second);
        }
        $drafts[] = $this->command($context, 'run_finished', ['meaning' => HandCalls::meaning($context->fold)]);
        $this->folds->keep($run, $context->fold);

        return $drafts;
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  array<string, mixed>  $data
     */
    private function command(RunContext $context, string $type, array $content, array $data = [], ?Person $by = null): Draft
    {
        $command = new BenchCommand(Ids::next(), $this->counts[$this->sitting->device]++, $this->sitting->device, $this->sitting->id, $this->assembler->id, '', ['base_seq' => 0, 'device_time' => now()->toIso8601ZuluString('microsecond'), 'mono_ms' => 0, 'clock' => 'generated']);
        $command = $by === null ? $command : $command->by($by->id);
        $event = $command->event($type, $context->run->id, $context->run->subject, $content);
        $outcome = $context->fold->decide(EventTypes::read($event), new Surroundings(beginning: new Beginning(riskClass: $this->riskClass)));

        return Draft::ofEvent($event, new Decision($outcome->toBody()), RunHistory::stream($context->run->id), $context->concerns(), $data)
            ->sent(new Sending($command->sitting, $command->device, $command->deviceSeq));
    }

    /** @param  array<string, mixed>  $content */
    private function observed(RunContext $context, string $type, int $place, array $content): Draft
    {
        $sent = [
            'type' => $type, 'id' => Ids::next(), 'run' => $context->run->id, 'subject' => $context->run->subject, 'sitting' => $this->sitting->id,
            'device_seq' => $this->counts[$this->sitting->device]++, 'base_seq' => 1, 'device_time' => now()->addMilliseconds($place * 100)->toIso8601ZuluString('microsecond'),
            'mono_ms' => $place * 24_000, 'clock' => 'generated',
        ];

        return $this->outcome->inRun($context, new Received(ObservationReader::read($sent + $content, 0), $this->sitting, 0), $context->fold->state->seq() + 1);
    }
}
