<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Credential;
use App\People\Models\Person;
use App\People\Secret;
use App\Shared\Ids;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/**
 * The way to a secret of one's own. A lead hands out a PIN that is good for one sign-in, or a link that is good once: what
 * stands in their place afterwards is known to its owner alone.
 */
final readonly class GiveSecret
{
    public const LINK_HOURS = 72;

    private const LINK_LETTERS = 48;

    public function __construct(private Recorder $recorder, private SendNotice $notice)
    {
    }

    /** @return string six digits, said here once; the first sign-in at a bench asks for others in their place */
    public function pin(Person $person, Person $lead): string
    {
        if ($person->badge === null) {
            throw Refused::field('person', $person->displayName().' has no badge, and a PIN is of no use without one.');
        }
        $pin = Secret::drawnPin($person->badge);
        $this->recorder->transaction(function () use ($person, $lead, $pin): void {
            $this->recorder->append(new Draft(Ids::next(), 'pin_given', 'person/'.$person->id, $lead->id));
            $this->tell($person, $lead, 'PIN', $person->credential?->pin_hash);
            Credential::query()->updateOrCreate(['person' => $person->id], ['pin_hash' => Hash::make($pin), 'pin_given' => true]);
            CheckPin::clear($person->id);
        });

        return $pin;
    }

    /**
     * Whoever has the link sets the password, so earlier ones of the same person are good no longer.
     *
     * @return array{token: string, until: CarbonImmutable}
     */
    public function link(Person $person, Person $by): array
    {
        if ($person->sign_in_name === null) {
            throw Refused::field('person', $person->displayName().' has no sign-in name, and a password is of no use without one.');
        }
        $token = Str::random(self::LINK_LETTERS);
        $until = now()->addHours(self::LINK_HOURS)->toImmutable();
        $this->recorder->transaction(function () use ($person, $by, $token, $until): void {
            DB::table('secret_links')->where('person', $person->id)->delete();
            DB::table('secret_links')->insert(['token_hash' => self::hash($token), 'person' => $person->id, 'until' => $until->format('Y-m-d H:i:s.u')]);
            $this->tell($person, $by, 'password link', $person->credential?->password_hash);
            $this->recorder->append(new Draft(Ids::next(), 'password_link_made', 'person/'.$person->id, $by->id, data: ['until' => $until->format('Y-m-d\TH:i:s\Z')]));
        });

        return ['token' => $token, 'until' => $until];
    }

    /** Whoever had a secret is told that somebody made a way past it: with that one could sign in their name. */
    private function tell(Person $person, Person $by, string $what, ?string $before): void
    {
        if ($before !== null && $by->id !== $person->id) {
            ($this->notice)(sprintf('%s made a new %s for you', $by->displayName(), $what), 'If you did not ask for it, tell an approver: whoever has it could sign in your name.', '', [$person->id], $by->id);
        }
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
