<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;

/** What the answer to a check is held to. */
final readonly class CheckAnswer
{
    /**
     * @param  Window|null  $window  for measured kinds; of the change for compare
     * @param  Window|null  $shop  a tighter limit of the shop's own; between the two a lead decides
     * @param  string|null  $partner  the check whose value or marking it is compared with
     * @param  string|null  $expected  what must be stamped there, where the document knows it
     */
    private function __construct(public ?Window $window = null, public ?Window $shop = null, public ?string $partner = null, public ?string $expected = null)
    {
    }

    /** @param  list<string>  $checks  keys of all checks */
    public static function read(ObjectReader $f, CheckKind $kind, array $checks): self
    {
        return match ($kind) {
            CheckKind::Confirm, CheckKind::Feel => new self,
            CheckKind::GoNoGo => new self(self::gauges($f)),
            CheckKind::Measure, CheckKind::Interval => self::limits($f),
            CheckKind::Compare => new self($f->window(null, 'none', 'change_at_most') ?? self::limitWanted($f, 'change_at_most'), partner: $f->oneOf('compare_with', $checks)),
            CheckKind::Identity => new self(partner: $f->has('matches') ? $f->oneOf('matches', $checks) : null, expected: $f->has('expected') ? $f->name('expected') : null),
        };
    }

    /** What it has to be, for a table: "0.05–0.25 mm", "changed by at most 0.01 mm", "yes". */
    public function words(CheckKind $kind): string
    {
        return match ($kind) {
            CheckKind::Confirm => 'yes',
            CheckKind::Feel => 'as before',
            CheckKind::GoNoGo => sprintf('%s enters, %s does not', $this->window?->low?->typeset() ?? '', $this->window?->high?->typeset() ?? ''),
            CheckKind::Compare => sprintf('changed by at most %s', $this->window?->high?->typeset() ?? ''),
            CheckKind::Measure, CheckKind::Interval => ($this->window?->typeset() ?? '').($this->shop === null ? '' : '; in this shop '.$this->shop->typeset().', between them the lead decides'),
            CheckKind::Identity => $this->expected === null ? 'what is stamped there' : "“{$this->expected}”",
        };
    }

    private static function limits(ObjectReader $f): self
    {
        $window = $f->window(null) ?? self::limitWanted($f, 'high');
        $shop = $f->window($window?->kind(), 'shop_low', 'shop_high');
        foreach (['shop_low' => $shop?->low, 'shop_high' => $shop?->high] as $field => $limit) {
            if ($limit !== null && $window !== null && ! $window->judge($limit->quantity())->isGood()) {
                $f->problem($field, 'a limit of the shop is wanted that lies inside '.$window->typeset());
            }
        }

        return new self($window, $shop);
    }

    private static function gauges(ObjectReader $f): ?Window
    {
        self::limitWanted($f, 'go');
        self::limitWanted($f, 'no_go');

        return $f->window(Kind::Length, 'go', 'no_go');
    }

    private static function limitWanted(ObjectReader $f, string $key): null
    {
        if (! $f->has($key)) {
            $f->problem($key, 'at least one limit is wanted');
        }

        return null;
    }
}
