<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Tekkal\Core\Document\AsWritten;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\Picture;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Sequence\Position;

/** A revision as it is looked up: its rounds grown into a ladder, its fasteners, what it rests on. */
final readonly class RevisionSheet
{
    private const SOURCES = [
        'engine_maker' => 'maker', 'hardware_maker' => 'hardware maker', 'gasket_maker' => 'gasket maker',
        'shop_standard' => 'shop standard', 'window_standard' => 'shop window',
    ];

    /** @param  array<mixed>  $document */
    public function __construct(private Revision $revision, private array $document)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'rungs' => $this->rungs(),
            'fastener_types' => array_values(array_map($this->fastener(...), $this->revision->fasteners)),
            'surfaces' => array_map(fn ($a): array => ['surface' => $a->surface, 'condition' => $a->condition], $this->revision->agents),
            'beside' => $this->revision->tighteningLine()->rigging(),
            'sources' => $this->document['sources'] ?? [],
            'cautions' => $this->document['cautions'] ?? [],
        ];
    }

    /** @return list<array{stage: string, tool: string|null, positions: list<string>, rows: list<array<string, mixed>>, how: string, why: string, pictures: list<array{file: string, shows: string, says: string}>}> */
    public function rungs(): array
    {
        return array_map($this->rung(...), $this->revision->stages());
    }

    /** @return array{stage: string, tool: string|null, positions: list<string>, rows: list<array<string, mixed>>, how: string, why: string, pictures: list<array{file: string, shows: string, says: string}>} */
    private function rung(Stage $stage): array
    {
        $rows = $this->revision->tighteningLine()->rows($stage);

        return [
            'stage' => $stage->key(),
            'tool' => $stage->tool->kind ?? $stage->rules->kind->declaration()->handling->tool,
            'positions' => $stage->rules->kind->isPerPosition() ? $stage->sequence : [],
            'rows' => array_map(fn (array $row, int $i): array => [...$row,
                'target_from' => $this->from(($stage->targets[$i] ?? null)?->targetSource),
                'window_from' => $this->from(($stage->targets[$i] ?? null)?->windowSource),
            ], $rows, array_keys($rows)),
            'how' => $this->how($stage),
            'why' => $stage->why,
            'pictures' => [...Picture::of(AsWritten::stages($this->document)[$stage->key()] ?? []), ...$this->ofCheck($stage)],
        ];
    }

    /** @return list<array{file: string, shows: string, says: string}> */
    private function ofCheck(Stage $stage): array
    {
        $check = $stage->rules->own instanceof CheckStage ? $stage->rules->own->check : null;

        return Picture::of(AsWritten::things($this->document, 'checks')[$check ?? ''] ?? []);
    }

    /** How it is done, and what stands beside it: aids, an adapter, what takes the reaction, a stroke, a second look. */
    private function how(Stage $stage): string
    {
        $line = $this->revision->tighteningLine();
        $rules = $stage->rules;
        $motion = $rules->kind->hasTarget() ? ($rules->motion->oneMotion ? 'in one free motion' : 'may be ratcheted') : '';
        $says = array_filter([$line->countedFrom($stage) ?? '', $motion, ...$line->beside($stage)]);

        return implode(' ', array_map(fn (string $one): string => ucfirst($one).'.', $says));
    }

    /** @return array<string, mixed> */
    private function fastener(FastenerType $type): array
    {
        $groups = array_filter($this->revision->groups, fn ($g): bool => $g->fastener === $type->key);
        $raw = AsWritten::things($this->document, 'fasteners')[$type->key] ?? [];

        return [
            'key' => $type->key,
            'name' => $type->name,
            'groups' => implode(', ', array_map(fn ($g): string => $g->name, $groups)),
            'count' => count(array_filter($this->revision->map->positions, fn (Position $p): bool => isset($groups[$p->group]))),
            'marking' => data_get($raw, 'marking'),
            'pictures' => Picture::of($raw),
            'across_flats' => is_string(data_get($raw, 'across_flats')) ? data_get($raw, 'across_flats') : null,
            'reuse' => $type->reuse === Reuse::UpTo ? sprintf('up to %d %s', $type->cycles, $type->cycles === 1 ? 'tightening' : 'tightenings') : $type->reuse->words(),
        ];
    }

    private function from(?string $key): ?string
    {
        $source = collect((array) ($this->document['sources'] ?? []))->firstWhere('key', $key);

        return $source === null ? null : sprintf('%s, p. %s', self::SOURCES[data_get($source, 'kind')] ?? '', data_get($source, 'page'));
    }
}
