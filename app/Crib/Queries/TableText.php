<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Shared\Refused;
use Tekkal\Core\Document\Csv;

/** A table as somebody pasted it or took it from a file. */
final class TableText
{
    /**
     * @return string the same, when it can be read
     *
     * @throws Refused in the name of the field
     */
    public static function of(string $text, string $field): string
    {
        $unreadable = Csv::unreadable($text);

        return $unreadable === null ? $text : throw Refused::field($field, $unreadable, '');
    }
}
