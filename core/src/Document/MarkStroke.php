<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** One stroke on the metal: after which round it is made, how it looks, and which earlier one it crosses. */
final readonly class MarkStroke
{
    public function __construct(public string $after, public string $looks, public string $where, public ?string $crosses)
    {
    }

    /** "white line on the head, across the yellow line". */
    public function words(?self $crossed): string
    {
        return $this->looks.($this->where === 'head' ? ' on the head' : ' beside it').($crossed === null ? '' : ', across the '.$crossed->looks);
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return ['after' => $this->after, 'looks' => $this->looks, 'where' => $this->where] + ($this->crosses === null ? [] : ['crosses' => $this->crosses]);
    }
}
