<?php

declare(strict_types=1);

namespace App\Builds;

use App\Record\BuildFacts;

/** An engine that comes in: whose it is, which number it bears, and what is known of it. */
final readonly class Opening
{
    public string $serial;

    /** @var list<string> */
    public array $oldSerials;

    /**
     * @param  int|null  $build  which build of this number it is to be; null: the first
     * @param  string|null  $family  its code, where the number alone does not say it
     * @param  bool  $waits  it has come in, and stands on no stand yet
     * @param  list<string>  $oldSerials  other numbers on it
     */
    public function __construct(
        string $serial,
        public string $customer,
        public ?int $build = null,
        public ?string $family = null,
        public bool $waits = false,
        public BuildFacts $facts = new BuildFacts,
        array $oldSerials = [],
    ) {
        $this->serial = self::written($serial);
        $this->oldSerials = array_values(array_diff(array_unique(array_map(self::written(...), $oldSerials)), [$this->serial]));
    }

    /** Numbers are told apart by their signs and not by how they were typed. */
    public static function written(string $serial): string
    {
        return mb_strtoupper(trim($serial));
    }
}
