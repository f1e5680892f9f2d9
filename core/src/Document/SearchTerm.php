<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Quantity;

/** Something by which a procedure is found. */
final readonly class SearchTerm
{
    /**
     * @param  string  $kind  thread, strength, marking, drive, head, target, source, tool, surface, check or text
     * @param  Quantity|null  $quantity  of a target
     */
    public function __construct(
        public string $kind,
        public string $text,
        public ?Quantity $quantity = null,
    ) {
    }

    /** @return list<self> each once */
    public static function of(Revision $revision): array
    {
        $facts = [];
        $add = function (string $kind, ?string $text, ?Quantity $quantity = null) use (&$facts): void {
            if ($text !== null && $text !== '') {
                $facts["$kind $text"] ??= new self($kind, str_replace("\u{A0}", ' ', $text), $quantity);
            }
        };
        foreach ($revision->fasteners as $fastener) {
            $add('text', $fastener->name);
            foreach ($fastener->facts as $kind => $text) {
                $add($kind, $text);
            }
        }
        foreach ($revision->sources as $source) {
            $add('source', $source->title);
            $add('source', $source->record);
        }
        foreach ($revision->agents as $agent) {
            $add('surface', $agent->condition);
        }
        foreach ($revision->checks as $check) {
            $add('check', $check->name);
        }
        foreach ($revision->stages() as $stage) {
            $tool = $stage->tool->kind ?? $stage->rules->kind->declaration()->handling->tool;
            $add('tool', $tool === null ? null : str_replace('_', ' ', $tool));
            $add('text', $stage->why);
            foreach ($stage->targets as $target) {
                $add('target', $target->target?->typeset(), $target->target?->quantity());
                $add('target', $target->target === null ? $target->window?->typeset() : null);
            }
        }

        return array_values($facts);
    }
}
