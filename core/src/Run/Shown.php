<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What stood on the screen when somebody acted, as it was typeset there. */
final readonly class Shown
{
    public const KEYS = ['number', 'unit', 'setting', 'hardware', 'sentence'];

    /** @param  array<string, string>  $words  by key */
    private function __construct(private array $words)
    {
    }

    /** @throws UnreadableBody when a key holds no text of at most 300 bytes */
    public static function fromBody(Body $body): self
    {
        $body->holdsOnly(...self::KEYS);
        $words = [];
        foreach (self::KEYS as $key) {
            $word = $body->optionalText($key, 300);
            if ($word !== null) {
                $words[$key] = $word;
            }
        }

        return new self($words === [] ? throw UnreadableBody::at('shown', null, 'at least one of '.implode(', ', self::KEYS)) : $words);
    }

    /** @return array<string, string> */
    public function toBody(): array
    {
        return $this->words;
    }
}
