<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ClassRule;
use Tekkal\Core\Document\RiskRules;

/**
 * What the shop wants of each risk class: asked for by one, signed by another. It is never changed; another one takes its place.
 *
 * @property string $id
 * @property array<string, array{least: string, watched: bool, second_look: bool}> $rules by class
 * @property string $why
 * @property string $state asked, approved, replaced, or dropped where it was asked for otherwise before anybody signed
 * @property string $asked_by
 * @property CarbonImmutable $asked_at
 * @property string|null $approved_by
 * @property string|null $signature
 * @property CarbonImmutable|null $approved_at
 * @property-read Person|null $asker
 */
final class RiskRuleSet extends Row
{
    protected $table = 'risk_rules';

    /** @var array<string, string> */
    protected $casts = ['rules' => 'array', 'asked_at' => 'immutable_datetime', 'approved_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'asked_by');
    }

    public function read(): RiskRules
    {
        return self::from($this->rules);
    }

    /** @param  array<string, array{least: string, watched: bool, second_look: bool}>  $rules */
    public static function from(array $rules): RiskRules
    {
        return RiskRules::of(array_map(fn (array $r): ClassRule => new ClassRule(Attestation::from($r['least']), $r['watched'], $r['second_look']), $rules));
    }

    public static function missing(): string
    {
        return 'There are no such rules.';
    }
}
