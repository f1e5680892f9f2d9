<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\PaperJoint;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Models\ToldJoint;
use App\Library\Models\Permit;
use App\Library\Queries\Permits;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What of engines stands outside the record of this build: joints done on paper before, those that a permit lets go unrecorded, and those that stayed as an earlier build left them. */
final class Outside
{
    /**
     * @param  array<array-key, mixed>  $builds
     * @param  Collection<int, ReturnedJoint>  $returned  what was said of their joints when they came back
     * @return array<string, array<string, array{kind: string, says: string, code: string|null, build: string|null}>> by build and joint
     */
    public static function of(array $builds, Collection $returned = new Collection): array
    {
        $outside = array_map(fn (array $permits): array => array_map(self::permitted(...), $permits), Permits::ofUnrecorded($builds));
        foreach (PaperJoint::query()->whereIn('subject', $builds)->get() as $paper) {
            $outside[$paper->subject][$paper->joint] = ['kind' => 'paper', 'says' => $paper->says(), 'code' => null, 'build' => null];
        }

        foreach (ToldJoint::query()->whereIn('subject', $builds)->get() as $told) {
            // A permit that lets it go speaks of it in its own words, and of this.
            $permit = $outside[$told->subject][$told->joint] ?? null;
            $outside[$told->subject][$told->joint] = $permit === null
                ? ['kind' => 'told', 'says' => $told->says(), 'code' => null, 'build' => null]
                : ['says' => $told->says().'; '.$permit['says']] + $permit;
        }

        foreach ($returned->where('opened', false) as $stayed) {
            $outside[$stayed->subject][$stayed->joint] = ['kind' => 'stayed', 'says' => sprintf('as %s, left it', $stayed->before?->numbered() ?? 'an earlier build'), 'code' => null, 'build' => $stayed->of];
        }

        return $outside;
    }

    /**
     * The same of many, without its words: whoever shows many asks only whether a joint stands outside.
     *
     * @param  array<array-key, mixed>  $builds
     * @param  Collection<int, ReturnedJoint>  $returned
     * @return array<string, array<string, array{kind: string}>> by build and joint
     */
    public static function kinds(array $builds, Collection $returned): array
    {
        $of = fn (string $table, string $kind): Builder => DB::table($table)->whereIn('subject', $builds)->select(['subject', 'joint', DB::raw("'$kind' as kind")]);
        $permits = DB::table('permits')->whereIn('subject', $builds)->whereIn('state', ['asked', 'approved'])->orderBy('asked_at')->select(['subject', 'joint', DB::raw("IF(state = 'approved', 'permit', 'asked') as kind")]);
        $outside = [];
        foreach ($of('told_joints', 'told')->unionAll($permits)->unionAll($of('paper_joints', 'paper'))->get() as $row) {
            $outside[$row->subject][$row->joint] = ['kind' => $row->kind];
        }
        foreach ($returned->where('opened', false) as $stayed) {
            $outside[$stayed->subject][$stayed->joint] = ['kind' => 'stayed'];
        }

        return $outside;
    }

    /** @return array{kind: string, says: string, code: string|null, build: string|null} */
    private static function permitted(Permit $permit): array
    {
        return $permit->state === 'approved'
            ? ['kind' => 'permit', 'says' => sprintf('not recorded; permit %s, signed by %s, lets it go', $permit->code, $permit->signature), 'code' => $permit->code, 'build' => null]
            : ['kind' => 'asked', 'says' => "not recorded; permit $permit->code waits for a signature", 'code' => $permit->code, 'build' => null];
    }
}
