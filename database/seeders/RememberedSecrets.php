<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Contracts\Hashing\Hasher;

/** The demo's people sign hundreds of times with the same four PINs; within a seeding each pair of PIN and hash is computed once. */
final class RememberedSecrets implements Hasher
{
    /** @var array<string, bool> */
    private array $known = [];

    public function __construct(private readonly Hasher $hasher)
    {
    }

    /** @param  array<mixed>  $options */
    public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
    {
        return $this->known["$value\0$hashedValue"] ??= $this->hasher->check($value, $hashedValue, $options);
    }

    /** @param  array<mixed>  $options */
    public function make(#[\SensitiveParameter] $value, array $options = []): string
    {
        return $this->hasher->make($value, $options);
    }

    /** @return array<mixed> */
    public function info($hashedValue): array
    {
        return $this->hasher->info($hashedValue);
    }

    /** @param  array<mixed>  $options */
    public function needsRehash($hashedValue, array $options = []): bool
    {
        return $this->hasher->needsRehash($hashedValue, $options);
    }
}
