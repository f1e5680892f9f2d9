<?php

declare(strict_types=1);

namespace App\Ledger;

/** Keeps one area's tables in step with the ledger, inside the recorder's transaction and again on rebuild. */
interface Projector
{
    /** Raised when the same entries come to other rows: start fills the tables again. */
    public function version(): string;

    /** @return list<string> the tables that hold nothing but what the entries say */
    public function tables(): array;

    /** @return list<string> the entry types it wants to see */
    public function types(): array;

    /** @param  non-empty-list<Entry>  $entries  of these types, in their order */
    public function project(array $entries): void;
}
