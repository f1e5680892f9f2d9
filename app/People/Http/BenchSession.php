<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Device;
use App\People\Models\Sitting;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\Request;

/** What a request brings of its bench: the enrolled device by its cookie, the sitting by the session. */
final class BenchSession
{
    public const COOKIE = 'tekkal_bench';

    /** Attribute of a request whose bench was idle for too long. */
    public const LOCKED = 'bench.locked';

    public static function cookieName(): string
    {
        return self::COOKIE.'_'.config('shop.instance');
    }

    public static function device(Request $request): ?Device
    {
        return Presence::of($request)->device;
    }

    /** @throws Refused when this browser is not, or no longer, an enrolled bench */
    public static function requireDevice(Request $request): Device
    {
        return self::device($request)
            ?? throw new Refused(ProblemType::NotEnrolled, 'This browser is not enrolled as a bench. A lead enrols it under People; what it holds is kept.', 403);
    }

    /**
     * The sitting that this request is part of: still going on, and of the very bench whose cookie came along.
     *
     * @throws Refused when it is not
     */
    public static function requireSitting(Request $request): Sitting
    {
        $sitting = Presence::of($request)->sitting;
        if ($sitting === null || $sitting->ended_at !== null) {
            throw new Refused(ProblemType::NoSitting, 'Somebody else has signed in at this bench since, or it was signed out. Sign in to go on; what it holds is kept.', 401);
        }
        $device = $request->attributes->get('device') ?? self::requireDevice($request);
        if ($sitting->device !== $device->id) {
            throw new Refused(ProblemType::NoSitting, 'This was begun at another bench and is not good at this one. Sign in here.', 403);
        }

        return $sitting;
    }

    public static function sitting(Request $request): ?string
    {
        $sitting = $request->hasSession() ? $request->session()->get('sitting') : null;

        return is_string($sitting) ? $sitting : null;
    }
}
