<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;
use InvalidArgumentException;

/** A leaf that somebody or something outside the database knows. */
final readonly class KnownLeaf
{
    private function __construct(
        public int $number,
        public string $hash,
        public string $where,
    ) {
    }

    /**
     * @param  string  $line  "310:9f86d0… the command line"
     *
     * @throws InvalidArgumentException when the line names no leaf
     */
    public static function fromLine(string $line): self
    {
        if (preg_match('/^(\d{1,15}):([0-9a-f]{64}) (.{1,80})$/D', $line, $m) !== 1) {
            throw new InvalidArgumentException(sprintf('"%s" names no leaf.', mb_substr($line, 0, 100)));
        }

        return new self((int) $m[1], $m[2], $m[3]);
    }

    public function agrees(): bool
    {
        return DB::table('ledger_leaves')->where('leaf_no', $this->number)->value('leaf_hash') === $this->hash;
    }
}
