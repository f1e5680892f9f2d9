<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\UnrecordedJoint;
use App\Record\Models\Subject;

/** What of an engine is not recorded: nothing is finished in silence. */
final readonly class Unrecorded
{
    public function __construct(private JointStrip $strip)
    {
    }

    /** @return list<UnrecordedJoint> in assembly order; empty: nothing keeps it from being finished */
    public function of(Subject $subject): array
    {
        return self::amongst($subject, $this->strip->ofAll(collect([$subject]), painted: false)[$subject->id]);
    }

    /**
     * @param  list<array<string, mixed>>  $strip
     * @return list<UnrecordedJoint>
     */
    public static function amongst(Subject $subject, array $strip): array
    {
        return array_values(array_map(
            fn (array $joint): UnrecordedJoint => new UnrecordedJoint((string) data_get($joint, 'id'), (string) data_get($joint, 'name'), self::why($joint, $subject->build_number > 1), data_get($joint, 'outside.kind') === 'asked'),
            array_filter($strip, fn (array $joint): bool => ! Standing::isDone($joint)),
        ));
    }

    /**
     * @param  array<string, mixed>  $joint  of a strip
     * @param  bool  $back  was the engine here before?
     */
    private static function why(array $joint, bool $back): string
    {
        $at = fn (string $path): string => (string) data_get($joint, $path);

        return match (true) {
            $joint['run'] !== null && $at('run.done') === $at('run.all') => sprintf('every step is done, and %s has not signed it', $at('run.person') ?: 'nobody'),
            $joint['run'] !== null => sprintf('%s of %s steps', $at('run.done'), $at('run.all')),
            $joint['given'] !== null => sprintf('on %s’s hook, not begun', $at('given.person') ?: 'somebody'),
            $back && $joint['returned'] === null && $joint['within'] === null => 'nobody has said whether it was opened',
            $at('outside.kind') === 'told' => $at('outside.says'),
            $joint['options'] === [] => 'it has no approved procedure, and nothing of it is recorded',
            $joint['hardware'] === null => 'nobody has said which hardware is fitted',
            default => 'not given to anybody',
        };
    }
}
