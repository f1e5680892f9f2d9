<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Which stroke says "this has had its round", when it is made, where, and which other it crosses. */
final readonly class MarkPolicy
{
    private const WHEN = ['none', 'each_fastener', 'each_round', 'at_the_end'];

    private const WHERE = ['head', 'beside'];

    /** @param  array<string, MarkStroke>  $strokes  by the stage they are made after; empty: one stroke, after the last round */
    private function __construct(public string $when, public string $where, public ?string $stroke, public array $strokes)
    {
    }

    public static function read(ObjectReader $f): self
    {
        $where = $f->oneOf('where', self::WHERE, 'head');
        $strokes = [];
        foreach ($f->optionalObjects('strokes') as $s) {
            $stroke = new MarkStroke($s->string('after'), $s->name('looks'), $s->oneOf('where', self::WHERE, $where), $s->has('crosses') ? $s->oneOf('crosses', array_keys($strokes)) : null);
            if (isset($strokes[$stroke->after])) {
                $s->problem('after', 'one stroke for each round is wanted');
            }
            $s->close();
            $strokes[$stroke->after] = $stroke;
        }

        return new self($f->oneOf('when', self::WHEN), $where, $f->optionalString('stroke'), $strokes);
    }

    /** Is a position finished only once its mark was made? */
    public function isWanted(): bool
    {
        return $this->when !== 'none';
    }

    /** How the stroke after a round looks, and what it crosses; null where none is made after it. */
    public function wordsAfter(string $stage): ?string
    {
        $stroke = $this->strokes[$stage] ?? null;

        return $stroke?->words($this->strokes[$stroke->crosses ?? ''] ?? null);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['when' => $this->when, 'where' => $this->where] + ($this->stroke === null ? [] : ['stroke' => $this->stroke])
            + ($this->strokes === [] ? [] : ['strokes' => array_map(fn (MarkStroke $s): array => $s->toArray(), array_values($this->strokes))]);
    }
}
