<?php

declare(strict_types=1);

namespace App\Bench;

use App\Shared\ProblemType;
use App\Shared\Refused;
use DateTimeImmutable;
use Tekkal\Core\CoreException;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\FieldKind;
use Tekkal\Core\Run\Event\NewerType;

/** Reads what a bench sent as an observation, or says which field of it cannot be stored truthfully. What each may hold is the core's. */
final readonly class ObservationReader
{
    public const UNREADABLE = 'observation_unreadable';

    private const STAMP = ['id', 'sitting', 'device_seq', 'base_seq', 'device_time', 'mono_ms', 'clock'];

    private const MOST_BYTES = 65_536;

    private const ID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[1-7][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/D';

    /** @throws Refused when the bytes cannot be read as an observation; it could not be stored truthfully */
    public static function read(mixed $sent, int $index): Observation
    {
        try {
            return self::observation(is_array($sent) ? $sent : throw new Unreadable('it is no object.'));
        } catch (NewerType $e) {
            throw new Refused(ProblemType::NewerType, sprintf('Observation %d is of a kind that is not known here yet: %s The bench keeps it until Tekkal was upgraded.', $index + 1, $e->getMessage()), 422, ['index' => $index, 'field' => 'type', 'value' => $e->value]);
        } catch (CoreException|Unreadable $e) {
            throw new Refused(ProblemType::Unreadable, sprintf('Observation %d could not be read: %s The bench keeps it.', $index + 1, $e->getMessage()), 422, ['index' => $index, 'reason' => mb_substr($e->getMessage(), 0, 200)] + ($e instanceof CoreException ? ['field' => $e->what, 'value' => mb_substr($e->value, 0, 80), 'limit' => $e->limit] : []));
        }
    }

    /** @throws CoreException when it is no time of this century */
    public static function time(mixed $text): DateTimeImmutable
    {
        return (new Body(['sent_at' => $text]))->time('sent_at');
    }

    /** @param  array<mixed>  $sent */
    private static function observation(array $sent): Observation
    {
        $body = new Body($sent);
        $beside = array_diff_key($sent, ['text' => 0, 'bytes' => 0]);
        $unread = $body->text('type', 60) === self::UNREADABLE ? self::unread($body) : null;
        self::stamp($body);
        $unread === null ? self::content($beside) : $body->holdsOnly('type', 'v', ...self::STAMP, ...['hash', 'told', 'bytes']);

        /** @var array<string, mixed> $beside */
        return new Observation(
            self::id($body, 'id'), self::id($body, 'sitting'), $body->count('device_seq', 1), $beside + ['v' => 1],
            Observation::sentHash($beside + ['v' => 1]),
            $body->optionalText('text', 2000), $unread,
        );
    }

    private static function stamp(Body $body): void
    {
        $body->count('device_seq', 1);
        $body->count('base_seq');
        $body->count('mono_ms');
        $body->time('device_time');
        $body->key('clock');
    }

    /** @param  array<mixed>  $sent */
    private static function content(array $sent): void
    {
        foreach (Observation::SERVER_KEYS as $key) {
            if (array_key_exists($key, $sent)) {
                throw new Unreadable(sprintf('"%s" is said by the server.', $key));
            }
        }
        $event = EventTypes::read($sent + ['person' => 'unknown', 'taken_at' => '2000-01-01T00:00:00Z']);
        if ($event::declaration()->isCommand) {
            throw new Unreadable(sprintf('"%s" is a command, and has an address of its own.', $event->type()));
        }
        $body = new Body($sent);
        self::id($body, 'run');
        self::id($body, 'subject');
        foreach ($event::declaration()->fields as $field) {
            if ($field->kind === FieldKind::Id && $body->has($field->key)) {
                self::id($body, $field->key);
            }
        }
    }

    private static function id(Body $body, string $key): string
    {
        $value = $body->key($key);

        return preg_match(self::ID, $value) === 1 ? $value : throw new Unreadable(sprintf('"%s" is no id.', $key));
    }

    private static function unread(Body $body): Unread
    {
        $hash = $body->key('hash');
        $bytes = $body->optionalText('bytes', self::MOST_BYTES);
        if (preg_match('/^[0-9a-f]{64}$/D', $hash) !== 1) {
            throw new Unreadable('its "hash" is no hash.');
        }
        if ($bytes !== null && hash('sha256', $bytes) !== $hash) {
            throw new Unreadable('its "bytes" do not give its "hash".');
        }

        return new Unread($hash, $bytes, $body->text('told', 800));
    }
}
