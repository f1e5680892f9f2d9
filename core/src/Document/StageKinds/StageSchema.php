<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Unit\Kind;

/** The published schema's part about stages, and what an editor must know of their kinds, made from the declarations. */
final class StageSchema
{
    private const TEXT = ['type' => 'string', 'minLength' => 1, 'maxLength' => 2000];

    private const KEYS = ['type' => 'array', 'items' => ['$ref' => '#/$defs/key']];

    /** @return array<string, array<string, mixed>> definitions by name, JSON Schema 2020-12 */
    public static function definitions(): array
    {
        $definitions = [];
        foreach (StageKind::cases() as $kind) {
            $definitions['stage_'.$kind->value] = self::definition($kind, $kind->declaration());
        }

        return $definitions + ['stage' => [
            'description' => 'One round.',
            'oneOf' => array_map(fn (StageKind $k): array => StageField::ref('stage_'.$k->value), StageKind::cases()),
        ]];
    }

    /** @return list<array{value: string, text: string, targets: 'wanted'|'possible'|'none', groups: bool, ordered: bool, tightens: bool, motion: bool, first: object}> */
    public static function forEditors(): array
    {
        return array_map(function (StageKind $kind): array {
            $is = $kind->declaration();
            $first = array_filter($is->fields, fn (StageField $f): bool => $f->first !== null);

            return [
                'value' => $kind->value, 'text' => str_replace('_', ' ', $kind->value),
                'targets' => $is->aims->targets->areWanted() ? 'wanted' : ($is->aims->targets === Targets::LimitsIfStated ? 'possible' : 'none'),
                'groups' => self::mayNameGroups($is), 'ordered' => $kind->isPerPosition(), 'tightens' => $is->handling->tightens, 'motion' => $is->handling->motion !== null,
                'first' => (object) array_combine(array_map(fn (StageField $f): string => $f->name, $first), array_map(fn (StageField $f): mixed => $f->first, $first)),
            ];
        }, StageKind::cases());
    }

    /** @return array<string, mixed> */
    private static function definition(StageKind $kind, StageDeclaration $is): array
    {
        $own = [];
        foreach (array_filter($is->fields, fn (StageField $f): bool => $f->inDocument) as $field) {
            $own[$field->name] = $field->schema;
        }

        return [
            'type' => 'object',
            'description' => $is->description,
            'additionalProperties' => false,
            'properties' => [
                'key' => StageField::ref('key', "The stage's name in every step and record."),
                'kind' => ['const' => $kind->value, 'description' => 'The kind of stage.'],
                ...$own, ...self::targets($is), ...self::sequence($is), ...self::ofPositions($kind, $is), ...self::ofAnyStage(),
            ],
            'required' => [
                'key', 'kind', 'why',
                ...array_values(array_map(fn (StageField $f): string => $f->name, array_filter($is->fields, fn (StageField $f): bool => $f->wanted))),
                ...($is->aims->targets->areWanted() ? ['targets'] : []),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function targets(StageDeclaration $is): array
    {
        $of = match ($is->aims->kind) {
            Kind::Torque => 'torque',
            Kind::Angle => 'turn',
            Kind::Length => 'stretch',
            null => '',
        };
        $list = fn (string $definition, string $description): array => ['type' => 'array', 'items' => StageField::ref($definition), 'description' => $description];
        $targets = match ($is->aims->targets) {
            Targets::Wanted, Targets::WantedAsLeast => $list("target_$of", 'Who gets what.') + ['minItems' => 1],
            Targets::LimitsOnly => $list("limits_$of", 'Who gets what.') + ['minItems' => 1],
            Targets::LimitsIfStated => $list("limits_$of", 'Only where a limit is stated.'),
            Targets::PlacesOnly => $list('place', 'Only where positions are named one by one.'),
            Targets::None => null,
        };

        return ($targets === null ? [] : ['targets' => $targets])
            + (self::mayNameGroups($is) ? ['groups' => self::KEYS + ['description' => 'The groups it concerns; absent: all.']] : []);
    }

    /** A kind without targets of its own says for which groups it is meant. */
    private static function mayNameGroups(StageDeclaration $is): bool
    {
        return ! $is->aims->targets->areWanted() && $is->handling->ordered;
    }

    /** @return array<string, mixed> */
    private static function sequence(StageDeclaration $is): array
    {
        return ! $is->handling->ordered ? [] : [
            'sequence' => [
                'description' => 'The order of positions: a list, or the key of a sequence. Absent: as the round before; loosening goes the other way round.',
                'oneOf' => [self::KEYS + ['description' => 'Positions, each once.', 'minItems' => 1], StageField::ref('key')],
            ],
            'reversed' => ['type' => 'boolean', 'default' => false, 'description' => 'Go through the sequence backwards.'],
        ];
    }

    /** @return array<string, mixed> what a stage may say that is done at positions of its groups */
    private static function ofPositions(StageKind $kind, StageDeclaration $is): array
    {
        if (! $kind->isPerPosition()) {
            return [];
        }

        return [
            'second_look' => ['type' => 'boolean', 'default' => false, 'description' => 'A second person looks at each of its steps, not knowing what the first had found, before what needs it and before the end.'],
        ] + ($is->handling->motion === null ? [] : [
            'motion' => StageField::words(array_column(Motion::cases(), 'value'), 'One free motion, or may it be ratcheted? Absent: one motion; for a stretch it may be taken further.'),
            'shortfall' => StageField::words(['back_off', 'continue'], 'What a shortfall allows.', 'back_off'),
        ]) + [
            'redo' => StageField::words(array_column(Scope::cases(), 'value'), 'What one redo or replacement takes along.', 'position'),
            'within' => StageField::ref('within'),
            'evidence' => StageField::words(array_column(Attestation::cases(), 'value'), 'The weakest evidence it may rest on: a measured value, a word for each fastener, a word for the round. In risk class A a loading stage is never attested as a round.'),
        ] + ($is->handling->tightens ? [
            'reaction' => self::TEXT + ['description' => 'What takes the reaction of the tool: "the fixture on the pan rail, never another nut".'],
            'loading' => ['type' => 'boolean', 'default' => false, 'description' => "The stage at which a tightening counts as one of the fastener's cycles; for a torque-to-yield fastener, the one that uses it up."],
        ] : []);
    }

    /** @return array<string, mixed> */
    private static function ofAnyStage(): array
    {
        return [
            'name' => self::TEXT + ['description' => 'A name for the round; absent: it is named by what it does.'],
            'why' => self::TEXT + ['description' => 'Why it is done; people skip what nobody explains.'],
            'tool' => StageField::ref('tool'),
            'consumables' => self::KEYS + ['description' => 'What is used up in it.'],
            'needs' => self::KEYS + ['description' => 'Earlier stages that must be complete before.'],
            'fit' => self::KEYS + ['description' => 'Aids that go in before it.'],
            'remove' => self::KEYS + ['description' => 'Aids that come out before it.'],
            'pictures' => ['type' => 'array', 'items' => StageField::ref('picture'), 'description' => 'How it must look, and how it must not.'],
            'trial' => ['type' => 'boolean', 'default' => false, 'description' => 'Part of a trial fit; a trial is never the final tightening.'],
        ];
    }
}
