<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\People\Actions\EnterAbsence;
use App\People\Actions\KeepPerson;
use App\People\Actions\SetShop;
use App\People\Actions\SignSkill;
use App\People\Models\Skill;
use App\People\Shop;
use Closure;

/** Who may do what at Fenmoor Engine Works, in which shift, and when they are away: one who alone measures stretch, one who learns it. */
final readonly class DemoSkills
{
    /** By family and method: badges of those who are signed. */
    private const SIGNED = [
        'TN3' => ['torque' => ['1041', '1042', '1043', '1044'], 'angle' => ['1041', '1042', '1043', '1044'], 'locker' => ['1041', '1042', '1044']],
        'HG4' => ['torque' => ['1041', '1042', '1043', '1044'], 'angle' => ['1041', '1042', '1043', '1044']],
        'OS6' => ['torque' => ['1041', '1042', '1043', '1044'], 'angle' => ['1041', '1042', '1044'], 'held' => ['1041', '1042', '1044']],
        'WV9' => ['torque' => ['1041', '1042', '1043', '1044'], 'angle' => ['1041', '1042', '1043'], 'locker' => ['1043', '1044']],
    ];

    private const CERTIFICATE = ['earned' => Skill::CERTIFICATE, 'wanted' => 0, 'builds' => [], 'note' => 'outside course, certificate FA-118', 'valid_until' => null];

    public function __construct(private SetShop $shop, private KeepPerson $people, private SignSkill $skills, private EnterAbsence $absences)
    {
    }

    /**
     * @param  Closure(int): string  $day  of so many days from today
     * @param  Closure(int, Closure(): mixed): mixed  $at  does something on a day
     */
    public function seed(DemoPeople $who, bool $small, Closure $day, Closure $at): void
    {
        [$lead, $approver] = [$who->get('lead'), $who->get('approver')];
        $at(-298, function () use ($who, $lead): void {
            $this->shop->shop(['name' => Shop::here()->name, 'time_zone' => Shop::here()->timeZone, 'torque_unit' => 'N.m', 'length_unit' => 'mm'], $lead);
            $this->shop->shifts([['name' => 'early', 'from' => '06:00', 'to' => '14:00'], ['name' => 'late', 'from' => '14:00', 'to' => '22:00']], $lead);
            foreach (['1041' => 'early', '1042' => 'early', '1043' => 'late', '1044' => 'late', 'crib' => 'early'] as $key => $shift) {
                $this->people->shift($who->get((string) $key), $shift, $lead);
            }
        });
        foreach ($small ? ['TN3' => self::SIGNED['TN3']] : self::SIGNED as $family => $methods) {
            foreach ($methods as $method => $badges) {
                $at(-250, fn () => array_map(fn (string $b): string => $this->skills->sign($who->get($b), ['family' => $family, 'method' => $method, 'valid_until' => $day(845)] + self::CERTIFICATE, $approver), $badges));
            }
        }
        $small || $this->special($who, $day, $at);
    }

    /** From then on what is signed decides. */
    public function decide(DemoPeople $who): void
    {
        $this->shop->skills(true, $who->get('lead'));
    }

    /**
     * @param  Closure(int): string  $day
     * @param  Closure(int, Closure(): mixed): mixed  $at
     */
    private function special(DemoPeople $who, Closure $day, Closure $at): void
    {
        [$lead, $approver] = [$who->get('lead'), $who->get('approver')];
        $at(-240, fn () => $this->skills->sign($who->get('1041'), ['family' => 'HG4', 'method' => 'stretch', 'earned' => Skill::SUPERVISED, 'wanted' => 0, 'builds' => ['HG4-26-0104', 'HG4-26-0117'], 'note' => null, 'valid_until' => $day(9)], $approver));
        $at(-200, fn () => $this->skills->sign($who->get('1043'), ['family' => 'OS6', 'method' => 'held', 'valid_until' => $day(-12)] + self::CERTIFICATE, $lead));
        $at(-14, fn () => $this->skills->sign($who->get('1043'), ['family' => 'HG4', 'method' => 'stretch', 'earned' => Skill::LEARNING, 'wanted' => 2, 'builds' => ['HG4-26-0224'], 'note' => null, 'valid_until' => null], $lead));
        $at(-3, fn () => $this->absences->enter($who->get('1044'), $day(11), $day(18), $lead));
    }
}
