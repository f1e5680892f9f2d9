<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

/** What a call asks for: a screen draws each in its own way. */
enum CallKind: string
{
    /** Which tool goes to the bench. */
    case Tool = 'tool';
    /** The wrench is set, or its setting read again. */
    case Set = 'set';
    /** Pull, and read what the tool shows. */
    case Read = 'read';
    /** Pull until it clicks; no value is kept. */
    case Click = 'click';
    /** A whole round was pulled, and the marks on the metal are counted. */
    case Count = 'count';
    /** Turn through an angle. */
    case Turn = 'turn';
    /** Tighten until the elongation is reached. */
    case Stretch = 'stretch';
    /** One holds while the other tightens. */
    case Hold = 'hold';
    /** A hand does it, and says so. */
    case Hand = 'hand';
    /** What is stamped on the fasteners is read before the first of them is tightened. */
    case Stamp = 'stamp';
    /** Something is looked at, measured or felt. */
    case Check = 'check';
    /** A time has to pass. */
    case Settle = 'settle';
    /** The same torque again: moved, or stood still. */
    case Verify = 'verify';
    /** Somebody else is wanted here, with badge and PIN. */
    case Person = 'person';
    /** Only the lead, or who stands in for them, can go on with it. */
    case Lead = 'lead';
    /** The shop has stopped what this run goes by, works with or has in: the metal is left as it stands. */
    case Halted = 'halted';
    /** Everything is done: each head is compared with its picture, and those that differ are touched. */
    case Look = 'look';
    /** Nothing is left but to sign. */
    case Finish = 'finish';
    case Finished = 'finished';
}
