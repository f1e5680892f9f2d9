<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Tekkal\Core\Schedule\Method;
use Tekkal\Core\Schedule\Skill as Held;
use Tekkal\Core\Schedule\SkillStanding;
use Tekkal\Core\Tool\Day;

/**
 * What one person may do on engines of one family by one method, as it was signed last.
 *
 * @property string $id of the entry that says so
 * @property string $person
 * @property string $family its code
 * @property Method $method
 * @property string $earned certificate, or supervised builds that were signed, or learning
 * @property int $wanted builds under a supervisor that are asked for
 * @property list<string> $builds that were done under one, by serial
 * @property string $note of the certificate
 * @property string $signed_by
 * @property CarbonImmutable $signed_at
 * @property CarbonImmutable|null $valid_until included
 * @property CarbonImmutable|null $ended_at
 */
final class Skill extends Row
{
    public const CERTIFICATE = 'certificate';

    public const SUPERVISED = 'supervised';

    public const LEARNING = 'learning';

    protected $table = 'skills';

    /** @var array<string, string> */
    protected $casts = ['method' => Method::class, 'builds' => 'array', 'signed_at' => 'immutable_datetime', 'valid_until' => 'immutable_date', 'ended_at' => 'immutable_datetime'];

    public function standing(Day $today): SkillStanding
    {
        // As it is stored: the first page asks it of every skill there is.
        $until = $this->getAttributes()['valid_until'];
        $held = $this->earned === self::LEARNING
            ? Held::learning($this->wanted, count($this->builds))
            : Held::signed($until === null ? null : Day::of(substr((string) $until, 0, 10)));

        return $held->on($today);
    }
}
