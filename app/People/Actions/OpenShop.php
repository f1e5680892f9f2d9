<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Queries\Names;
use App\People\Role;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/**
 * A shop begins: whoever reads the code off the machine's own terminal names it and becomes its first lead. The code is good
 * once, and only while nobody is on record; each start before that prints another.
 */
final readonly class OpenShop
{
    /** Without those that look or sound alike. */
    private const LETTERS = '2346789ACDEFHJKMNPQRTUVWXY';

    private const GROUPS = 3;

    private const IN_A_GROUP = 4;

    public function __construct(private Recorder $recorder, private KeepPerson $people, private SetOwnSecret $secrets, private SetShop $set)
    {
    }

    /** Is there nobody yet who could let anybody in? */
    public static function isWanted(): bool
    {
        return ! DB::table('people')->exists();
    }

    /** @return string a new code, in the place of any before it */
    public function newCode(): string
    {
        $code = implode('-', array_map(fn (): string => implode('', array_map(fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, self::IN_A_GROUP))), range(1, self::GROUPS)));
        DB::transaction(function () use ($code): void {
            DB::table('first_use_codes')->where('used_at', null)->delete();
            DB::table('first_use_codes')->insert(['code_hash' => self::hash($code), 'made_at' => now()->format('Y-m-d H:i:s.u')]);
        });

        return $code;
    }

    /**
     * @param  array{name: string, time_zone: string, torque_unit: string, length_unit: string}  $shop
     * @param  array{name: string, sign_in_name: string}  $lead
     */
    public function __invoke(string $code, array $shop, array $lead, string $password): Person
    {
        $this->check($code);

        return $this->recorder->transaction(function () use ($code, $shop, $lead, $password): Person {
            // Two at once wait here: the second finds the code used and somebody on record.
            $this->recorder->lock(Names::REGISTER);
            if (! self::isWanted()) {
                throw self::opened();
            }
            $used = DB::table('first_use_codes')->where('code_hash', self::hash($code))->where('used_at', null)->update(['used_at' => now()->format('Y-m-d H:i:s.u')]);
            if ($used === 0) {
                throw self::opened();
            }
            // By nobody: it is the first word of this record, and its author is whom it names.
            $person = $this->people->add(['name' => $lead['name'], 'sign_in_name' => strtolower($lead['sign_in_name']), 'badge' => null], [Role::Lead], null, null);
            $this->secrets->password($person, $password);
            $this->set->shop($shop, $person);

            return $person;
        });
    }

    /** @throws Refused unless it is the code that the terminal shows */
    public function check(string $code): void
    {
        if (! self::isWanted()) {
            throw self::opened();
        }
        $who = 'first-use|'.request()->ip();
        CountTries::book($who, '');
        if (! DB::table('first_use_codes')->where('code_hash', self::hash($code))->where('used_at', null)->exists()) {
            throw Refused::field('code', 'That is not the code. It stands where bin/tekkal start --shop ended; each start prints a new one.');
        }
        CountTries::forget($who);
    }

    private static function opened(): Refused
    {
        return new Refused(ProblemType::NotAllowed, 'This shop has been opened already, and its code is used up. Sign in, or ask its lead to add you.', 403, ['field' => 'code']);
    }

    /** However it was typed: small, without hyphens, with blanks. */
    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^0-9A-Z]/', '', strtoupper($code)));
    }
}
