<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

/** A request that may say how far its bench has counted. */
trait CountsOfBench
{
    /** As far as the bench itself has counted; null where it does not say. */
    public function lastDeviceSeq(): ?int
    {
        $last = $this->validated('last_device_seq');

        return is_numeric($last) ? (int) $last : null;
    }
}
