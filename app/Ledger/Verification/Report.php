<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

/** What a reading of the whole record found. */
final class Report
{
    private const MOST = 50;

    public int $entries = 0;

    public int $leaves = 0;

    public int $rows = 0;

    public int $found = 0;

    /** @var list<string> the first of the problems, as sentences */
    public array $sentences = [];

    public function add(string $sentence): void
    {
        $this->found++;
        if ($this->found <= self::MOST) {
            $this->sentences[] = $sentence;
        }
    }
}
