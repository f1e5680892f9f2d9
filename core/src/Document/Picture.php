<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A picture of how it must look, or of how it must not: right beside wrong. */
final readonly class Picture
{
    /** @param  string  $file  SHA-256 of its bytes, 64 hex digits: the picture itself lies beside the document */
    private function __construct(public string $file, public bool $right, public string $says)
    {
    }

    /** @return list<self> */
    public static function readAll(ObjectReader $f): array
    {
        return array_map(function (ObjectReader $p): self {
            $file = $p->string('file');
            if ($file !== '' && preg_match('/^[0-9a-f]{64}$/D', $file) !== 1) {
                $p->problem('file', 'the SHA-256 of a picture is wanted, 64 hex digits');
            }
            $picture = new self($file, $p->oneOf('shows', ['right', 'wrong']) === 'right', $p->string('says'));
            $p->close();

            return $picture;
        }, $f->optionalObjects('pictures'));
    }
}
