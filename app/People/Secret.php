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

    private const PIN_DIGITS = [6, 12];

    private const PASSWORD_LETTERS = [10, 200];

    public function fits(string $given, ?string $hash): bool
    {
        $stand = $hash ?? DB::table('credentials')->whereNotNull($this->value)->value($this->value);
        $fits = is_string($stand) && Hash::check($given, $stand);

        return $hash !== null && $fits;
    }

    /** Why a PIN cannot be taken; null where it can. What is tried first is refused: one digit over and over, digits in a row, the badge. */
    public static function whyNoPin(string $pin, string $badge): ?string
    {
        [$least, $most] = self::PIN_DIGITS;

        return match (true) {
            preg_match("/^[0-9]{{$least},{$most}}$/D", $pin) !== 1 => "A PIN has $least to $most digits, and nothing but digits.",
            preg_match('/^(\d)\1+$/', $pin) === 1 => 'One digit over and over is guessed first. Choose another PIN.',
            str_contains('01234567890123456789', $pin) || str_contains('98765432109876543210', $pin) => 'Digits in a row are guessed first. Choose another PIN.',
            $badge !== '' && str_contains($pin, $badge) => 'The badge’s number stands in it, and everybody can read that. Choose another PIN.',
            default => null,
        };
    }

    /** Why a password cannot be taken; null where it can. Length is what counts (NIST SP 800-63B, from memory). */
    public static function whyNoPassword(string $password, string $signInName): ?string
    {
        [$least, $most] = self::PASSWORD_LETTERS;
        $letters = mb_strlen($password);

        return match (true) {
            $letters < $least || $letters > $most => "A password has $least to $most characters; this one has $letters.",
            count(array_unique(mb_str_split(mb_strtolower($password)))) < 4 => 'The same few characters over and over are guessed first. Choose another password.',
            $signInName !== '' && str_contains(mb_strtolower($password), mb_strtolower($signInName)) => 'The sign-in name stands in it. Choose another password.',
            default => null,
        };
    }

    /** Six digits by chance, which could be chosen too. */
    public static function drawnPin(string $badge): string
    {
        do {
            $pin = sprintf('%06d', random_int(0, 999_999));
        } while (self::whyNoPin($pin, $badge) !== null);

        return $pin;
    }
}
