<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Purpose;

/** Everything that is known of a kind of stage, declared once. */
final readonly class StageDeclaration
{
    /**
     * @param  string  $words  as screens and lists say it
     * @param  string  $description  a sentence for the published schema
     * @param  list<StageField>  $fields  those that no other kind has
     * @param  list<Purpose>  $purposes  the procedures it may stand in
     */
    public function __construct(
        public string $words,
        public string $description,
        public Aims $aims,
        public Handling $handling,
        public Judging $judging,
        public array $fields = [],
        public array $purposes = [Purpose::Tightening],
    ) {
    }

    /** @return list<string> names of its own fields that a plan carries */
    public function planFields(): array
    {
        return array_values(array_map(fn (StageField $f): string => $f->name, array_filter($this->fields, fn (StageField $f): bool => $f->inPlan)));
    }
}
