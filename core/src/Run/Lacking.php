<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a fault still waits for, in words: the lead's word, a repair, a new fastener. */
final readonly class Lacking
{
    public function __construct(private Names $names)
    {
    }

    /** @return list<string> in the order in which it is to be done */
    public function of(CaseState $case): array
    {
        $lacks = $case->leadDecides ? ['the lead’s word'] : [];
        foreach (DutyKind::cases() as $kind) {
            $places = $case->positionsFor($kind);
            if ($places !== []) {
                $lacks[] = sprintf($kind->lacks(), $this->names->placesOf($places));
            }
        }

        return $lacks;
    }

    public function sentence(CaseState $case): string
    {
        $lacks = $this->of($case);

        return $lacks === [] ? '' : 'Still wanting: '.implode('; ', $lacks).'.';
    }
}
