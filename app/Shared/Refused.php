<?php

declare(strict_types=1);

namespace App\Shared;

use RuntimeException;

/** A request that was understood and turned down, with the sentence a person can act on. */
final class Refused extends RuntimeException
{
    /**
     * @param  array<string, mixed>  $facts  field, value, limit, unit and what else the screen needs
     */
    public function __construct(
        public readonly ProblemType $type,
        string $sentence,
        public readonly int $status = 422,
        public readonly array $facts = [],
    ) {
        parent::__construct($sentence);
    }

    public static function field(string $field, string $sentence, mixed $value = null): self
    {
        return new self(ProblemType::BadValue, $sentence, 422, ['field' => $field, 'value' => $value]);
    }

    public static function forbidden(string $sentence): self
    {
        return new self(ProblemType::NotAllowed, $sentence, 403);
    }

    public static function notFound(string $sentence): self
    {
        return new self(ProblemType::NotFound, $sentence, 404);
    }
}
