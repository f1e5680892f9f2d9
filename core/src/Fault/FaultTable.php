<?php

declare(strict_types=1);

namespace Tekkal\Core\Fault;

use Tekkal\Core\Document\Controlled;
use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultExtent;
use Tekkal\Core\Document\FaultOverride;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Remedy;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;

/**
 * The fault table, as data: fault × controlled quantity × fastener kind → how far back, where, with a new fastener or not,
 * who decides. The first row that fits is the rule; the stage's redo scope says how far "redo" reaches. A procedure with
 * a cited source may put a rule of its own first. A fastener that may be used once only, or after a check, counts as one
 * that may be used freely until it has reached its loading stage: before that nothing of it is spent. Facts of the trade
 * (common practice, no source).
 */
final class FaultTable
{
    /** Raised whenever a cell changes: a run folded again must meet the rules it was carried out under. */
    public const VERSION = '3';

    /** Times the target from which on a result is far over, where nothing better is known (common practice, no source). */
    public const FAR_OVER = 2;

    private const ANY = '*';

    /** by fault: controlled, reuse, undo, reach, replace, decides, further words: go_on, tool_out, or a remedy */
    private const ROWS = [
        // Static friction exceeds dynamic: what stopped short is backed off and redone in one free motion. A stretch counts
        // from the free bolt: one that came out begins its whole sequence again.
        'short' => self::DONE_AGAIN,
        // Over: loosen and redo what may be used again, replace what may not.
        'over' => [
            ['hand', '*', 'stage', 'position', 'no', 'assembler'],
            ['*', 'never', 'beginning', 'redo', 'yes', 'lead'],
            ['stretch', 'if_check_passes', 'beginning', 'redo', 'if_check_fails', 'lead'],
            ['stretch', '*', 'beginning', 'redo', 'no', 'assembler'],
            ['angle', 'if_check_passes', 'reference', 'redo', 'if_check_fails', 'lead'],
            ['angle', '*', 'reference', 'redo', 'no', 'assembler'],
            ['*', 'if_check_passes', 'stage', 'redo', 'if_check_fails', 'lead'],
            ['*', '*', 'stage', 'redo', 'no', 'assembler'],
        ],
        // Several times the target, or past yield: the bolt is lost, and perhaps the thread.
        'far_over' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead', 'inspect'],
        ],
        'over_stretched' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead', 'measure_partner'],
        ],
        'gave_way' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead', 'repair'],
        ],
        'fastener_broke' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead', 'inspect'],
        ],
        // Chased by hand and started again; nothing was tightened.
        'will_not_start' => [
            ['*', '*', 'beginning', 'position', 'no', 'assembler', 'inspect'],
        ],
        // Nobody can prove it: it did not have it. A stretch can be measured again where it stands.
        'not_proved' => self::DONE_AGAIN,
        'tool_slipped' => self::DONE_AGAIN,
        'wrench_died' => self::DONE_AGAIN,
        // A click on a tighter fastener proves nothing.
        'pulled_aside' => [['hand', '*', 'stage', 'position', 'no', 'assembler'], ...self::DONE_AGAIN],
        'touched' => [
            ['stretch', '*', 'beginning', 'redo', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'nothing', 'position', 'no', 'assembler'],
            ...self::AGAIN,
        ],
        'wrong_setting' => self::WHOLE_ROUND,
        // Which of the round have had it, nobody can say: none has.
        'unsure_count' => self::WHOLE_ROUND,
        // Twice through an angle is far over; twice to a torque is a click on a tight fastener.
        'did_two' => [
            ['hand', '*', 'nothing', 'position', 'no', 'assembler'],
            ['stretch', '*', 'beginning', 'redo', 'no', 'assembler', 'go_on'],
            ['angle', 'never', 'beginning', 'redo', 'yes', 'lead'],
            ['angle', 'if_check_passes', 'reference', 'redo', 'if_check_fails', 'lead'],
            ['angle', '*', 'reference', 'redo', 'no', 'assembler'],
            ...self::TORQUE_AGAIN,
        ],
        'did_another' => self::NOT_HELD,
        // A click on a tight fastener proves a minimum only, after an angle nothing.
        'clicked_without_moving' => [
            ['stretch', '*', 'beginning', 'redo', 'no', 'assembler', 'go_on'],
            ['hand', '*', 'stage', 'position', 'no', 'assembler'],
            ...self::AGAIN,
        ],
        'partner_let_go' => self::NOT_HELD,
        // A shaft that turned takes every fastener of its part along; so does a part that comes off again.
        'part_moved' => self::WHOLE_PART,
        'wrong_way_round' => self::WHOLE_PART,
        // Nothing is covered up before it was found.
        'fell_in' => [
            ['*', '*', 'nothing', 'position', 'no', 'lead', 'inspect'],
        ],
        'check_failed' => [
            ['*', '*', 'nothing', 'position', 'no', 'assembler', 'inspect'],
        ],
        'check_reopened' => [
            ['*', '*', 'nothing', 'position', 'no', 'assembler'],
        ],
        // Turned back a little, or bent: it is looked at before anybody counts on it again.
        'took_reaction' => [
            ['*', '*', 'nothing', 'position', 'no', 'assembler', 'inspect'],
        ],
        'thread_used_up' => [
            ['*', '*', 'beginning', 'position', 'if_loaded', 'lead', 'repair'],
        ],
        // Good for the maker, not for the shop.
        'check_between' => [
            ['*', '*', 'nothing', 'position', 'no', 'lead'],
        ],
        'dropped_wrench' => [
            ['*', '*', 'nothing', 'position', 'no', 'assembler', 'tool_out'],
        ],
        'wrong_fastener' => [
            ['*', '*', 'beginning', 'redo', 'yes', 'lead'],
        ],
        // Another clamp load for all that share the condition.
        'wrong_lubricant' => [
            ['*', 'never', 'beginning', 'group', 'if_loaded', 'lead', 'clean'],
            ['*', 'if_check_passes', 'beginning', 'group', 'if_check_fails', 'lead', 'clean'],
            ['*', '*', 'beginning', 'group', 'no', 'lead', 'clean'],
        ],
        // Taken out, cleaned, coated afresh, started again.
        'time_passed' => [
            ['*', 'never', 'beginning', 'redo', 'if_loaded', 'lead', 'clean'],
            ['*', 'if_check_passes', 'beginning', 'redo', 'if_check_fails', 'assembler', 'clean'],
            ['*', '*', 'beginning', 'redo', 'no', 'assembler', 'clean'],
        ],
        'loosened' => [
            ['*', 'never', 'beginning', 'redo', 'if_loaded', 'assembler'],
            ['*', 'if_check_passes', 'loosening', 'redo', 'if_check_fails', 'assembler'],
            ['*', '*', 'loosening', 'redo', 'no', 'assembler'],
        ],
    ];

    private const TORQUE_AGAIN = [
        ['torque', 'never', 'stage', 'redo', 'if_loaded', 'lead'],
        ['torque', 'if_check_passes', 'stage', 'redo', 'if_check_fails', 'assembler'],
        ['torque', '*', 'stage', 'redo', 'no', 'assembler'],
    ];

    private const ANGLE_AGAIN = [
        ['angle', 'never', 'reference', 'redo', 'if_loaded', 'lead'],
        ['angle', 'if_check_passes', 'reference', 'redo', 'if_check_fails', 'assembler'],
        ['angle', '*', 'reference', 'redo', 'no', 'assembler'],
    ];

    private const AGAIN = [...self::ANGLE_AGAIN, ...self::TORQUE_AGAIN];

    private const DONE_AGAIN = [
        ['stretch', 'never', 'beginning', 'redo', 'if_loaded', 'lead', 'go_on'],
        ['stretch', 'if_check_passes', 'beginning', 'redo', 'if_check_fails', 'assembler', 'go_on'],
        ['stretch', '*', 'beginning', 'redo', 'no', 'assembler', 'go_on'],
        ['hand', '*', 'stage', 'position', 'no', 'assembler', 'go_on'],
        ...self::AGAIN,
    ];

    private const NOT_HELD = [
        ['hand', '*', 'stage', 'position', 'no', 'assembler'],
        ['stretch', 'never', 'beginning', 'redo', 'if_loaded', 'lead'],
        ['stretch', 'if_check_passes', 'beginning', 'redo', 'if_check_fails', 'assembler'],
        ['stretch', '*', 'beginning', 'redo', 'no', 'assembler'],
        ...self::ANGLE_AGAIN,
        ['*', 'never', 'stage', 'redo', 'if_loaded', 'lead'],
        ['*', 'if_check_passes', 'stage', 'redo', 'if_check_fails', 'assembler'],
        ['*', '*', 'stage', 'redo', 'no', 'assembler'],
    ];

    private const WHOLE_ROUND = [
        ['angle', 'never', 'reference', 'round', 'if_loaded', 'lead'],
        ['angle', 'if_check_passes', 'reference', 'round', 'if_check_fails', 'lead'],
        ['angle', '*', 'reference', 'round', 'no', 'lead'],
        ['stretch', 'never', 'beginning', 'round', 'if_loaded', 'lead'],
        ['stretch', 'if_check_passes', 'beginning', 'round', 'if_check_fails', 'lead'],
        ['stretch', '*', 'beginning', 'round', 'no', 'lead'],
        ['*', 'never', 'stage', 'round', 'if_loaded', 'lead'],
        ['*', 'if_check_passes', 'stage', 'round', 'if_check_fails', 'lead'],
        ['*', '*', 'stage', 'round', 'no', 'lead'],
    ];

    private const WHOLE_PART = [
        ['*', 'never', 'beginning', 'part', 'if_loaded', 'lead'],
        ['*', 'if_check_passes', 'beginning', 'part', 'if_check_fails', 'lead'],
        ['*', '*', 'beginning', 'part', 'no', 'lead'],
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
        $again = $rule->reach === FaultExtent::Round ? ', in the loosening order; one at a time where the joint must stay closed, else the rounds before it too' : '';
        $parts = [
            $rule->mayGoOn ? 'go on where it stands, or ' : '',
            match ($rule->undo) {
                ReworkStart::Nothing => $rule->asksFor(Remedy::Inspect) ? 'put right what was found and say what was done, before anything else' : 'undo nothing',
                ReworkStart::Stage => "loosen $where and do this round again$again",
                ReworkStart::Reference => "loosen $where and begin again from the torque that the angle is counted from$again",
                ReworkStart::Loosening => "loosen $where and begin again from the last loosening",
                ReworkStart::Beginning => "take out $where and begin again from the first round",
            },
            match ($rule->replace) {
                Replace::No => '',
                Replace::IfLoaded => ', with a new fastener wherever the loading round was begun',
                Replace::IfCheckFails => ', with a new fastener wherever the old one fails its check',
                Replace::Yes => ', with a new fastener where it went wrong and wherever else it is spent',
            },
            $rule->undo !== ReworkStart::Nothing && $rule->asksFor(Remedy::Inspect) ? ', after thread and hole were looked at' : '',
            $rule->asksFor(Remedy::Repair) ? ', after the thread was repaired and the repair accepted' : '',
            $rule->asksFor(Remedy::Clean) ? ', cleaned and coated afresh' : '',
            $rule->asksFor(Remedy::MeasurePartner) ? '; what shares the part is measured again' : '',
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
            FaultExtent::Group => $redo === Scope::Joint ? Scope::Joint : Scope::Group,
            FaultExtent::Round => null,
        };
    }

    /** @param  list<string>  $row */
    private static function read(array $row): FaultRule
    {
        $more = array_slice($row, 6);

        return new FaultRule(
            ReworkStart::from($row[2]), FaultExtent::from($row[3]), Replace::from($row[4]), DecisionAuthority::from($row[5]),
            in_array('go_on', $more, true), in_array('tool_out', $more, true), array_values(array_filter(Remedy::cases(), fn (Remedy $r): bool => in_array($r->value, $more, true))),
        );
    }
}
