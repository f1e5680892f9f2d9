<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Why an authentic observation moved nothing in its run. It is kept and shown to the lead until disposed of. */
enum SetAsideReason: string
{
    case RunUnknown = 'run_unknown';
    case RunNotBegun = 'run_not_begun';
    case RunAlreadyBegun = 'run_already_begun';
    case RunClosed = 'run_closed';
    case OtherDeviceHolds = 'other_device_holds';
    case WrongBuild = 'wrong_build';
    case StepUnknown = 'step_unknown';
    case StepAlreadyDone = 'step_already_done';
    case StepNotNeeded = 'step_not_needed';
    case NotBackedOff = 'not_backed_off';
    case EarlierRoundMissing = 'earlier_round_missing';
    case WaitsForOther = 'waits_for_other';
    case PartnerMissing = 'partner_missing';
    case StepsMissing = 'steps_missing';
    case WrongQuantity = 'wrong_quantity';
    case WrongAnswer = 'wrong_answer';
    /** No longer given: a stretch that cannot be counted is not proved. Kept for what was recorded. */
    case FreeLengthMissing = 'free_length_missing';
    case NotZeroed = 'not_zeroed';
    case ValueMissing = 'value_missing';
    case NothingToBackOff = 'nothing_to_back_off';
    case NothingToWithdraw = 'nothing_to_withdraw';
    case NothingToDispose = 'nothing_to_dispose';
    case NothingPutOff = 'nothing_put_off';
    case OwnWork = 'own_work';
    case PlaceUnknown = 'place_unknown';
    case FastenerNotFree = 'fastener_not_free';
    case NothingToAccept = 'nothing_to_accept';
    case NothingToInspect = 'nothing_to_inspect';
    case AidNotAsWanted = 'aid_not_as_wanted';
    case ShaftHeld = 'shaft_held';
    case MarkMissing = 'mark_missing';
    case CardOpen = 'card_open';
    case NothingToCompare = 'nothing_to_compare';
    case AlreadyCounted = 'already_counted';
    case Unreadable = 'unreadable';

    /** Was the fastener turned all the same? Then it has more than the run knows of. */
    public function leavesMetalTurned(): bool
    {
        return match ($this) {
            self::StepAlreadyDone, self::NotBackedOff, self::EarlierRoundMissing, self::WaitsForOther, self::PartnerMissing, self::AidNotAsWanted, self::OtherDeviceHolds, self::RunClosed => true,
            default => false,
        };
    }

    public function sentence(): string
    {
        return match ($this) {
            self::RunUnknown => 'No run of that name is known.',
            self::RunNotBegun => 'The run had not been begun.',
            self::RunAlreadyBegun => 'The run had already been begun.',
            self::RunClosed => 'The run was closed before this arrived.',
            self::OtherDeviceHolds => 'Another device had taken the run over.',
            self::WrongBuild => 'It names another build than its run.',
            self::StepUnknown => 'The plan has no such step.',
            self::StepAlreadyDone => 'The step was already done.',
            self::StepNotNeeded => 'Nothing had moved in the pass before, so this repeat was not needed.',
            self::NotBackedOff => 'A step had stopped and its fastener had not been backed off.',
            self::EarlierRoundMissing => 'An earlier round was still missing at this position.',
            self::WaitsForOther => 'A round or check that this one waits for was not complete.',
            self::PartnerMissing => 'This needs a second person, and nobody had joined.',
            self::StepsMissing => 'Steps were still missing.',
            self::WrongQuantity => 'Its unit measures something else than the step controls.',
            self::WrongAnswer => 'The step asks for another kind of answer.',
            self::FreeLengthMissing => 'The free length of this fastener had not been measured since it was last out.',
            self::NotZeroed => 'The comparator had not been zeroed on this fastener since it was last out.',
            self::ValueMissing => 'The procedure gives no value to judge it by.',
            self::NothingToBackOff => 'There was nothing to back off at this step.',
            self::NothingToWithdraw => 'There was no reading that could be withdrawn.',
            self::NothingToDispose => 'Nothing there waited for a decision.',
            self::CardOpen => 'Another card was being typed in.',
            self::NothingToCompare => 'Nothing that stands was copied from a card and still has to be compared.',
            self::NothingPutOff => 'Nothing there had been put off.',
            self::OwnWork => 'Nobody disposes of what they tightened themselves.',
            self::PlaceUnknown => 'The plan has no such position, part or group.',
            self::FastenerNotFree => 'The fastener was not free: a zero and a free length are taken on a loose one.',
            self::NothingToInspect => 'Nothing there waits to be looked at.',
            self::NothingToAccept => 'No repair that waits to be accepted was recorded there.',
            self::AidNotAsWanted => 'An aid that belongs in before this step was not in, or one that comes out before it was.',
            self::ShaftHeld => 'Something kept the shaft from being turned.',
            self::MarkMissing => 'The round that the stroke stands for was not done there, or the stroke that it crosses was not made.',
            self::AlreadyCounted => 'It had been counted before.',
            self::Unreadable => 'What the bench sent could not be read; its bytes are kept.',
        };
    }
}
