<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** A password or a PIN against its hash. Somebody whom nobody knows costs as long as somebody who is known. */
enum Secret: string
{
    case Password = 'password_hash';
    case Pin = 'pin_hash';

    public function fits(string $given, ?string $hash): bool
    {
        $stand = $hash ?? DB::table('credentials')->whereNotNull($this->value)->value($this->value);
        $fits = is_string($stand) && Hash::check($given, $stand);

        return $hash !== null && $fits;
    }
}
