<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Written;

/** What was given at a step in one try: a value, or a person's word. */
final readonly class Given
{
    public const KEYS = ['value', 'source', 'tool', 'setting', 'watched', 'moved', 'of'];

    /**
     * @param  Written|null  $value  as the tool showed it; null where a person's word was given
     * @param  Written|null  $setting  of the tool that clicked; null where nobody knows it, or nothing clicked
     * @param  list<Watched>  $watched
     * @param  bool  $moved  at a verification pass
     * @param  string|null  $of  the reading that was placed here
     */
    public function __construct(
        public ReadingSource $source,
        public ?Written $value = null,
        public ?string $tool = null,
        public ?Written $setting = null,
        public array $watched = [],
        public bool $moved = false,
        public ?string $of = null,
    ) {
    }

    /** @param  list<Watched>  $watched */
    public static function word(?string $tool = null, ?Written $setting = null, array $watched = [], bool $moved = false): self
    {
        return new self(ReadingSource::Attested, tool: $tool, setting: $setting, watched: $watched, moved: $moved);
    }

    public static function fromBody(Body $body): self
    {
        return new self(
            $body->word('source', ReadingSource::class), $body->optionalQuantity('value'), $body->optionalKey('tool'), $body->optionalQuantity('setting'),
            array_map(Watched::fromBody(...), $body->objects('watched')), $body->flag('moved'), $body->optionalKey('of'),
        );
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return array_filter([
            'value' => $this->value?->code(), 'source' => $this->source->value, 'tool' => $this->tool, 'setting' => $this->setting?->code(),
            'watched' => array_map(fn (Watched $w): array => $w->toBody(), $this->watched), 'moved' => $this->moved, 'of' => $this->of,
        ], fn (mixed $v): bool => $v !== null && $v !== [] && $v !== false);
    }
}
