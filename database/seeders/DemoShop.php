<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Actions\AskValue;
use App\Bench\Actions\OpenAgain;
use App\Builds\Actions\AskLetGo;
use App\Builds\Actions\DescribeBuild;
use App\Builds\Actions\EnterIntake;
use App\Builds\Actions\GiveByTable;
use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\MoveBuild;
use App\Builds\Actions\OpenBuild;
use App\Builds\IntakeLine;
use App\Builds\Opening;
use App\Builds\Queries\Unrecorded;
use App\Library\Actions\GrantPermit;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\People\Actions\NameDeputy;
use App\People\Shop;
use App\Record\Actions\LiftStop;
use App\Record\Actions\StopWork;
use App\Record\BuildFacts;
use App\Record\Models\Stop;
use App\Record\Models\Subject;
use App\Record\StopWhat;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Str;
use LogicException;
use Ramsey\Uuid\Uuid;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Tool\Day;

/** Fenmoor Engine Works, invented from end to end: the same shop every time, its dates relative to today. */
final class DemoShop
{
    private const SEED = 'fenmoor';

    private const ALL = 10;

    /** More steps than a joint has. */
    private const MANY = 1_000;

    private CarbonImmutable $today;

    private DemoPeople $people;

    private Joint $mainCaps;

    public function __construct(
        private readonly DemoBench $bench,
        private readonly DemoBench $secondBench,
        private readonly OpenBuild $openBuild,
        private readonly GiveProcedure $give,
        private readonly MoveBuild $close,
        private readonly DemoLibrary $library,
        private readonly DemoSkills $skills,
    ) {
    }

    /** @param  bool  $small  without most of the library, and two closed engines instead of all */
    public function seed(bool $small): void
    {
        $this->today = CarbonImmutable::now()->startOfMinute();
        $fixed = CarbonImmutable::getTestNow();
        $random = new Randomizer(new Xoshiro256StarStar(hash('sha256', self::SEED, true)));
        Str::createUuidsUsing(fn () => Uuid::fromBytes(self::asVersion4($random->getBytes(16))));
        try {
            $this->at(-300, fn () => $this->people = new DemoPeople);
            $this->at(-299, fn () => $this->mainCaps = $this->library->seed($this->people, $small));
            $this->at(-90, fn () => $this->library->permits($this->today->addDays(-60)->format('Y-m-d'), $this->today->addDays(40)->format('Y-m-d')));
            $this->skills->seed($this->people, $small, fn (int $offset): string => $this->day($offset)->date, $this->at(...));
            $crib = new DemoCrib($this->people->get('crib'), $this->day(...), $this->at(...));
            $crib->seed($small);
            $this->at(-200, fn () => $this->bench->setUp('Bench 1', $this->people->get('lead'), self::SEED));
            $this->closedBuilds($small ? 2 : self::ALL);
            $small || $this->stopped();
            $small || $this->openBuilds();
            $small || $this->atWork();
            $small || $this->elsewhere();
            $small || (new DemoHeads($this->people, $this->bench, $this->at(...), $this->begun(...)))->seed($this->comesIn(...));
            $small || $this->fleet();
            $small || $this->at(-1, fn () => $this->skills->decide($this->people), 9);
            $small || $crib->hands($this->people);
        } finally {
            Str::createUuidsNormally();
            CarbonImmutable::setTestNow($fixed);
        }
    }

    /** Random bytes as an id of one's chance (RFC 9562, version 4). */
    private static function asVersion4(string $bytes): string
    {
        $bytes[6] = chr(ord($bytes[6]) & 0x0F | 0x40);
        $bytes[8] = chr(ord($bytes[8]) & 0x3F | 0x80);

        return $bytes;
    }

    private function closedBuilds(int $most): void
    {
        $builds = [
            // serial, days ago, customer, badge, torque tool, what was special, shipped, the larger torque tool where it is another
            ['TN3-26-0291', -168, 'Skerry Dredging', '1041', 'TW-04', [], true],
            ['TN3-26-0302', -151, 'Coldharbour Irrigation', '1042', 'TW-04', [], true],
            ['TN3-26-0317', -133, 'Lantern Bay Ferries', '1044', 'TW-04', [3 => Manner::Over], true, 'TW-07'],
            ['TN3-26-0333', -112, 'Skerry Dredging', '1041', 'TW-04', [], true, 'TW-07'],
            ['TN3-26-0348', -90, 'Coldharbour Irrigation', '1043', 'TW-04', [5 => Manner::Short], true],
            ['TN3-26-0356', -64, 'Lantern Bay Ferries', '1042', 'TW-07', [], true],
            ['TN3-26-0371', -44, 'Coldharbour Irrigation', '1041', 'TW-07', [], true],
            ['TN3-26-0384', -23, 'Skerry Dredging', '1043', 'TW-04', [12 => Manner::Short], false, 'TW-07'],
            ['TN3-26-0390', -9, 'Lantern Bay Ferries', '1044', 'TW-04', [6 => 'TW-07'], false],
            ['TN3-26-0291', -5, 'Skerry Dredging', '1042', 'TW-04', [4 => 'TW-10'], false],
        ];
        foreach (array_slice($builds, 0, $most) as $it) {
            [$serial, $day, $customer, $badge, $tool, $special, $shipped] = $it;
            $build = $this->at($day, fn (): string => $this->comesIn($serial, $customer, Subject::query()->where('serial', $serial)->exists() ? 2 : null, due: $shipped ? $day + 5 : 3));
            $run = $this->given($build, $day + 1, $badge, $tool);
            foreach ($special as $place => $what) {
                $this->at($day + 1, function () use ($run, $place, $what): void {
                    $this->bench->work($run, $place + 1, [$place => $what]);
                    if ($what instanceof Manner) {
                        $this->bench->backOff($run);
                    }
                }, 1);
            }
            $this->at($day + 1, fn () => $this->bench->toTheEnd($run), 2);
            $this->otherJoints($build, $day + 1, $badge, $it[7] ?? 'TW-05');
            $this->at($day + 2, fn () => $this->letGo($build));
            $this->at($day + 2, fn () => $this->close->finish($build, $this->people->get('lead')), 1);
            if ($shipped) {
                $this->at($day + 4, fn () => $this->close->ship($build, $this->people->get('lead')));
            }
        }
    }

    /** What has no procedure here, as in a demo without most of the library: somebody asks, somebody else signs. */
    private function letGo(string $build): void
    {
        foreach (app(Unrecorded::class)->of(Subject::query()->findOrFail($build)) as $missing) {
            app(AskLetGo::class)($build, $missing->joint, 'Worked by its printed card; the card is in the folder.', '', $this->people->get('lead'));
            $permit = Permits::ofUnrecorded([$build])[$build][$missing->joint];
            app(GrantPermit::class)->approve($permit->id, $this->people->get('approver'), $this->people->get('approver')->displayName());
        }
    }

    /** Whatever else of the engine has a procedure, in the order in which it is put together. */
    private function otherJoints(string $build, int $day, string $badge, string $larger): void
    {
        $joints = Joint::query()->where('family', $this->mainCaps->family)->whereKeyNot($this->mainCaps->id)->orderBy('assembly_order')->get();
        foreach ($joints as $i => $joint) {
            $run = $this->at($day, fn (): ?DemoRun => $this->begun($build, $joint, $badge, ['TW-04', $larger]), 3 + 2 * $i);
            $run === null || $this->at($day, fn () => $this->bench->toTheEnd($run), 4 + 2 * $i);
        }
    }

    /**
     * A job given and begun; null where the joint has no procedure in force.
     *
     * @param  list<string>  $tools
     */
    private function begun(string $build, Joint $joint, string $badge, array $tools, bool $wholeRounds = false, ?DemoBench $at = null): ?DemoRun
    {
        // What an engine comes with; who fits another kit says so.
        $stock = Procedure::query()->where('joint', $joint->id)->whereIn('option', ['stock bolts', 'stretch bolts'])->pluck('id');
        $inForce = Procedures::allInForce($joint->id, now()->toImmutable());
        $procedure = ($inForce->first(fn (RevisionStatus $s): bool => $stock->contains($s->procedure)) ?? $inForce->first())?->procedure;
        if ($procedure === null) {
            return null;
        }
        $assignment = ($this->give)($build, $joint->id, $this->people->get($badge)->id, $this->people->get('lead'), procedure: $procedure);

        return ($at ?? $this->bench)->begin($assignment, $this->people->get($badge), $tools, $wholeRounds);
    }

    private function openBuilds(): void
    {
        $open = fn (string $serial, int $day, string $customer, int $due = 4): string => $this->at($day, fn (): string => $this->comesIn($serial, $customer, due: $due));
        $interrupted = $open('TN3-26-0402', -3, 'Coldharbour Irrigation');
        $run = $this->given($interrupted, -1, '1041', 'TW-04');
        $this->at(-1, fn () => $this->bench->work($run, 11), 1);

        $stopped = $open('TN3-26-0409', -2, 'Skerry Dredging');
        $stoppedRun = $this->given($stopped, -1, '1042', 'TW-04');
        $this->at(-1, fn () => $this->bench->work($stoppedRun, 6, [5 => Manner::Short]), 2);

        $waiting = $open('TN3-26-0417', -1, 'Lantern Bay Ferries');
        $this->at(-1, fn () => ($this->give)($waiting, $this->mainCaps->id, $this->people->get('1041')->id, $this->people->get('lead')), 3);
        $open('TN3-26-0423', -1, 'Skerry Dredging');
        $this->waits();
        $this->isBack();
        $this->opened($open('TN3-26-0428', -2, 'Coldharbour Irrigation'));
    }

    /** At a bench of their own, whose noise moves no reading of the others. */
    private function fleet(): void
    {
        $this->at(-200, fn () => $this->secondBench->setUp('Bench 2', $this->people->get('lead'), 'fleet', 110), 1);
        $begun = fn (string $build, Joint $joint, string $badge, string ...$tools): ?DemoRun => $this->begun($build, $joint, $badge, array_values($tools), at: $this->secondBench);
        (new DemoFleet($this->people, $this->secondBench, $this->at(...), $begun, $this->letGo(...)))->seed($this->comesIn(...));
    }

    /** A joint that came apart again before it was done, and hangs on another hook now. */
    private function opened(string $build): void
    {
        $run = $this->given($build, -2, '1043', 'TW-04');
        $this->at(-2, fn () => $this->bench->work($run, 5), 2);
        $this->at(-1, fn () => app(OpenAgain::class)($build, $this->mainCaps->id, 'A dowel of cap 3 was left out', $this->people->get('lead')));
        $this->at(-1, fn () => ($this->give)($build, $this->mainCaps->id, $this->people->get('1042')->id, $this->people->get('lead')), 1);
    }

    /** A wrench that was stopped for everybody one Friday, and was good: two have lifted that. */
    private function stopped(): void
    {
        $this->at(-31, fn () => app(StopWork::class)(StopWhat::Tool, 'TW-05', 'Its grip turns though it is locked', $this->people->get('lead')));
        $stop = fn (): string => Stop::query()->firstOrFail()->id;
        $why = 'A screw of the grip was loose; three points read before and after it was set: all in';
        $this->at(-30, fn () => app(LiftStop::class)->ask($stop(), $why, $this->people->get('lead'), $this->people->get('lead')->displayName()));
        $this->at(-30, fn () => app(LiftStop::class)->lift($stop(), $this->people->get('approver'), $this->people->get('approver')->displayName(), $why), 1);
    }

    /** An engine of five months ago whose head weeps: the head is opened, what lies beneath it stays as it was. */
    private function isBack(): void
    {
        $build = $this->at(-2, fn (): string => $this->comesIn('TN3-26-0302', 'Coldharbour Irrigation', 2, due: 6));
        $joints = Joint::query()->where('family', $this->mainCaps->family)->orderBy('assembly_order')->get();
        $lines = array_values($joints->map(fn (Joint $j): IntakeLine => $j->name === 'Cylinder head'
            ? new IntakeLine($j->id, true, 'weeps between 2 and 3, face flat', [['at' => '4', 'value' => '71 N.m']])
            : new IntakeLine($j->id, false))->all());
        $this->at(-2, fn () => app(EnterIntake::class)($build, $lines, $this->people->get('lead')), 2);
    }

    /** Two that have come in and stand on no stand yet, one of them under a number that was stamped over; and one that waits for its crankshaft, and is late. */
    private function waits(): void
    {
        [$lead, $describe] = [$this->people->get('lead'), app(DescribeBuild::class)];
        $crank = $this->at(-6, fn (): string => $this->comesIn('OS6-26-0188', 'Coldharbour Irrigation', due: -1));
        $mains = Joint::query()->where('name', 'Main caps')->where('family', Subject::query()->findOrFail($crank)->family)->firstOrFail();
        $this->at(-3, fn () => $describe($crank, new BuildFacts(
            ['order_number' => 'FE-2286', 'core' => 'complete, cracked sump, crankshaft scored at 3 and 5', 'received_on' => $this->day(-6)->date, 'due_on' => $this->day(-1)->date, 'waits_for' => 'the crankshaft, from grinding'],
            [['what' => 'line_honed', 'joint' => $mains->id, 'at' => 'all seven bores'], ['what' => 'thread_repaired', 'joint' => $mains->id, 'at' => 'bolt 9, insert']],
        ), $lead));
        $this->at(-1, fn (): string => $this->comesIn('WV9-26-0146', 'Lantern Bay Ferries', waits: true, due: 21));
        $plate = $this->at(-2, fn (): string => $this->comesIn('HG4-25-0077', 'Skerry Dredging', waits: true, due: 18));
        $this->at(-1, fn () => $describe->restamp($plate, 'HG4-26-0236', 'the old plate could not be read any more', $lead), 4);
    }

    private function comesIn(string $serial, string $customer, ?int $build = null, bool $waits = false, ?int $due = null): string
    {
        $today = Shop::here()->clock(now()->toImmutable())->format('Y-m-d');
        $facts = new BuildFacts(['order_number' => sprintf('FE-%d', 2200 + Subject::query()->count()), 'received_on' => $today, 'due_on' => $due === null ? null : $this->day($due)->date]);

        return ($this->openBuild)(new Opening($serial, $this->people->customer($customer), $build, waits: $waits, facts: $facts), $this->people->get('lead'));
    }

    /** One of each way of working, over the other families, as they stand this morning. */
    private function atWork(): void
    {
        $head = $this->stands('HG4-26-0228', 'Cylinder head', 'Coldharbour Irrigation', ['1042'], ['TW-05'], 29);
        $this->at(-1, fn () => $this->bench->stroke($head, '20 deg'), 6);
        $this->at(-1, fn () => $this->bench->stroke($head, '15 deg'), 6);
        $this->stands('HG4-26-0231', 'Connecting rods', 'Lantern Bay Ferries', ['1041'], ['DG-03'], 4);
        $this->stands('OS6-26-0183', 'Rocker shafts', 'Coldharbour Irrigation', ['1044'], ['TW-11'], 1, wholeRounds: true);
        $this->stands('OS6-26-0176', 'Front gear', 'Skerry Dredging', ['1042', '1043'], ['TW-02', 'TW-05'], 5);
        $this->stands('WV9-26-0141', 'Drive plate', 'Skerry Dredging', ['1043'], ['TW-05'], 22);
        $this->withoutProcedure();
    }

    /** A sump that no procedure is written for, by the shop's general table; and a value that somebody asks for instead of guessing it. */
    private function withoutProcedure(): void
    {
        $lead = $this->people->get('lead');
        $table = $this->at(-60, fn (): string => app(DemoShelf::class)->table($this->people));
        $engine = Subject::query()->where('serial', 'WV9-26-0141')->firstOrFail();
        $sump = Joint::query()->where('family', $engine->family)->where('name', 'Sump')->firstOrFail();
        $row = ['table' => $table, 'row' => 'M8 8.8 in aluminium', 'bolts' => 14, 'layout' => 'two_rows'];
        $job = $this->at(-1, fn (): string => app(GiveByTable::class)($engine->id, $sump->id, $row, true, $this->people->get('1041')->id, $lead), 1);
        $run = $this->at(-1, fn (): DemoRun => $this->bench->begin($job, $this->people->get('1041'), ['TW-04']), 2);
        $this->at(-1, fn () => $this->bench->toTheEnd($run), 3);
        $this->at(-1, fn () => app(AskValue::class)('OS6-26-0176', 'Lifting eye at the front gear, M10, stamped 10.9, into the block', $this->people->get('1042'), $this->bench->device()), 6);
    }

    /** What was worked on paper, a fastener past its yield that had to be replaced, and who decides on the late shift. */
    private function elsewhere(): void
    {
        [$lead, $paper] = [$this->people->get('lead'), app(DemoPaper::class)];
        $this->at(-8, fn () => app(NameDeputy::class)($this->people->get('1042'), ['classes' => ['B', 'C'], 'from_time' => '14:00', 'until_time' => '22:00', 'first_day' => $this->day(-7)->date, 'last_day' => $this->day(21)->date], $lead));

        $yielded = $this->stands('HG4-26-0224', 'Cylinder head', 'Lantern Bay Ferries', ['1044'], ['TW-05'], 39);
        $this->at(-1, fn () => $this->bench->work($yielded, 1, [0 => Manner::Over]), 6);
        // The whole joint once more, more than one sitting's worth.
        $this->at(-1, fn () => $this->bench->work($yielded, 36), 7);
        $this->at(-1, fn () => $this->bench->toTheEnd($yielded), 8);

        $build = $this->at(-4, fn (): string => $this->comesIn('TN3-26-0398', 'Skerry Dredging'));
        $job = $this->at(-4, fn (): string => ($this->give)($build, $this->mainCaps->id, $this->people->get('1043')->id, $lead));
        $card = $this->at(-3, fn (): string => $paper->out($job, $lead));
        $this->at(-3, fn () => $paper->back($card, $this->people->get('1043'), $lead), 4);
        $run = $this->at(-2, fn (): DemoRun => $this->bench->begin($job, $this->people->get('1041'), ['TW-04'], card: $card));
        $this->at(-2, fn () => $this->bench->work($run, self::MANY, second: $this->people->get('1042')), 1);
        $this->at(-2, fn () => $paper->compared($card, $run, $this->people->get('1043'), $lead), 2);
        $this->at(-2, fn () => $this->bench->sign($run), 3);

        $next = $this->at(-2, fn (): string => $this->comesIn('TN3-26-0399', 'Coldharbour Irrigation'));
        $other = $this->at(-2, fn (): string => ($this->give)($next, $this->mainCaps->id, $this->people->get('1044')->id, $lead));
        $this->at(-1, fn () => $paper->out($other, $lead));
    }

    /**
     * An engine that came in three days ago, of which one joint was worked at yesterday.
     *
     * @param  non-empty-list<string>  $badges  of whoever works at it, and of a second person where it takes two
     * @param  list<string>  $tools
     */
    private function stands(string $serial, string $name, string $customer, array $badges, array $tools, int $steps, bool $wholeRounds = false): DemoRun
    {
        $build = $this->at(-3, fn (): string => $this->comesIn($serial, $customer));
        $joint = Joint::query()->where('name', $name)->where('family', Subject::query()->findOrFail($build)->family)->firstOrFail();
        $run = $this->at(-1, fn (): ?DemoRun => $this->begun($build, $joint, $badges[0], $tools, $wholeRounds), 4) ?? throw new LogicException("$name has no procedure in force.");
        $this->at(-1, fn () => $this->bench->work($run, $steps, second: isset($badges[1]) ? $this->people->get($badges[1]) : null), 5);

        return $run;
    }

    private function given(string $build, int $day, string $badge, string $tool): DemoRun
    {
        return $this->at($day, function () use ($build, $badge, $tool): DemoRun {
            $assignment = ($this->give)($build, $this->mainCaps->id, $this->people->get($badge)->id, $this->people->get('lead'));

            return $this->bench->begin($assignment, $this->people->get($badge), [$tool]);
        });
    }

    private function day(int $offset): Day
    {
        return Day::of($this->today->setTimezone(Shop::here()->timeZone)->addDays($offset)->format('Y-m-d'));
    }

    /**
     * Does something as if it were that day, in the morning shift.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function at(int $days, Closure $work, int $hours = 0): mixed
    {
        CarbonImmutable::setTestNow($this->today->addDays($days)->setTime(8, 10)->addHours($hours));

        return $work();
    }
}
