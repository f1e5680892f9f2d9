<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Library\Models\Family;
use App\Record\BuildState;
use App\Record\Models\Finding;
use App\Record\Models\Subject;
use Tekkal\Core\Run\FindingKind;

/** @extends RowFactory<Subject> */
final class SubjectFactory extends RowFactory
{
    protected $model = Subject::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'serial' => 'TN3-26-'.(5000 + self::number()),
            'build_number' => 1,
            'family' => fn (): string => Family::query()->firstOrFail()->id,
            'customer' => CustomerFactory::new(),
            'state' => BuildState::Open,
            'opened_at' => now(),
        ];
    }

    /** With something that the lead has to look at. */
    public function withFindings(int $findings): static
    {
        return $this->afterCreating(function (Subject $subject) use ($findings): void {
            for ($i = 0; $i < $findings; $i++) {
                Finding::query()->create([
                    'entry_id' => self::id(), 'n' => 1, 'kind' => FindingKind::cases()[0]->value, 'subject' => $subject->id,
                    'sentence' => 'Something is to be looked at.', 'raised_at' => now(),
                ]);
            }
        });
    }
}
