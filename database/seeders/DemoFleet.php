<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Builds\Actions\MoveBuild;
use App\Builds\Queries\Learnt;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\People\Queries\Qualified;
use App\Record\Models\Subject;
use Closure;
use LogicException;

/** The larger engines of the last half year, joint by joint by whoever was signed for each, as they left the house. */
final readonly class DemoFleet
{
    /** Serial, days ago, customer, who has it where they may, whether it has left. */
    private const ENGINES = [
        ['HG4-26-0152', -160, 'Coldharbour Irrigation', '1042', true],
        ['OS6-26-0121', -145, 'Lantern Bay Ferries', '1041', true],
        ['HG4-26-0163', -138, 'Skerry Dredging', '1044', true],
        ['WV9-26-0103', -119, 'Lantern Bay Ferries', '1043', true],
        ['OS6-26-0134', -104, 'Coldharbour Irrigation', '1042', true],
        ['HG4-26-0178', -97, 'Lantern Bay Ferries', '1042', true],
        ['WV9-26-0117', -75, 'Skerry Dredging', '1043', true],
        ['HG4-26-0191', -58, 'Coldharbour Irrigation', '1044', true],
        ['OS6-26-0155', -52, 'Skerry Dredging', '1041', true],
        ['WV9-26-0129', -37, 'Coldharbour Irrigation', '1043', true],
        ['HG4-26-0207', -30, 'Skerry Dredging', '1042', true],
        ['HG4-26-0215', -16, 'Lantern Bay Ferries', '1042', false],
    ];

    /** What they take where it fits: nothing that a look-back is about. */
    private const TOOLS = ['TW-04', 'TW-02', 'TW-18', 'TW-09', 'TW-05', 'TW-11', 'AG-02', 'DG-03', 'DG-05', 'FG-01'];

    /** Joints in a working day. */
    private const A_DAY = 3;

    private const BADGES = ['1041', '1042', '1043', '1044'];

    /**
     * @param  Closure(int, Closure, int=): mixed  $at  does something as if it were that day
     * @param  Closure(string, Joint, string, string...): (DemoRun|null)  $begun  a job given and begun
     * @param  Closure(string): mixed  $letGo  what stays unrecorded is asked for and signed
     */
    public function __construct(private DemoPeople $people, private DemoBench $bench, private Closure $at, private Closure $begun, private Closure $letGo)
    {
    }

    /** @param  Closure(string, string, int|null=, bool=, int|null=): string  $comesIn */
    public function seed(Closure $comesIn): void
    {
        foreach (self::ENGINES as [$serial, $day, $customer, $badge, $left]) {
            $build = (string) ($this->at)($day, fn (): string => $comesIn($serial, $customer, null, false, $left ? $day + 9 : 3));
            $joints = Joint::query()->where('family', Subject::query()->findOrFail($build)->family)->orderBy('assembly_order')->get()->values();
            foreach ($joints as $i => $joint) {
                [$on, $hour] = [$day + 1 + intdiv($i, self::A_DAY), 3 * ($i % self::A_DAY)];
                $run = ($this->at)($on, fn (): ?DemoRun => ($this->begun)($build, $joint, $this->whoMay($joint, $badge), ...self::TOOLS), $hour);
                $run === null || ($this->at)($on, fn () => $this->bench->toTheEnd($run), $hour + 2);
            }
            $done = $day + 2 + intdiv($joints->count(), self::A_DAY);
            ($this->at)($done, fn () => ($this->letGo)($build));
            ($this->at)($done, fn () => app(MoveBuild::class)->finish($build, $this->people->get('lead')), 1);
            $left && ($this->at)($done + 2, fn () => app(MoveBuild::class)->ship($build, $this->people->get('lead')));
        }
    }

    /** Whoever has the engine, where that was signed of them; else the first of whom it was. */
    private function whoMay(Joint $joint, string $badge): string
    {
        $status = Procedures::inForce($joint->id, now()->toImmutable());
        $family = Family::query()->findOrFail($joint->family)->code;
        if ($status === null) {
            return $badge;
        }
        foreach ([$badge, ...self::BADGES] as $one) {
            if (Qualified::of($this->person($one), $family, Learnt::methods((string) $status->plan_hash))->isAlone()) {
                return $one;
            }
        }

        throw new LogicException("Nobody may do $joint->name on $family.");
    }

    private function person(string $badge): Person
    {
        return $this->people->get($badge);
    }
}
