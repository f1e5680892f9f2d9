<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\UnreadableBody;

/** The closed list of effects, and how each is written and read. */
final class EffectCodec
{
    /** @var array<string, class-string<Effect>> */
    private const ALL = [
        'hands' => Hands::class,
        'tool' => ToolIs::class,
        'set' => SettingIs::class,
        'stroke' => Stroke::class,
        'stood' => Stood::class,
        'undone' => Undone::class,
        'became' => Became::class,
        'case_opened' => CaseOpened::class,
        'duties_added' => DutiesAdded::class,
        'duty_done' => DutyDone::class,
        'case_decided' => CaseDecided::class,
        'case_closed' => CaseClosed::class,
        'thing' => ThingIs::class,
        'fact' => FactIs::class,
        'found' => Found::class,
        'run_is' => RunIs::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    /** @return array<string, mixed> */
    public static function toBody(Effect $effect): array
    {
        return ['do' => (string) array_search($effect::class, self::ALL, true)] + $effect->toBody();
    }

    /** @throws UnreadableBody when it is none of the list, or holds a key or word that it has not */
    public static function fromBody(Body $body): Effect
    {
        $name = $body->text('do', 60);
        $class = self::ALL[$name] ?? throw UnreadableBody::at('do', $name, 'one of '.implode(', ', self::names()));

        return $class::fromBody($body);
    }
}
