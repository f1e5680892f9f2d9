<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

/** What a reading of the whole record found. */
final class Report
{
    private const MOST = 2000;

    public int $entries = 0;

    public int $leaves = 0;

    public int $rows = 0;

    public int $found = 0;

    /** @var array<string, true> the first of the problems, as sentences, each once */
    private array $sentences = [];

    /** @var list<string> what is not as it was and is accounted for by an entry */
    public array $notes = [];

    /** @param  array{number: int, hash: string}|null  $noted  the last leaf that the note beside the database knew when the reading began */
    public function __construct(public readonly ?array $noted)
    {
    }

    public function add(string $sentence): void
    {
        if (isset($this->sentences[$sentence])) {
            return;
        }
        $this->found++;
        if ($this->found <= self::MOST) {
            $this->sentences[$sentence] = true;
        }
    }

    public function note(string $sentence): void
    {
        $this->notes[] = $sentence;
    }

    /** @return list<string> */
    public function sentences(): array
    {
        return array_keys($this->sentences);
    }
}
