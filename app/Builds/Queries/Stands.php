<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\RunProgress;
use App\Library\Models\Family;
use App\Record\Models\Subject;
use Illuminate\Support\Collection;

/** Engines as they stand in the shop: each as a strip of bars, and the one joint that is in hand with what is painted on it. */
final readonly class Stands
{
    public function __construct(private JointStrip $strip)
    {
    }

    /**
     * As many questions for many engines as for few; a map is drawn on many engines and stands there once.
     *
     * @param  Collection<int, Subject>  $subjects
     * @return array{builds: list<array<string, mixed>>, maps: object}
     */
    public function of(Collection $subjects): array
    {
        $families = Family::query()->pluck('name', 'id');
        $strips = $this->strip->ofAll($subjects, painted: false);
        $standings = $subjects->mapWithKeys(fn (Subject $s): array => [$s->id => Standing::of($s, $strips[$s->id])])->all();
        $runs = array_values(array_filter(array_map(fn (Standing $s): mixed => data_get($s->joint, 'run.id'), $standings), is_string(...)));
        $marks = RunProgress::marksOf($runs);
        $drawn = array_flip(array_filter(array_map(fn (Standing $s): mixed => data_get($s->joint, 'drawn'), $standings), is_string(...)));

        return [
            'builds' => array_values($subjects->map(fn (Subject $s): array => self::stand($s, (string) $families->get($s->family), $standings[$s->id], $strips[$s->id], $marks))->all()),
            'maps' => (object) array_intersect_key($this->strip->maps(), $drawn),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $strip
     * @param  array<array-key, mixed>  $marks  by run
     * @return array<string, mixed>
     */
    private static function stand(Subject $subject, string $family, Standing $standing, array $strip, array $marks): array
    {
        $joint = $standing->joint;

        return [
            'id' => $subject->id, 'serial' => $subject->serial, 'title' => $subject->title(), 'state' => $subject->state->value, 'family' => $family, 'customer' => $subject->owner?->name,
            'opened_at' => Subject::zulu($subject->getRawOriginal('opened_at')), 'finished_at' => Subject::zulu($subject->getRawOriginal('finished_at')), 'shipped_at' => Subject::zulu($subject->getRawOriginal('shipped_at')),
            'due_on' => $subject->due_on?->format('Y-m-d'), 'late' => Standing::isLate($subject), 'as' => $standing->as->value, 'says' => $standing->says,
            'hand' => $joint === null ? null : [
                'name' => $joint['name'], 'drawn' => $joint['drawn'], 'hardware' => data_get($joint, 'hardware.option'), 'marks' => $marks[(string) data_get($joint, 'run.id')] ?? [],
            ],
            'joints' => array_map(fn (array $j): array => ['name' => $j['name'], 'as' => self::bar($j, $joint)], $strip),
        ];
    }

    /**
     * @param  array<string, mixed>  $joint
     * @param  array<string, mixed>|null  $inHand
     */
    private static function bar(array $joint, ?array $inHand): string
    {
        return match (true) {
            data_get($joint, 'run.finished') === true => 'done',
            Standing::isDone($joint) => 'outside',
            $inHand !== null && $joint['id'] === $inHand['id'] => 'in_hand',
            default => 'to_come',
        };
    }
}
