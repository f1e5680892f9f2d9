<?php

declare(strict_types=1);

namespace App\Shared;

/**
 * What kinds of problem the API answers with. A value never changes its meaning: screens and other programs decide by
 * it. nginx answers some of them by itself, see etc/problems.
 */
enum ProblemType: string
{
    case AlreadyDisposed = 'already-disposed';
    case BadDocument = 'bad-document';
    case BadValue = 'bad-value';
    case BuildClosed = 'build-closed';
    case BuildOpen = 'build-open';
    case DeviceSeq = 'device-seq';
    case DraftChanged = 'draft-changed';
    case EarlierBuild = 'earlier-build';
    case Fault = 'fault';
    case IdTaken = 'id-taken';
    case JointsOpen = 'joints-open';
    case Locked = 'locked';
    case NotAllowed = 'not-allowed';
    case NotDone = 'not-done';
    case NotEnrolled = 'not-enrolled';
    case NotFinished = 'not-finished';
    case NotFound = 'not-found';
    case NotRunning = 'not-running';
    case NotWithdrawn = 'not-withdrawn';
    case NewerType = 'newer-type';
    case NoSitting = 'no-sitting';
    case OtherRefusal = 'other-refusal';
    case OwnSecret = 'own-secret';
    case PinLocked = 'pin-locked';
    case RunBegun = 'run-begun';
    case RunClosed = 'run-closed';
    case RunHeld = 'run-held';
    case SignedOut = 'signed-out';
    case StalePage = 'stale-page';
    case StillHeld = 'still-held';
    case Stopped = 'stopped';
    case Storage = 'storage';
    case TakenBack = 'taken-back';
    case TooLarge = 'too-large';
    case TooOften = 'too-often';
    case Unreadable = 'unreadable';
    case WrongMethod = 'wrong-method';
    case WrongSignIn = 'wrong-sign-in';

    private const AT_A_BENCH = ['locked' => 'The bench is locked', 'not-enrolled' => 'Not an enrolled bench', 'no-sitting' => 'Nobody sits at this bench'];

    /** The stable name, as a URI (RFC 9457). */
    public function uri(): string
    {
        return 'tekkal:'.$this->value;
    }

    /** The same for every problem of the type. */
    public function title(): string
    {
        return match ($this) {
            self::AlreadyDisposed => 'Already disposed of',
            self::BadDocument => 'The document is no revision',
            self::BadValue => 'A value cannot be taken',
            self::BuildClosed => 'The build is closed',
            self::BuildOpen => 'The build is still open',
            self::DeviceSeq => 'A gap in the device\'s count',
            self::DraftChanged => 'The draft was changed elsewhere',
            self::EarlierBuild => 'The serial was here before',
            self::Fault => 'A fault on the server',
            self::IdTaken => 'The id stands for something else',
            self::JointsOpen => 'Joints are not done',
            self::NotAllowed => 'Not allowed',
            self::NotDone => 'Steps are not done',
            self::NotFinished => 'The build is not finished',
            self::NotFound => 'Not found',
            self::NotRunning => 'The application does not answer',
            self::NotWithdrawn => 'The reading cannot be withdrawn',
            self::NewerType => 'Of a kind that is not known here yet',
            self::OtherRefusal => 'The request could not be carried out',
            self::PinLocked => 'The PIN is locked for a while',
            self::RunBegun => 'The work has been begun',
            self::RunClosed => 'The run is finished',
            self::RunHeld, self::StillHeld => 'It is in somebody\'s hands',
            self::SignedOut => 'Signed out',
            self::StalePage => 'The page is too old',
            self::Stopped => 'The shop has stopped it',
            self::Storage => 'Nothing was stored',
            self::TakenBack => 'The job was taken back',
            self::TooLarge => 'Too large',
            self::TooOften => 'Too many tries',
            self::Unreadable => 'What was sent cannot be read',
            self::WrongMethod => 'Not to be used in that way',
            self::OwnSecret, self::WrongSignIn => 'Not signed in',
            self::Locked, self::NotEnrolled, self::NoSitting => self::AT_A_BENCH[$this->value],
        };
    }
}
