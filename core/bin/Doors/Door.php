<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** A way into the core from a shell. Reads files, prints, and says by its exit status whether what it read was valid: 0 yes, 1 no, 2 wrong call. */
abstract class Door extends Command
{
    private const NUMBER = '/^[+-]?\d+(\.\d+)?$/D';

    protected static function text(InputInterface $input, string $name): string
    {
        $value = $input->hasArgument($name) ? $input->getArgument($name) : $input->getOption($name);

        return is_string($value) ? $value : '';
    }

    protected static function option(InputInterface $input, string $name): ?string
    {
        $value = $input->getOption($name);

        return is_string($value) ? $value : null;
    }

    protected static function bytes(string $file): string
    {
        $bytes = is_file($file) && is_readable($file) ? file_get_contents($file) : false;

        return $bytes === false ? throw Refusal::wrongCall("There is no readable file \"$file\".") : $bytes;
    }

    protected static function revision(string $file): Revision
    {
        try {
            return DocumentReader::fromJson(self::bytes($file));
        } catch (InvalidDocument $e) {
            throw Refusal::invalid(sprintf("%s: %d %s\n%s", $file, count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->getMessage()));
        }
    }

    /** A number read whole or refused; "88,5" is none, and neither is "89.1 N·m". */
    protected static function number(string $text, string $where): float
    {
        return preg_match(self::NUMBER, trim($text)) === 1
            ? (float) trim($text)
            : throw Refusal::invalid(sprintf('%s: "%s" is no number; write digits with a decimal point and no unit, such as 88.5.', $where, $text));
    }

    /** In base units: N·m, degrees, mm. */
    protected static function quantity(string $text, Kind $kind, string $where): float
    {
        $parsed = QuantityParser::parse($text, $kind);

        return $parsed instanceof Understood
            ? $parsed->value->quantity()->inBase()->toFloat()
            : throw Refusal::invalid(sprintf('%s: "%s" is no %s with its unit, such as %s.', $where, $text, $kind->value, ['torque' => '45 N·m', 'angle' => '90°', 'length' => '44 mm'][$kind->value]));
    }

    /** @param  array<array-key, mixed>  $data */
    protected static function json(array $data): string
    {
        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
