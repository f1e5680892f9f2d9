<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Person;
use App\People\Secret;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/**
 * Badge and PIN on an enrolled device. Five tries, then a delay that doubles; a lead unlocks. Each try first books
 * itself by one atomic UPDATE, so that two at once cannot share a try.
 */
final readonly class CheckPin
{
    public function __construct(private SetOwnSecret $secrets)
    {
    }

    /** As badges are printed; anything else, such as digits of another script, belongs to nobody. */
    private const BADGE = '/^[\x21-\x7e]{1,20}$/D';

    private const FREE_TRIES = 5;

    private const LONGEST_DELAY_S = 3600;

    /** @param  string|null  $newPin  in the place of one that was handed out */
    public function __invoke(string $badge, string $pin, string $device, ?string $newPin = null): Person
    {
        $person = preg_match(self::BADGE, $badge) === 1 ? Person::query()->where('badge', $badge)->first() : null;
        $who = $person->id ?? self::nobody($badge);
        $this->book($who, $device);
        if (! Secret::Pin->fits($pin, $person?->credential?->pin_hash) || $person === null) {
            throw $this->wrong();
        }
        self::clear($who, $device);
        $this->replaceHandedOut($person, $newPin);

        return $person;
    }

    /** What was handed out is known to two; it opens nothing but the way to one that is known to its owner alone. */
    private function replaceHandedOut(Person $person, ?string $newPin): void
    {
        if ($person->credential?->pin_given !== true) {
            return;
        }
        if ($newPin === null) {
            throw new Refused(ProblemType::OwnSecret, 'This PIN was handed to you, and somebody else has seen it. Sign in at a bench with it, and choose one of your own there.', 422, ['field' => 'new_pin']);
        }
        $this->secrets->pin($person, $newPin);
    }

    /** Forgets the failed tries of a person: at one device after a right PIN, at all when a lead unlocks. */
    public static function clear(string $person, ?string $device = null): void
    {
        DB::table('pin_counters')->where('person', $person)
            ->when($device !== null, fn ($q) => $q->where('device', $device))->delete();
    }

    /** A badge of nobody is counted under an id that its letters make. */
    private static function nobody(string $badge): string
    {
        return vsprintf('%s-%s-%s-%s-%s', sscanf(hash('sha256', $badge), '%8s%4s%4s%4s%12s') ?? []);
    }

    /** @throws Refused while the delay runs */
    private function book(string $person, string $device): void
    {
        $now = now()->format('Y-m-d H:i:s.u');
        DB::table('pin_counters')->insertOrIgnore(['person' => $person, 'device' => $device, 'failures' => 0, 'next_try_at' => $now]);
        $booked = DB::affectingStatement(
            'UPDATE pin_counters SET failures = failures + 1, next_try_at = IF(failures < ?, ?, ? + INTERVAL LEAST(?, 30 * POW(2, LEAST(failures - ?, 12))) SECOND) WHERE person = ? AND device = ? AND next_try_at <= ?',
            [self::FREE_TRIES, $now, $now, self::LONGEST_DELAY_S, self::FREE_TRIES, $person, $device, $now],
        );
        if ($booked === 0) {
            throw new Refused(ProblemType::PinLocked, 'Too many wrong PINs here. Wait a while, or ask a lead to unlock you.', 429, ['field' => 'pin']);
        }
    }

    private function wrong(): Refused
    {
        return new Refused(ProblemType::WrongSignIn, 'Badge and PIN do not belong together. Try again.', 422, ['field' => 'pin']);
    }
}
