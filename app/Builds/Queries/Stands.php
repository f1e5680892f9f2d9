<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\RunProgress;
use App\Library\Queries\RevisionFaces;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

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
        $families = DB::table('families')->pluck('name', 'id');
        $strips = $this->strip->ofAll($subjects, painted: false, inWords: false);
        $around = Fitted::around($subjects->where('subassembly', '!=', '')->pluck('id')->all());
        $standings = $subjects->mapWithKeys(fn (Subject $s): array => [$s->id => Standing::of($s, $strips[$s->id], $around[$s->id] ?? null)])->all();
        $runs = array_values(array_filter(array_map(fn (Standing $s): mixed => $s->joint['run']['id'] ?? null, $standings), is_string(...)));
        $marks = RunProgress::marksOf($runs);
        $faces = RevisionFaces::of(array_values(array_filter(array_map(fn (Standing $s): mixed => $s->joint['drawn'] ?? null, $standings), is_string(...))));
        $today = Shop::here()->today()->date;

        return [
            'builds' => array_values($subjects->map(fn (Subject $s): array => self::stand($s, (string) $families->get($s->family), $standings[$s->id], $strips[$s->id], $marks) + ['late' => Standing::isLate($s, $today)])->all()),
            'maps' => (object) array_map(fn (array $face): array => $face['sketch'], $faces),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $strip
     * @param  array<array-key, mixed>  $marks  by run
     * @return array<string, mixed>
     */
    private static function stand(Subject $subject, string $family, Standing $standing, array $strip, array $marks): array
    {
        [$joint, $stored] = [$standing->joint, $subject->getAttributes()];

        return [
            'id' => $stored['id'], 'serial' => $stored['serial'], 'title' => Subject::titled($stored['serial'], (int) $stored['build_number'], $stored['subassembly']), 'state' => $stored['state'], 'family' => $family, 'customer' => $subject->ownedBy(),
            'opened_at' => Subject::zulu($stored['opened_at']), 'finished_at' => Subject::zulu($stored['finished_at']), 'shipped_at' => Subject::zulu($stored['shipped_at']),
            'due_on' => Standing::due($subject), 'as' => $standing->as->value, 'says' => $standing->says,
            'hand' => $joint === null ? null : [
                'name' => $joint['name'], 'drawn' => $joint['drawn'], 'hardware' => $joint['hardware']['option'] ?? null, 'marks' => $marks[$joint['run']['id'] ?? ''] ?? [],
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
            ($joint['run']['finished'] ?? false) === true => 'done',
            Standing::isDone($joint) => 'outside',
            $inHand !== null && $joint['id'] === $inHand['id'] => 'in_hand',
            default => 'to_come',
        };
    }
}
