<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\RiskRuleSet;
use App\People\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Tekkal\Core\Document\ClassRule;
use Tekkal\Core\Document\RiskRules;

/**
 * Rules of the risk classes, asked for or signed.
 *
 * @property RiskRuleSet $resource
 */
final class RiskRulesResource extends JsonResource
{
    public function __construct(RiskRuleSet $set, private readonly Person $asking)
    {
        parent::__construct($set);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'why', 'signature']) + [
            'rules' => self::classes($this->resource->read()), 'asked_by' => $this->resource->asker?->displayName(), 'asked_by_me' => $this->resource->asked_by === $this->asking->id,
            'asked_at' => $this->resource->asked_at->toIso8601ZuluString(), 'approved_at' => $this->resource->approved_at?->toIso8601ZuluString(),
        ];
    }

    /** @return list<array<string, mixed>> A first */
    public static function classes(RiskRules $rules): array
    {
        $of = $rules->all();

        return array_map(fn (string $class, ClassRule $r): array => ['class' => $class, 'least' => $r->least->value, 'least_words' => $r->least->words(), 'watched' => $r->watched, 'second_look' => $r->secondLook], RiskRules::CLASSES, array_map(fn (string $c): ClassRule => $of[$c], RiskRules::CLASSES));
    }
}
