<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/**
 * Which hardware options of a joint an engine may get, and which one is proposed. What was written for a variant is for
 * engines of that variant; what was written for every engine serves where the variant has nothing of its own. Of an engine
 * whose variant nobody has said nothing is guessed. Common practice, no source.
 */
final readonly class HardwareOffer
{
    /** @param  array<string, string|null>  $options  the variant that each is for, by option; null: for every engine of the family @param  string|null  $variant  of the engine; null: not said */
    public function __construct(private array $options, private ?string $variant)
    {
    }

    /** @return list<string> none that was written for another variant than the engine's */
    public function offered(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->options, fn (?string $for): bool => $this->variant === null || $for === null || $for === $this->variant)));
    }

    /** The only one that it can be; null where somebody has to say. */
    public function proposed(): ?string
    {
        $own = $this->variant === null ? [] : array_keys($this->options, $this->variant, true);
        $all = $own === [] ? array_map(strval(...), array_keys($this->options, null, true)) : $own;
        $unsaid = $this->variant === null && count($this->options) !== count($all);

        return count($all) === 1 && ! $unsaid ? (string) $all[0] : null;
    }

    /** @return string|null the variant that this one was written for, where that is another than the engine's */
    public function isForAnother(string $option): ?string
    {
        $for = $this->options[$option] ?? null;

        return $for !== null && $this->variant !== null && $for !== $this->variant ? $for : null;
    }
}
