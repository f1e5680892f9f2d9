<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Which stroke says "this has had its round", when it is made and where. */
final readonly class MarkPolicy
{
    private const WHEN = ['none', 'each_fastener', 'each_round', 'at_the_end'];

    private function __construct(public string $when, public string $where, public ?string $stroke)
    {
    }

    public static function read(ObjectReader $f): self
    {
        return new self($f->oneOf('when', self::WHEN), $f->oneOf('where', ['head', 'beside'], 'head'), $f->optionalString('stroke'));
    }

    /** Is a position finished only once its mark was made? */
    public function isWanted(): bool
    {
        return $this->when !== 'none';
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return ['when' => $this->when, 'where' => $this->where] + ($this->stroke === null ? [] : ['stroke' => $this->stroke]);
    }
}
