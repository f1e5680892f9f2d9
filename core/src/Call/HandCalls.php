<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Run\Mark;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\RunFold;

/** What is done beside the pulling: something goes in, comes off, is marked or renewed, and somebody says so. */
final readonly class HandCalls
{
    private const LOT = 'Its lot';

    private const DID_IT = 'I did this and looked at every mark.';

    public function __construct(private RunFold $run)
    {
    }

    public function call(NextAction $way): Call
    {
        return match ($way->do) {
            'partner' => $this->person($this->holds($way), 'join', 'A second person joins'),
            'supervisor' => $this->person($way, 'supervise', 'Your supervisor signs in'),
            'supervisor_signs' => $this->person(new NextAction($way->do, $way->at, sprintf('“%s”', self::supervisorMeans($this->run))), 'sign_supervised', 'Your supervisor signs'),
            'second_look' => $this->person($way, 'look', 'Somebody else looks at it', ['stage' => $way->at])->with(['heads' => $this->lookedAt($way->at)]),
            'final_look' => $this->finalLook(),
            'finish' => (new Call(CallKind::Finish, 'Sign it', ['Your PIN puts your name to that sentence.'], answers: [Answer::command('Enter', 'Sign', 'finish')]))->with(['meaning' => self::meaning($this->run)]),
            'compare' => (new Call(CallKind::Lead, 'Somebody else compares it', [$way->sentence, 'They do it at the desk, under Job cards; then it can be signed here.']))->with(['act' => 'compare']),
            'decide' => $this->forTheLead($way, 'decide', 'The lead is here'),
            'accept_repair' => $this->forTheLead($way, 'accept_repair', 'The lead accepts it here'),
            'begin' => new Call(CallKind::Lead, 'The lead decides', [$way->sentence, 'Nothing goes on here until then.']),
            'inspect' => $this->inspect($way),
            'mark' => $this->marks($way),
            'check_fastener' => $this->of($way, [
                Answer::event('Enter', 'It passes', ['type' => 'fastener_checked', 'position' => $way->at, 'passes' => true]),
                Answer::event('*', 'It does not', ['type' => 'fastener_checked', 'position' => $way->at, 'passes' => false], good: false),
            ]),
            default => $this->done($way),
        };
    }

    /** What whoever signs puts their name to: whoever typed in a card does not say that they did what stands on it. */
    public static function meaning(RunFold $run): string
    {
        return $run->paper->cards() === [] ? self::DID_IT : sprintf('What was done on paper stands here as %s has it; the rest I did, and I looked at every mark.', $run->paper->cardsInWords());
    }

    /** What whoever stood beside it puts their name to; what they did not see they do not sign for. */
    public static function supervisorMeans(RunFold $run): string
    {
        $unseen = array_filter(array_map(fn (string $id): string => $run->plan->step($id)->position, $run->supervision->unseen()), fn (string $p): bool => $p !== '');

        return 'I stood beside it and saw it done'.($unseen === [] ? '.' : sprintf(', except %s.', $run->names->places(array_values(array_unique($unseen)))));
    }

    /** One thing that is done, and one key that says so; with its lot where it has one. */
    private function done(NextAction $way): Call
    {
        $at = $way->at;
        [$says, $event, $fields] = match ($way->do) {
            'loosen' => ['It is loose', ['type' => 'loosened', 'positions' => [$at]], []],
            'replace' => ['A new one is in', ['type' => 'fastener_replaced', 'position' => $at], [Field::text('lot', self::LOT, true)]],
            'fit' => ['It is in', ['type' => 'fasteners_fitted', 'positions' => [$at], 'set' => 'real'], [Field::text('lot', self::LOT, true)]],
            'repair' => ['It is repaired', ['type' => 'thread_repaired', 'position' => $at], [Field::text('kind', 'What was put in')]],
            'clean' => ['It is clean', ['type' => 'cleaned', 'positions' => [$at]], []],
            'apply' => ['It is coated', ['type' => 'agent_applied', 'agent' => $this->agent($at), 'positions' => [$at]], [Field::text('lot', self::LOT, true)]],
            'renew' => ['A new one is in', ['type' => 'gasket_replaced', 'gasket' => $at], []],
            'fit_aid' => ['It is in', ['type' => 'aid_fitted', 'aid' => $at, 'at' => $this->nextPlace($at)], []],
            'remove_aid' => ['It is out', ['type' => 'aid_removed', 'aid' => $at, 'at' => 'joint'], []],
            'take_up' => ['Take it up', ['type' => 'deferred_work_done', 'steps' => [$at]], []],
            // A length or a zero without a step that reads it: nothing in a document asks for that.
            default => ['It is done', ['type' => 'zeroed', 'position' => $at], []],
        };

        return $this->of($way, [Answer::event('Enter', $says, $event, array_map(fn (Field $f): string => $f->name, $fields))], $fields);
    }

    /** Every head has its picture; those that do not look like it are touched, and none is taken for granted. */
    private function finalLook(): Call
    {
        $heads = array_map(strval(...), array_keys($this->run->plan->positions));

        return (new Call(
            CallKind::Look, 'Final look', ['Every head must look like its picture. Touch any that differs.'],
            answers: [Answer::event('Enter', count($heads) === 1 ? 'It agrees' : sprintf('All %d agree', count($heads)), ['type' => 'final_look'])],
        ))->with(['heads' => $heads]);
    }

    /** @return list<string> the positions that a second person looks at: of a round, or at the end */
    private function lookedAt(string $at): array
    {
        $steps = $at === 'joint' ? $this->run->looks->unseen() : $this->run->steps->unlooked($at);

        return array_values(array_filter(array_map(fn (string $id): string => $this->run->plan->step($id)->position, $steps), fn (string $p): bool => isset($this->run->plan->positions[$p])));
    }

    private function forTheLead(NextAction $way, string $command, string $says): Call
    {
        return new Call(
            CallKind::Lead, 'The lead decides', [$way->sentence, 'Nothing goes on here until then.'],
            new At($this->stepAt($way->at), $this->position($way->at)),
            answers: [Answer::command('Enter', $says, $command, ['at' => $way->at])],
        );
    }

    private function inspect(NextAction $way): Call
    {
        if ($this->run->plan->has($way->at)) {
            $work = ['1' => 'adjusted', '2' => 'cleaned', '3' => 'refitted', '4' => 'exchanged', '5' => 'measured_again'];

            return $this->of($way, array_map(fn (int|string $key, string $done): Answer => Answer::event((string) $key, ucfirst(str_replace('_', ' ', $done)), ['type' => 'inspected', 'at' => $way->at, 'work' => $done]), array_keys($work), $work));
        }

        return $this->of($way, [
            Answer::event('Enter', 'It is sound', ['type' => 'inspected', 'at' => $way->at, 'finds' => 'sound']),
            Answer::event('*', 'It is damaged', ['type' => 'inspected', 'at' => $way->at, 'finds' => 'damaged'], good: false),
        ]);
    }

    /** What the second person is wanted for. */
    private function holds(NextAction $way): NextAction
    {
        $own = $this->run->plan->has($way->at) ? $this->run->plan->step($way->at)->rules->own : null;
        $held = $own instanceof HoldStage ? $own->held : null;

        return $held === null ? $way : new NextAction($way->do, $way->at, sprintf('One holds the %s %s, and does not let it turn, while the other tightens.', $held->part(), $held->torque === null ? $held->direction : "at {$held->torque->typeset()} $held->direction"));
    }

    /** @param  array<string, mixed>  $content */
    private function person(NextAction $way, string $command, string $title, array $content = []): Call
    {
        return new Call(CallKind::Person, $title, [$way->sentence], new At($this->stepAt($way->at), $this->position($way->at)), answers: [Answer::command('Enter', 'Badge and PIN', $command, $content)]);
    }

    /**
     * @param  list<Answer>  $answers
     * @param  list<Field>  $fields
     */
    private function of(NextAction $way, array $answers, array $fields = []): Call
    {
        $position = $this->position($way->at);

        return (new Call(
            CallKind::Hand, $position === null ? rtrim($way->sentence, '.') : ucfirst($this->run->names->called($position)),
            $position === null ? $this->piece($way) : [$way->sentence],
            new At($this->stepAt($way->at), $position),
            fields: $fields,
            answers: $answers,
        ))->with(['act' => $way->do]);
    }

    private function position(string $at): ?string
    {
        $step = $this->run->plan->has($at) ? $this->run->plan->step($at)->position : $at;

        return isset($this->run->plan->positions[$step]) ? $step : null;
    }

    private function stepAt(string $at): ?string
    {
        return $this->run->plan->has($at) ? $at : null;
    }

    /** What belongs on the threads there: what has a working time before what has none. */
    private function agent(string $position): string
    {
        $group = $this->run->plan->positions[$position]->group ?? '';
        $agents = array_values(array_filter($this->run->plan->agents, fn (Agent $a): bool => $a->groups === [] || in_array($group, $a->groups, true)));
        $timed = array_values(array_filter($agents, fn (Agent $a): bool => $a->workingTime !== null));
        $agent = $timed[0] ?? $agents[0] ?? null;

        return $agent === null || $agent->key === '' ? strtr($agent->condition ?? 'oil', ' ', '_') : $agent->key;
    }

    /** All that want the same stroke are painted one after the other, and said at once. */
    private function marks(NextAction $way): Call
    {
        $wanting = $this->run->marks->wanting();
        $first = array_values(array_filter($wanting, fn (Mark $m): bool => $m->position === $way->at))[0] ?? null;
        $positions = array_values(array_map(fn (Mark $m): string => $m->position, array_filter($wanting, fn (Mark $m): bool => $m->after === $first?->after)));
        $looks = $first?->looks === null ? 'Paint its mark on each head.' : "Paint on each: a $first->looks.";

        return (new Call(
            CallKind::Hand, 'Paint '.$this->run->names->places($positions),
            [$looks, 'Look at each as you paint it: it has had its round.'],
            new At(position: count($positions) === 1 ? $positions[0] : null),
            answers: [Answer::event('Enter', 'They are painted', ['type' => 'marked', 'positions' => $positions, 'mark' => $first->after ?? 'last'])],
        ))->with(['act' => 'mark']);
    }

    /** @return list<string> which of several pieces of an aid it is */
    private function piece(NextAction $way): array
    {
        [$all, $in] = [$this->run->plan->rigging->aids[$way->at]->pieces ?? 1, $this->run->aids->pieces($way->at)];

        return match (true) {
            $all === 1 => [],
            $way->do === 'fit_aid' => [sprintf('Piece %d of %d, each at its own place.', $in + 1, $all)],
            default => [sprintf('%d of its pieces %s in.', $in, $in === 1 ? 'is' : 'are')],
        };
    }

    /** Each piece at a place of its own. */
    private function nextPlace(string $aid): string
    {
        $pieces = $this->run->plan->rigging->aids[$aid]->pieces ?? 1;

        return $pieces === 1 ? 'joint' : 'place'.($this->run->aids->pieces($aid) + 1);
    }
}
