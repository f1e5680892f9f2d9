<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EnrolDevice;
use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Models\PersonRole;
use App\People\Models\Sitting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * Who a request is of and where it was made: the person of the session with their roles, the enrolled bench of the
 * cookie, the sitting of the session. One query, once for a request, whoever asks.
 */
final readonly class Presence
{
    private const PERSON = ['id', 'name', 'sign_in_name', 'badge', 'customer', 'shift', 'left_at'];

    private const DEVICE = ['id', 'name', 'enrolled_by', 'enrolled_at', 'revoked_at'];

    private const SITTING = ['id', 'person', 'device', 'begun_at', 'ended_at', 'closed_device_seq'];

    private function __construct(
        private string $key,
        public ?Person $person,
        public ?Device $device,
        public ?Sitting $sitting,
    ) {
    }

    public static function of(Request $request): self
    {
        $person = $request->hasSession() ? $request->session()->get(Auth::guard()->getName()) : null;
        $token = $request->cookie(BenchSession::cookieName());
        $asked = [is_string($person) ? $person : '', is_string($token) && $token !== '' ? EnrolDevice::hash($token) : '', BenchSession::sitting($request) ?? ''];
        // A sign-in or sign-out changes who it is in the middle of a request.
        $key = implode(' ', $asked);
        $known = $request->attributes->get(self::class);
        if (! $known instanceof self || $known->key !== $key) {
            $known = trim($key) === '' ? new self($key, null, null, null) : self::fetch($key, ...$asked);
            $request->attributes->set(self::class, $known);
        }

        return $known;
    }

    private static function fetch(string $key, string $person, string $token, string $sitting): self
    {
        $row = (array) DB::selectOne(self::query($person !== ''), [$person, $token, $sitting]);
        $who = self::filled(Person::class, 'p', self::PERSON, $row);
        $who?->setRelation('personRoles', new Collection(array_map(
            fn (string $role): PersonRole => (new PersonRole)->newFromBuilder(['person' => $person, 'role' => $role]),
            is_string($row['roles']) ? explode(',', $row['roles']) : [],
        )));

        return new self($key, $who, self::filled(Device::class, 'd', self::DEVICE, $row), self::filled(Sitting::class, 's', self::SITTING, $row));
    }

    private static function query(bool $withRoles): string
    {
        $columns = fn (string $table, array $columns): string => implode(', ', array_map(fn (string $column): string => "$table.$column AS {$table}_$column", $columns));

        return implode(' ', [
            'SELECT', implode(', ', [$columns('p', self::PERSON), $columns('d', self::DEVICE), $columns('s', self::SITTING)]),
            $withRoles ? ', (SELECT GROUP_CONCAT(role ORDER BY role) FROM person_roles WHERE person = p.id) AS roles' : ', NULL AS roles',
            'FROM (SELECT 1) AS request LEFT JOIN people AS p ON p.id = ? AND p.left_at IS NULL',
            'LEFT JOIN device_tokens AS t ON t.token_hash = ? LEFT JOIN devices AS d ON d.id = t.device AND d.revoked_at IS NULL',
            'LEFT JOIN sittings AS s ON s.id = ?',
        ]);
    }

    /**
     * @template T of Person|Device|Sitting
     *
     * @param  class-string<T>  $model
     * @param  list<string>  $columns
     * @param  array<string, mixed>  $row
     * @return T|null
     */
    private static function filled(string $model, string $table, array $columns, array $row): Person|Device|Sitting|null
    {
        if ($row["{$table}_id"] === null) {
            return null;
        }
        $attributes = [];
        foreach ($columns as $column) {
            $attributes[$column] = $row["{$table}_$column"];
        }

        return (new $model)->newFromBuilder($attributes);
    }
}
