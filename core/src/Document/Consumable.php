<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Something used up: a gasket, a seal, a tube of locker. */
final readonly class Consumable
{
    private const IN_PLAN = ['key', 'kind', 'name', 'crushed_by'];

    /**
     * @param  string|null  $crushedBy  the stage that sets a gasket for good; opened after it, the joint needs a new one
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public string $kind,
        public string $name,
        public ?string $crushedBy,
        private array $planFields,
    ) {
    }

    public static function read(ObjectReader $f): self
    {
        return new self(
            $f->string('key'),
            $f->oneOf('kind', ['gasket', 'seal', 'locker', 'sealant', 'lubricant', 'plastic_gauge', 'other']),
            $f->string('name'),
            $f->optionalString('crushed_by'),
            $f->slice(self::IN_PLAN),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
