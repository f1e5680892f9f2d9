<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Builds\Actions\CloseBuild;
use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\OpenBuild;
use App\Crib\Actions\RecordCalibration;
use App\Crib\Actions\RegisterTool;
use App\Library\Models\Joint;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** Fenmoor Engine Works, invented from end to end: the same shop every time, its dates relative to today. */
final class DemoShop
{
    private const SEED = 'fenmoor';

    private const ALL = 10;

    private CarbonImmutable $today;

    private DemoPeople $people;

    private Joint $mainCaps;

    public function __construct(
        private readonly DemoBench $bench,
        private readonly OpenBuild $openBuild,
        private readonly GiveProcedure $give,
        private readonly CloseBuild $close,
        private readonly DemoLibrary $library,
        private readonly RegisterTool $registerTool,
        private readonly RecordCalibration $calibrate,
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
            $this->tools();
            $this->at(-200, fn () => $this->bench->setUp('Bench 1', $this->people->get('lead'), self::SEED));
            $this->closedBuilds($small ? 2 : self::ALL);
            $small || $this->openBuilds();
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

    private function tools(): void
    {
        foreach ([
            ['TW-04', 'Recording wrench, 1/2 in drive', ToolKind::TorqueWrench, 'N.m', '12', '60', '0.1', [[-290, -108], [-115, 68]]],
            ['TW-07', 'Dial wrench, 1/2 in drive', ToolKind::TorqueWrench, 'lbf.ft', '15', '75', '0.5', [[-385, -202], [-201, -18]]],
            ['TW-09', 'Small dial wrench, 1/4 in drive', ToolKind::TorqueWrench, 'N.m', '2', '20', '0.1', [[-90, 93]]],
            ['AG-02', 'Angle gauge with magnet arm', ToolKind::AngleGauge, 'deg', '0', '360', '1', [[-252, -70], [-73, 110]]],
        ] as [$code, $name, $kind, $unit, $low, $high, $resolution, $calibrations]) {
            $unit = UnitNames::fromCode($unit);
            $tool = new Tool($code, $kind, new ToolRange(Written::of($low, $unit), Written::of($high, $unit)), Written::of($resolution, $unit));
            $id = $this->at(-295, fn (): string => ($this->registerTool)($tool, $name, $this->people->get('crib')));
            foreach ($calibrations as $i => [$on, $due]) {
                $certificate = sprintf('FC-%s-%d', str_replace('-', '', $code), 100 + $i);
                $this->at(max($on, -295), fn () => ($this->calibrate)($id, $this->day($on), $this->day($due), true, $certificate, $this->people->get('crib')));
            }
        }
    }

    private function closedBuilds(int $most): void
    {
        $builds = [
            // serial, days ago, customer, badge, torque tool, what was special, shipped
            ['TN3-26-0291', -168, 'Skerry Dredging', '1041', 'TW-04', [], true],
            ['TN3-26-0302', -151, 'Coldharbour Irrigation', '1042', 'TW-04', [], true],
            ['TN3-26-0317', -133, 'Lantern Bay Ferries', '1044', 'TW-04', [3 => Manner::Over], true],
            ['TN3-26-0333', -112, 'Skerry Dredging', '1041', 'TW-04', [], true],
            ['TN3-26-0348', -90, 'Coldharbour Irrigation', '1043', 'TW-04', [5 => Manner::Short], true],
            ['TN3-26-0356', -64, 'Lantern Bay Ferries', '1042', 'TW-07', [], true],
            ['TN3-26-0371', -44, 'Coldharbour Irrigation', '1041', 'TW-04', [], true],
            ['TN3-26-0384', -23, 'Skerry Dredging', '1043', 'TW-04', [12 => Manner::Short], false],
            ['TN3-26-0390', -9, 'Lantern Bay Ferries', '1044', 'TW-04', [6 => 'TW-07'], false],
            ['TN3-26-0291', -5, 'Skerry Dredging', '1042', 'TW-04', [], false],
        ];
        foreach (array_slice($builds, 0, $most) as [$serial, $day, $customer, $badge, $tool, $special, $shipped]) {
            $build = $this->at($day, fn (): string => ($this->openBuild)($serial, $this->people->customer($customer), true, $this->people->get('lead')));
            $run = $this->given($build, $day + 1, $badge, $tool);
            foreach ($special as $place => $what) {
                $this->at($day + 1, function () use ($run, $place, $what): void {
                    $this->bench->work($run, $place + 1, [$place => $what]);
                    if ($what instanceof Manner) {
                        $this->bench->backOff($run);
                    }
                }, 1);
            }
            $this->at($day + 1, function () use ($run): void {
                $this->bench->work($run, 16);
                $this->bench->finish($run);
            }, 2);
            $this->at($day + 2, fn () => $this->close->finish($build, $this->people->get('lead')));
            if ($shipped) {
                $this->at($day + 4, fn () => $this->close->ship($build, $this->people->get('lead')));
            }
        }
    }

    private function openBuilds(): void
    {
        $open = fn (string $serial, int $day, string $customer): string => $this->at($day, fn (): string => ($this->openBuild)($serial, $this->people->customer($customer), false, $this->people->get('lead')));
        $interrupted = $open('TN3-26-0402', -3, 'Coldharbour Irrigation');
        $run = $this->given($interrupted, -1, '1041', 'TW-04');
        $this->at(-1, fn () => $this->bench->work($run, 11), 1);

        $stopped = $open('TN3-26-0409', -2, 'Skerry Dredging');
        $stoppedRun = $this->given($stopped, -1, '1042', 'TW-04');
        $this->at(-1, fn () => $this->bench->work($stoppedRun, 6, [5 => Manner::Short]), 2);

        $waiting = $open('TN3-26-0417', -1, 'Lantern Bay Ferries');
        $this->at(-1, fn () => ($this->give)($waiting, $this->mainCaps->id, $this->people->get('1041')->id, $this->people->get('lead')), 3);
        $open('TN3-26-0423', -1, 'Skerry Dredging');
    }

    private function given(string $build, int $day, string $badge, string $tool): DemoRun
    {
        return $this->at($day, function () use ($build, $badge, $tool): DemoRun {
            $assignment = ($this->give)($build, $this->mainCaps->id, $this->people->get($badge)->id, $this->people->get('lead'));

            return $this->bench->begin($assignment, $this->people->get($badge), ['torque' => $tool, 'angle' => 'AG-02']);
        });
    }

    private function day(int $offset): Day
    {
        return Day::of($this->today->setTimezone(config('shop.time_zone'))->addDays($offset)->format('Y-m-d'));
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
