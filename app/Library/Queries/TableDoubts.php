<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\GeneralTable;
use Tekkal\Core\Document\TableProcedure;
use Tekkal\Core\Plausibility\Challenge;

/** What the core doubts in the rows of a general table, each as the procedure that it comes to. */
final class TableDoubts
{
    /** Doubts are about one bolt, whatever number of them. */
    private const BOLTS = 4;

    /** @return list<string> */
    public static function of(TableProcedure $procedure, GeneralTable $table): array
    {
        $doubts = [];
        foreach ($table->values as $value) {
            $document = $procedure->document('any engine', 'any joint', $value, self::BOLTS, 'row');
            foreach (DraftAssessment::challengesOf(DocumentReader::read($document), $document) as $challenge) {
                $doubts[] = $value->name().': '.$challenge->sentence;
            }
        }

        return $doubts;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, string> to each doubt about it what speaks for the table, by the doubt's key
     */
    public static function answered(array $document, string $although): array
    {
        $doubts = DraftAssessment::challengesOf(DocumentReader::read($document), $document);

        return array_fill_keys(array_map(fn (Challenge $c): string => $c->key(), $doubts), $although);
    }
}
