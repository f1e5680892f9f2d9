<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Crib\Models\ToolRow;
use App\People\Models\Person;
use App\Record\Models\AsideReading;
use App\Record\Models\Subject;
use Illuminate\Database\Eloquent\Builder;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Unit\Written;

/** Readings that moved nothing, each as a line with who and what gave it. */
final class AsideLines
{
    /** @return list<array<string, mixed>> of this build's runs */
    public static function of(Subject $subject): array
    {
        return self::lines(AsideReading::query()->where('subject', $subject->id));
    }

    /** @return list<array<string, mixed>> that fit no run at all */
    public static function inTray(): array
    {
        return self::lines(AsideReading::query()->where('standing', Standing::Tray->value)->where('disposed_at', null));
    }

    /**
     * @param  Builder<AsideReading>  $query
     * @return list<array<string, mixed>>
     */
    private static function lines(Builder $query): array
    {
        $readings = $query->get()->sortBy('received_at');
        $tools = ToolRow::query()->whereKey($readings->pluck('tool')->filter()->unique()->all())->pluck('code', 'id');
        $people = Person::query()->whereKey($readings->pluck('person')->unique()->all())->get()->keyBy('id');

        return array_values($readings->map(fn (AsideReading $a): array => [
            'entry' => $a->entry_id,
            'standing' => $a->standing,
            'reason' => SetAsideReason::from($a->reason)->sentence(),
            'step' => $a->step,
            'what' => self::words($a->type),
            'value' => $a->value === null ? null : Written::coded($a->value)->typeset(),
            'told' => $a->told,
            'tool' => $tools->get($a->tool ?? ''),
            'person' => $people->get($a->person)?->displayName(),
            'received_at' => $a->received_at->toIso8601ZuluString(),
            'disposed_at' => $a->disposed_at?->toIso8601ZuluString(),
        ])->all());
    }

    private static function words(string $type): string
    {
        $class = EventTypes::all()[$type] ?? null;

        return $class === null ? 'it could not be read' : $class::declaration()->says;
    }
}
