<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Library\Models\Joint;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The joints that are worked and recorded at an engine, or at a subassembly. What is carried in a head that was fitted is that head's. */
final class JointsOf
{
    /** @return Collection<int, Joint> in the order of assembly */
    public static function all(Subject $subject): Collection
    {
        $joints = self::query($subject);
        $joints->getQuery()->whereNotIn('carried_in', array_keys(Fitted::in([$subject->id])[$subject->id] ?? []))->orderBy('assembly_order');

        return $joints->get();
    }

    /** @throws Refused when it has none such, or that is another one's */
    public static function one(Subject $subject, string $joint): Joint
    {
        $found = self::query($subject)->find($joint) ?? throw self::none($subject, $joint);
        $fitted = Fitted::in([$subject->id])[$subject->id][$found->carried_in] ?? null;

        return $fitted === null ? $found : throw new Refused(
            ProblemType::NotDone, sprintf('%s of %s is carried in %s, and is worked and recorded there.', $found->name, $subject->title(), $fitted->title()), 409, ['field' => 'joint', 'value' => $found->name],
        );
    }

    /** @throws Refused when it has none such, be it its own or of what was fitted to it */
    public static function ofAll(Subject $engine, string $joint): Joint
    {
        return self::query($engine)->find($joint) ?? throw self::none($engine, $joint);
    }

    private static function none(Subject $subject, string $joint): Refused
    {
        return Refused::field('joint', $subject->isSubassembly() ? 'It carries no such joint.' : 'This engine has no such joint.', $joint);
    }

    /** @return array<string, string> joints that are carried in what was fitted to it, with what that is */
    public static function elsewhere(Subject $engine): array
    {
        $kinds = array_keys(Fitted::in([$engine->id])[$engine->id] ?? []);

        return $kinds === [] ? [] : Joint::query()->where('family', $engine->family)->whereIn('carried_in', $kinds)->pluck('carried_in', 'id')->map(fn (mixed $kind): string => (string) $kind)->all();
    }

    /** @return Builder<Joint> */
    private static function query(Subject $subject): Builder
    {
        $joints = Joint::query()->where('family', $subject->family);

        return $subject->isSubassembly() ? $joints->where('carried_in', $subject->subassembly) : $joints;
    }
}
