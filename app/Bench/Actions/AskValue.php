<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\AskedValue;
use App\Builds\Opening;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Actions\SendNotice;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Somebody at a bench asks to what a bolt is tightened, instead of guessing; the lead answers, and the bench is told. */
final readonly class AskValue
{
    public function __construct(private Recorder $recorder, private SendNotice $notice)
    {
    }

    /**
     * @param  string  $serial  of an engine on a stand, whole or a part that only one of them has
     * @param  string  $says  what is to be tightened
     */
    public function __invoke(string $serial, string $says, Person $by, string $device): void
    {
        $subject = self::engine($serial);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'value_asked', 'subject/'.$subject->id, $by->id, ['says' => $says, 'bench' => $device], new Concerns($subject->id))));
    }

    public function answer(string $asked, string $answer, Person $by): void
    {
        $this->recorder->transaction(function () use ($asked, $answer, $by): void {
            $value = AskedValue::query()->with('of')->find($asked) ?? throw Refused::notFound('Nobody asked for that.');
            $this->recorder->lock('subject/'.$value->subject);
            if ($value->refresh()->answer !== null) {
                throw new Refused(ProblemType::AlreadyDisposed, sprintf('It was answered already: “%s”', $value->answer), 409);
            }
            $this->recorder->append(new Draft(Ids::next(), 'value_answered', 'subject/'.$value->subject, $by->id, ['asked' => $value->id, 'answer' => $answer], new Concerns($value->subject)));
            ($this->notice)(sprintf('%s: you asked for “%s”', $value->of?->title(), $value->says), $answer, '', [$value->person], $by->id);
        });
    }

    private static function engine(string $serial): Subject
    {
        $written = Opening::written($serial);
        $open = Subject::query()->where('state', BuildState::Open->value)->where('serial', 'like', '%'.addcslashes($written, '%_\\').'%')->orderBy('serial')->limit(4)->get();
        $one = $open->firstWhere('serial', $written) ?? ($open->count() === 1 ? $open->first() : null);

        return $one ?? throw Refused::field('serial', $open->isEmpty()
            ? sprintf('No engine on a stand bears "%s".', mb_substr($serial, 0, 40))
            : sprintf('More than one bears "%s": %s. Type more of its number.', mb_substr($serial, 0, 40), $open->map(fn (Subject $s): string => $s->title())->implode(', ')), $serial);
    }
}
