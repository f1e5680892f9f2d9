<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Library\Models\Family;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Collection;

/** Which family an engine is of, as its number says by the families' rules. */
final class FamilyOfSerial
{
    private const LONGEST = 40;

    /**
     * @param  string  $serial  as it is written
     * @param  string|null  $code  of the family that somebody names
     */
    public static function of(string $serial, ?string $code): Family
    {
        if (mb_strlen($serial) > self::LONGEST) {
            throw new Refused(ProblemType::BadValue, sprintf('"%s…" is longer than a number can be.', mb_substr($serial, 0, self::LONGEST)), 422, ['field' => 'serial', 'value' => mb_substr($serial, 0, self::LONGEST), 'limit' => self::LONGEST, 'unit' => 'signs']);
        }
        $families = Family::query()->orderBy('code')->get();
        if ($code !== null) {
            return self::named($serial, $families->firstWhere('code', mb_strtoupper($code)) ?? throw Refused::field('family', sprintf('The library has no engine family %s.', mb_substr($code, 0, 12)), $code));
        }
        $fitting = $families->filter(fn (Family $f): bool => $f->hasSerial($serial))->values();
        if ($fitting->count() > 1) {
            throw Refused::field('family', sprintf('%s may be %s by their rules for serials. Say which.', $serial, $fitting->pluck('code')->implode(' or ')));
        }

        return $fitting->first() ?? throw self::none($serial, $families);
    }

    private static function named(string $serial, Family $family): Family
    {
        return $family->hasSerial($serial) ? $family : throw Refused::field('serial', sprintf('"%s" is no serial of %s: %s.', mb_substr($serial, 0, self::LONGEST), $family->name, self::rules($family)), $serial);
    }

    /** @param  Collection<int, Family>  $families */
    private static function none(string $serial, Collection $families): Refused
    {
        $shown = mb_substr($serial, 0, self::LONGEST);
        $code = strtok($serial, '-');
        $begun = $families->firstWhere('code', $code);
        if ($begun !== null) {
            return Refused::field('serial', sprintf('"%s" is no serial of %s: %s.', $shown, $begun->name, self::rules($begun)), $serial);
        }
        // It reads like the serials of a shop, of a family that is not there.
        if (preg_match('/^[A-Z0-9]{2,6}-\d{2}-\d{4}$/D', $serial) === 1) {
            return Refused::field('serial', sprintf('The library has no engine family %s.', $code), $serial);
        }
        $like = $families->map(fn (Family $f): string => $f->serialRules()[0]->example())->take(3)->implode(', ');

        return Refused::field('serial', sprintf('"%s" is no serial number of a family in the library. %s', $shown, $like === '' ? 'There is no family yet: add one first.' : "It reads like $like."), $serial);
    }

    private static function rules(Family $family): string
    {
        return 'one reads like '.implode(' or ', array_map(fn ($rule): string => $rule->example(), $family->serialRules()));
    }
}
