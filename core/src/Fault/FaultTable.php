<?php

declare(strict_types=1);

namespace Tekkal\Core\Fault;

use Tekkal\Core\Document\Controlled;
use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultExtent;
use Tekkal\Core\Document\FaultOverride;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;

/**
 * The fault table, as data: fault × controlled quantity × fastener kind → how far back, where, with a new fastener or not,
 * who decides. The first row that fits is the rule; the stage's redo scope says how far "redo" reaches. A procedure with
 * a cited source may put a rule of its own first. Facts of the trade (common practice, no source).
 */
final class FaultTable
{
    /** Raised whenever a cell changes: a run folded again must meet the rules it was carried out under. */
    public const VERSION = '1';

    private const ANY = '*';

    /** by fault: controlled, reuse, undo, reach, replace, decides, further words: go_on, tool_out, repair */
    private const ROWS = [
        // Static friction exceeds dynamic: what stopped short is backed off and redone in one free motion.
        'short' => [
            ['stretch', 'never', 'stage', 'redo', 'if_loaded', 'lead', 'go_on'],
            ['stretch', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler', 'go_on'],
            ['stretch', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['angle', 'never', 'reference', 'redo', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['torque', 'never', 'stage', 'redo', 'if_loaded', 'lead'],
            ['torque', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['torque', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        // Over: loosen and redo what may be used again, replace what may not.
        'over' => [
            ['hand', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['hand', '*', 'stage', 'position', 'no', 'assembler'],
            ['*', 'never', 'beginning', 'redo', 'yes', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'lead'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['*', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'lead'],
            ['*', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        'over_stretched' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead'],
        ],
        'gave_way' => [
            ['*', '*', 'beginning', 'position', 'yes', 'lead', 'repair'],
        ],
        // Nobody can prove it: it did not have it. A stretch can be measured again where it stands.
        'not_proved' => [
            ['stretch', 'never', 'stage', 'position', 'if_loaded', 'lead', 'go_on'],
            ['stretch', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['angle', 'never', 'reference', 'position', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['torque', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['torque', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['torque', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        'touched' => [
            ['stretch', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'nothing', 'position', 'no', 'assembler'],
            ['angle', 'never', 'reference', 'position', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['torque', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['torque', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['torque', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        'wrong_setting' => [
            ['angle', 'never', 'reference', 'round', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'round', 'if_check_fails', 'lead'],
            ['angle', '*', 'reference', 'round', 'no', 'lead'],
            ['*', 'never', 'stage', 'round', 'if_loaded', 'lead'],
            ['*', 'if_check_passes', 'stage', 'round', 'if_check_fails', 'lead'],
            ['*', '*', 'stage', 'round', 'no', 'lead'],
        ],
        // Twice through an angle is far over; twice to a torque is a click on a tight fastener.
        'did_two' => [
            ['hand', '*', 'nothing', 'position', 'no', 'assembler'],
            ['stretch', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['angle', 'never', 'beginning', 'redo', 'yes', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'lead'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['torque', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['torque', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['torque', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        'did_another' => [
            ['hand', '*', 'nothing', 'position', 'no', 'assembler'],
            ['angle', 'never', 'reference', 'position', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['*', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['*', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['*', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        // A click on a tight fastener proves a minimum only, after an angle nothing.
        'clicked_without_moving' => [
            ['stretch', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'stage', 'position', 'no', 'assembler'],
            ['angle', 'never', 'reference', 'position', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['torque', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['torque', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['torque', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        'partner_let_go' => [
            ['hand', '*', 'stage', 'position', 'no', 'assembler'],
            ['angle', 'never', 'reference', 'position', 'if_loaded', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'position', 'if_check_fails', 'assembler'],
            ['angle', '*', 'reference', 'position', 'no', 'assembler'],
            ['*', 'never', 'stage', 'position', 'if_loaded', 'lead'],
            ['*', 'if_check_passes', 'stage', 'position', 'if_check_fails', 'assembler'],
            ['*', '*', 'stage', 'position', 'no', 'assembler'],
        ],
        // A shaft that turned takes every fastener of its part along.
        'part_moved' => [
            ['*', 'never', 'beginning', 'part', 'if_loaded', 'lead'],
            ['*', 'if_check_passes', 'beginning', 'part', 'if_check_fails', 'lead'],
            ['*', '*', 'beginning', 'part', 'no', 'lead'],
        ],
        'dropped_wrench' => [
            ['*', '*', 'nothing', 'position', 'no', 'assembler', 'tool_out'],
        ],
        'wrong_fastener' => [
            ['*', '*', 'beginning', 'position', 'yes', 'lead'],
        ],
        // Taken out, cleaned, started again.
        'time_passed' => [
            ['*', 'never', 'beginning', 'position', 'if_loaded', 'lead'],
            ['*', 'if_check_passes', 'beginning', 'position', 'if_check_fails', 'assembler'],
            ['*', '*', 'beginning', 'position', 'no', 'assembler'],
        ],
        'loosened' => [
            ['*', 'never', 'beginning', 'position', 'if_loaded', 'assembler'],
            ['*', 'if_check_passes', 'loosening', 'position', 'if_check_fails', 'assembler'],
            ['*', '*', 'loosening', 'position', 'no', 'assembler'],
        ],
    ];

    /** @param  list<FaultOverride>  $overrides */
    public static function rule(Fault $fault, Controlled $controlled, Reuse $reuse, Scope $redo, array $overrides = []): FaultRule
    {
        foreach ($overrides as $override) {
            if ($override->covers($fault, $controlled, $reuse, $redo)) {
                return $override->rule;
            }
        }
        foreach (self::ROWS[$fault->value] as $row) {
            if (in_array($row[0], [self::ANY, $controlled->value], true) && in_array($row[1], [self::ANY, $reuse->value], true)) {
                return self::read($row);
            }
        }

        // A fault without a row: nothing is known to be good, so everything is done again and the lead decides.
        return new FaultRule(ReworkStart::Beginning, FaultExtent::Redo, Replace::IfLoaded, DecisionAuthority::Lead);
    }

    /** The outcome in words, for a screen and for a test: "Loosen this position and do this round again; …". */
    public static function sentence(FaultRule $rule, Scope $redo): string
    {
        $where = self::scope($rule->reach, $redo)?->words() ?? 'everything done in this round';
        $parts = [
            $rule->mayGoOn ? 'go on where it stands, or ' : '',
            match ($rule->undo) {
                ReworkStart::Nothing => 'undo nothing',
                ReworkStart::Stage => "loosen $where and do this round again",
                ReworkStart::Reference => "loosen $where and begin again from the torque that the angle is counted from",
                ReworkStart::Loosening => "loosen $where and begin again from the last loosening",
                ReworkStart::Beginning => "take out $where and begin again from the first round",
            },
            match ($rule->replace) {
                Replace::No => '',
                Replace::IfLoaded => ', with a new fastener wherever the loading round was begun',
                Replace::IfCheckFails => ', with a new fastener wherever the old one fails its check',
                Replace::Yes => ', with a new fastener each',
            },
            $rule->repair ? ', after the thread was repaired and the repair accepted' : '',
            $rule->toolOut ? '; the tool is out of use until it was calibrated' : '',
            $rule->decides === DecisionAuthority::Lead ? '; the lead decides' : '; the assembler decides',
        ];

        return ucfirst(implode('', $parts)).'.';
    }

    /** How far a rule reaches once the stage has said how far one redo does; null: everything done in the round. */
    public static function scope(FaultExtent $reach, Scope $redo): ?Scope
    {
        return match ($reach) {
            FaultExtent::Position => Scope::Position,
            FaultExtent::Redo => $redo,
            FaultExtent::Part => $redo === Scope::Joint ? Scope::Joint : Scope::Part,
            FaultExtent::Round => null,
        };
    }

    /** @param  list<string>  $row */
    private static function read(array $row): FaultRule
    {
        $more = array_slice($row, 6);

        return new FaultRule(
            ReworkStart::from($row[2]), FaultExtent::from($row[3]), Replace::from($row[4]), DecisionAuthority::from($row[5]),
            in_array('go_on', $more, true), in_array('tool_out', $more, true), in_array('repair', $more, true),
        );
    }
}
