<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Builds\Queries\EngineState;
use App\Builds\Queries\LeftRun;
use App\Crib\Queries\CribRack;
use App\Ledger\DeviceSequence;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\People\Http\BenchSession;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\Machining;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\Kit;
use Tekkal\Core\Call\Leaving;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;

/** Everything the bench needs to show a run: what it calls for now, and what the core beside the screen goes on with. */
final readonly class RunSheet
{
    /** @return array<string, mixed> */
    public function of(string $runId): array
    {
        $context = RunContext::get($runId);
        $rack = CribRack::today()->knowing(KnownOfJoint::of($context->run->joint, $context->run->revision))->stopping(StopsInForce::here()->orders($context->run->revision, BenchSession::device(request())?->id));
        $subject = Subject::query()->findOrFail($context->run->subject);
        $document = Procedures::document($context->run->revision);

        return [
            'id' => $runId,
            'subject' => $subject->id,
            'serial' => $subject->title(),
            'family' => Family::query()->findOrFail($subject->family)->name,
            'joint' => Joint::query()->findOrFail($context->run->joint)->name,
            'hardware' => $context->run->option,
            'revision' => StoredRevision::query()->findOrFail($context->run->revision)->letter,
            'newer' => $this->newer($context->run->revision),
            'engine' => EngineState::of([$subject->id], $runId)[$subject->id],
            'permits' => $this->permits($context->run, $subject->serial),
            'rounds' => self::rounds(Procedures::revision($context->run->revision)),
            'cautions' => $document['cautions'] ?? [],
            'sketch' => MapSketch::of($document),
            // Wanted before anything was done; it goes over every step and every tool.
            'kit' => $context->fold->state->seq() > 1 ? [] : [...self::metal($subject, $context->run->joint), ...(new Kit($context->fold, Procedures::revision($context->run->revision), $rack))->toArray()],
            'time' => (new Leaving($context->fold, $rack->known))->onCard(ShiftEnd::after(now()->toImmutable())?->seconds),
            'left' => LeftRun::of($runId, $context->fold),
            'card' => CardAtRun::of($runId, $context->fold),
            'holder' => $this->holder($context->run, $context->fold),
            // Of what this sheet shows. Were it the newest there is, a reading taken meanwhile would count as shown, and the bench would call its bolt again.
            'last_seq' => $context->fold->state->seq(),
            'stops' => StopsInForce::version(),
            'view' => (new BenchView($context->fold, $rack))->toArray(),
            'beside' => ['plan' => $context->run->plan_hash, 'state' => StateCodec::toBody($context->fold->state), 'rack' => $rack->toBody()],
        ];
    }

    /** @return list<array{title: string, lines: list<array{says: string, lacks: bool}>}> what was done to this very engine that whoever tightens it has to know of */
    private static function metal(Subject $subject, string $joint): array
    {
        $here = array_values(array_filter($subject->machining, fn (array $m): bool => $m['joint'] === null || $m['joint'] === $joint));

        return $here === [] ? [] : [['title' => 'This engine', 'lines' => array_map(fn (array $m): array => ['says' => ucfirst(Machining::from($m['what'])->words()).($m['at'] === '' ? '' : ": {$m['at']}"), 'lacks' => false], $here)]];
    }

    /** @return list<array{stage: string, line: string, why: string}> */
    private static function rounds(Revision $revision): array
    {
        return array_map(fn (Stage $s, string $line): array => ['stage' => $s->key(), 'line' => $line, 'why' => $s->why], $revision->stages(), $revision->tighteningLine()->rounds());
    }

    /** @return array<string, string|null> in whose hands it is, and where */
    private function holder(Run $run, RunFold $fold): array
    {
        $name = fn (?string $person): ?string => $person === null ? null : Person::query()->find($person)?->displayName();

        return [
            'person' => $run->person, 'person_name' => $name($run->person),
            'device' => $run->device, 'device_name' => Device::query()->find($run->device)?->name,
            'heard_at' => DeviceSequence::lastHeard($run->device)?->format('Y-m-d\TH:i:s.v\Z'),
            'partner_name' => $name($fold->state->hands()?->partner), 'supervisor_name' => $name($fold->supervision->supervisor()),
        ];
    }

    /** The letter of a revision that has come into force since the run began; the run stays with its own. */
    private function newer(string $revision): ?string
    {
        $status = RevisionStatus::query()->findOrFail($revision);
        $now = Procedures::inForce($status->joint, now()->toImmutable(), $status->procedure);

        return $now === null || $now->revision === $revision ? null : $now->letter;
    }

    /** @return list<array{code: string, departure: string, until: string|null}> departures that are permitted on this engine */
    private function permits(Run $run, string $serial): array
    {
        $procedure = RevisionStatus::query()->findOrFail($run->revision)->procedure;

        return array_map(fn (array $p): array => ['code' => $p['code'], 'departure' => $p['departure'], 'until' => $p['valid_until']], Permits::coveringRun($procedure, $serial, $run->begun_at, $run->id));
    }
}
