<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

/** A field that only stages of one kind have. */
final readonly class StageField
{
    /**
     * @param  array<string, mixed>  $schema  what the published schema says of it, its default included
     * @param  mixed  $first  what a new stage begins with in an editor; null: nothing
     * @param  bool  $inPlan  does a plan carry it? Else it says nothing that another field does not
     * @param  bool  $inDocument  may a document say it? Else the plan alone does
     */
    private function __construct(public string $name, public array $schema, public bool $wanted, public mixed $first, public bool $inPlan = true, public bool $inDocument = true)
    {
    }

    /** @param  array<string, mixed>  $schema */
    public static function of(string $name, array $schema, mixed $first = null): self
    {
        return new self($name, $schema, false, $first);
    }

    /** @param  array<string, mixed>  $schema */
    public static function wanted(string $name, array $schema, mixed $first = null): self
    {
        return new self($name, $schema, true, $first);
    }

    public function inDocumentOnly(): self
    {
        return new self($this->name, $this->schema, $this->wanted, $this->first, false);
    }

    public function inPlanOnly(): self
    {
        return new self($this->name, $this->schema, $this->wanted, $this->first, true, false);
    }

    /**
     * One of several words.
     *
     * @param  list<string>  $words
     * @return array<string, mixed>
     */
    public static function words(array $words, string $description, ?string $default = null): array
    {
        return ['type' => 'string', 'enum' => $words, 'description' => $description] + ($default === null ? [] : ['default' => $default]);
    }

    /** @return array<string, mixed> what the schema defines elsewhere */
    public static function ref(string $definition, ?string $description = null): array
    {
        return ['$ref' => '#/$defs/'.$definition] + ($description === null ? [] : ['description' => $description]);
    }
}
