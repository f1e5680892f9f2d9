<?php

declare(strict_types=1);

namespace App\People;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Contracts\HeldBy;
use App\People\Contracts\Holding;
use App\People\Models\Notice;
use App\People\Models\Person;
use App\People\Models\Skill;
use App\People\Queries\SkillBoard;
use App\Shared\Ids;
use Illuminate\Support\Facades\DB;

/** What somebody has been told and not read, and what only they can do. */
final readonly class OwnHands implements HeldBy
{
    public function __construct(private Recorder $recorder, private SkillBoard $board)
    {
    }

    public function holdings(Person $person): array
    {
        $unread = self::unread($person);
        $held = $unread === [] ? [] : [new Holding(count($unread) === 1 ? 'a bulletin unread' : count($unread).' bulletins unread', 'Whoever takes over reads them.', true)];

        return [...$held, ...array_map(fn (Skill $s): Holding => new Holding(
            sprintf('the only signature for %s on %s', $s->method->words(), $s->family), 'Nobody else may do it alone then; whoever takes over sees to it that somebody can.', true, '/people',
        ), $this->board->onlyOf($person))];
    }

    public function handOver(Person $person, Person $to, Person $by): void
    {
        foreach (self::unread($person) as $notice) {
            $this->recorder->append(new Draft(Ids::next(), 'notice_passed', 'notice/'.$notice, $by->id, data: ['from' => $person->id, 'to' => $to->id]));
        }
    }

    /** @return list<string> */
    private static function unread(Person $person): array
    {
        $open = DB::table('notice_receipts')->where('person', $person->id)->where('acknowledged_at', null)->pluck('notice');

        return array_values(Notice::query()->whereKey($open)->orderBy('sent_at')->pluck('id')->map(strval(...))->all());
    }
}
