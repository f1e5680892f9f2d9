<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Tool\Setting;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\Written;
use WeakMap;

/** What is wanted as it stands on the scale of a tool: the number to reach, what is good, and what would look like a slip. */
final class Scale
{
    /** @var WeakMap<RackTool, array<string, self>>|null by what is wanted of a tool */
    private static ?WeakMap $kept = null;

    /** @var array<string, mixed>|null */
    private ?array $body = null;

    /**
     * @param  string|null  $digits  the number to reach; null where there are limits only
     * @param  string|null  $low  the least that is good, rounded inward to the step of the scale
     * @param  list<Doubt>  $doubts  in the order in which they are asked
     */
    private function __construct(
        public readonly Unit $unit,
        public readonly ?string $digits,
        public readonly ?string $low,
        public readonly ?string $high,
        public readonly ?Window $good,
        public readonly array $doubts,
    ) {
    }

    public static function of(RackTool $tool, ?Written $target, ?Window $window): self
    {
        // The same for every position of a round; its limits and doubts are exact arithmetic, and slow beside a page.
        $kept = (self::$kept ??= new WeakMap)[$tool] ?? [];
        $key = "{$target?->code()} {$window?->low?->code()} {$window?->high?->code()}";
        if (! isset($kept[$key])) {
            $kept[$key] = self::made($tool, $target, $window);
            self::$kept[$tool] = $kept;
        }

        return $kept[$key];
    }

    private static function made(RackTool $tool, ?Written $target, ?Window $window): self
    {
        $resolution = $tool->tool->resolution;
        $decimals = strlen(strrchr($resolution->decimal(), '.') ?: '.') - 1;
        $shown = $window?->displayedIn($resolution->unit, $decimals);
        $setting = $target === null || $window === null ? $target : Setting::nearest($target, $window, $resolution) ?? $target;

        return new self(
            $setting->unit ?? $resolution->unit, $setting?->digits,
            self::given($shown['low'] ?? null), self::given($shown['high'] ?? null), $window, Doubt::all($tool, $window),
        );
    }

    /** "30–34 N·m", "at least 30 N·m": as the tool shows it; empty where nothing limits it. */
    public function limits(): string
    {
        return match (true) {
            $this->low === null && $this->high === null => '',
            $this->low === null => "at most $this->high",
            $this->high === null => "at least $this->low",
            default => $this->low.'–'.$this->high,
        };
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return $this->body ??= ['unit' => ['code' => $this->unit->code(), 'symbol' => $this->unit->symbol()], 'doubts' => array_map(fn (Doubt $d): array => $d->toArray(), $this->doubts)]
            + array_filter(['digits' => $this->digits, 'low' => $this->low, 'high' => $this->high, 'least' => $this->exact($this->good?->low), 'most' => $this->exact($this->good?->high)], fn (?string $v): bool => $v !== null);
    }

    private function exact(?Written $limit): ?string
    {
        return $limit === null ? null : Doubt::in($limit, $this->unit);
    }

    private static function given(?string $digits): ?string
    {
        return $digits === null || $digits === '' ? null : $digits;
    }
}
