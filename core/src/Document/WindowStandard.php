<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\CoreException;
use Tekkal\Core\Unit\Kind;

/** A shop's window for targets that their source prints bare: by controlled quantity, risk class and tool kind. */
final readonly class WindowStandard
{
    private function __construct(
        public string $key,
        public Kind $quantity,
        public ?string $riskClass,
        public ?Tolerance $tolerance,
        public string $source,
        public ?string $record,
        public string $printed,
    ) {
    }

    /** @param  list<string>  $sources */
    public static function read(ObjectReader $f, array $sources): self
    {
        $kind = Kind::from($f->oneOf('quantity', array_column(Kind::cases(), 'value')));
        $f->optionalString('tool');

        return new self(
            $f->string('key'),
            $kind,
            $f->has('risk_class') ? $f->oneOf('risk_class', ['A', 'B', 'C']) : null,
            self::tolerance($f, $kind),
            $f->oneOf('source', $sources),
            $f->optionalString('record'),
            $f->string('tolerance'),
        );
    }

    public static function tolerance(ObjectReader $f, Kind $kind): ?Tolerance
    {
        try {
            return Tolerance::printed($f->string('tolerance'), $kind);
        } catch (CoreException) {
            $f->problem('tolerance', sprintf('a share such as "4 %%" or an amount of %s is wanted', $kind->value));

            return null;
        }
    }
}
