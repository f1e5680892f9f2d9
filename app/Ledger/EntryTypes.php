<?php

declare(strict_types=1);

namespace App\Ledger;

use Tekkal\Core\Run\Event\EventTypes;

/** Every type of entry that this version writes or has ever written, with the kind of stream that it stands in. */
final class EntryTypes
{
    /** An event of a run, or one that fits none and waits under its tool or bench. */
    private const RUN = ['run', 'tool', 'device'];

    private const STREAMS = [
        'absence_cancelled' => ['person'], 'absence_entered' => ['person'],
        'badge_given' => ['person'],
        'build_called_off' => ['subject'], 'build_described' => ['subject'], 'build_finished' => ['subject'], 'build_opened' => ['subject'], 'build_reopened' => ['subject'], 'build_shipped' => ['subject'],
        'build_started' => ['subject'], 'build_picture_kept' => ['subject'], 'build_picture_removed' => ['subject'], 'serial_restamped' => ['subject'], 'serial_rules_set' => ['family'],
        'general_table_approved' => ['standard'], 'general_table_asked' => ['standard'], 'general_table_withdrawn' => ['standard'],
        'joints_rest_set' => ['family'], 'joints_carried_set' => ['family'], 'intake_entered' => ['subject'], 'subassembly_fitted' => ['subject'], 'subassembly_taken_off' => ['subject'],
        'joint_told' => ['subject'], 'joint_told_taken_back' => ['subject'], 'value_answered' => ['subject'], 'value_asked' => ['subject'],
        'hardware_chosen' => ['subject'], 'joint_done_on_paper' => ['subject'], 'paper_joint_taken_back' => ['subject'],
        'builds_rejudged' => ['revision'],
        'card_came_back' => ['card'], 'card_closed' => ['card'], 'card_compared' => ['card'], 'card_printed' => ['card'], 'card_scanned' => ['card'],
        'case_closed' => ['case'], 'case_decided' => ['case'], 'case_judged' => ['case'], 'case_opened' => ['case'], 'case_ready' => ['case'], 'case_reopened' => ['case'],
        'customer_added' => ['customer'], 'customer_renamed' => ['customer'],
        'deputy_ended' => ['person'], 'deputy_named' => ['person'],
        'device_enrolled' => ['device'], 'device_revoked' => ['device'],
        'family_extended' => ['family'],
        'first_step_put' => ['shop'],
        'gauge_studied' => ['tool'],
        'library_imported' => ['import'],
        'notice_acknowledged' => ['notice'], 'notice_passed' => ['notice'], 'notice_sent' => ['notice'],
        'observation_unreadable' => ['device'],
        'permit_approved' => ['permit'], 'permit_asked' => ['permit'], 'permit_closed' => ['permit'],
        'own_secret_set' => ['person'], 'password_link_made' => ['person'], 'person_added' => ['person'], 'person_came_back' => ['person'], 'person_left' => ['person'], 'person_renamed' => ['person'],
        'pin_given' => ['person'], 'pin_unlocked' => ['person'], 'role_given' => ['person'], 'role_taken' => ['person'], 'signed_in' => ['person'], 'signed_out' => ['person'],
        'procedure_added' => ['procedure'],
        'procedure_given' => ['subject'], 'procedure_handed' => ['subject'], 'procedure_moved' => ['subject'], 'procedure_taken_back' => ['subject'],
        'record_restored' => ['instance'],
        'revision_approved' => ['revision'], 'revision_drafted' => ['revision'], 'revision_returned' => ['revision'], 'revision_submitted' => ['revision'], 'revision_withdrawn' => ['revision'],
        'shift_given' => ['person'], 'shift_handed_over' => ['device'], 'shifts_set' => ['shop'], 'shop_set' => ['shop'], 'skills_decide_set' => ['shop'],
        'skill_ended' => ['person'], 'skill_signed' => ['person'],
        'sitting_begun' => ['device'], 'sitting_ended' => ['device'], 'sitting_resumed' => ['device'],
        'stop_kept' => ['stop'], 'stop_lift_asked' => ['stop'], 'stop_lifted' => ['stop'], 'stop_seen' => ['stop'], 'work_stopped' => ['stop'],
        'source_kept' => ['source'], 'source_paper_kept' => ['source'], 'picture_kept' => ['picture'],
        'risk_rules_approved' => ['standard'], 'risk_rules_asked' => ['standard'],
        'standard_approved' => ['standard'], 'standard_asked' => ['standard'],
        'text_erased' => ['run', 'tool', 'device', 'person', 'customer'],
        'lot_closed' => ['lot'], 'lot_counted' => ['lot'], 'lot_received' => ['lot'],
        'reference_doubted' => ['reference'], 'reference_kept' => ['reference'],
        'tool_calibrated' => ['tool'], 'tool_came_back' => ['tool'], 'tool_chained' => ['tool'], 'tool_changed' => ['tool'], 'tool_checked' => ['tool'], 'tool_interval_set' => ['tool'],
        'tool_lent' => ['tool'], 'tool_paper_kept' => ['tool'], 'tool_registered' => ['tool'], 'tool_retired' => ['tool'], 'tool_returned' => ['tool'], 'tool_sent' => ['tool'],
        'tool_rules_set' => ['toolrules'],
    ];

    public static function isKnown(string $type): bool
    {
        return isset(self::STREAMS[$type]) || isset(EventTypes::all()[$type]);
    }

    public static function belongsIn(string $type, string $stream): bool
    {
        return in_array(strstr($stream, '/', true), self::STREAMS[$type] ?? (isset(EventTypes::all()[$type]) ? self::RUN : []), true);
    }
}
