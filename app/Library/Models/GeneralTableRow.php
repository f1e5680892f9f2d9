<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Tekkal\Core\Document\GeneralTable;
use Tekkal\Core\Document\GeneralValue;
use Tekkal\Core\Document\TableProcedure;
use Tekkal\Core\Unit\Written;

/**
 * A general table of the shop: torques by thread, class and material for joints of risk class C. It is never changed; another one takes its place.
 *
 * @property string $id
 * @property string $code
 * @property string $source the code of the paper that it stands in
 * @property string $condition of the threads
 * @property string $tolerance to either side, as printed
 * @property list<array{thread: string, strength: string, material: string, torque: string}> $rows
 * @property string $although what speaks for a row that the core doubts
 * @property string $state asked, approved or withdrawn
 * @property string $asked_by
 * @property string|null $approved_by
 * @property string|null $signature
 * @property CarbonImmutable|null $approved_at
 * @property string $withdrawn_why
 * @property-read Person|null $asker
 * @property-read Source|null $paper
 */
final class GeneralTableRow extends Row
{
    protected $table = 'general_tables';

    /** @var array<string, string> */
    protected $casts = ['rows' => 'array', 'approved_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'asked_by');
    }

    /** @return BelongsTo<Source, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Source::class, 'source', 'code');
    }

    public function values(): GeneralTable
    {
        return GeneralTable::of(array_map(fn (array $r): GeneralValue => new GeneralValue($r['thread'], $r['strength'], $r['material'], Written::coded($r['torque'])), $this->rows));
    }

    /** What its rows come to at a joint. */
    public function procedure(): TableProcedure
    {
        return self::from($this->code, $this->paper, $this->condition, $this->tolerance);
    }

    public static function from(string $code, ?Source $paper, string $condition, string $tolerance): TableProcedure
    {
        return new TableProcedure(['code' => $paper->code ?? $code, 'title' => $paper->title ?? $code, 'edition' => $paper->edition ?? '', 'date' => $paper->date ?? ''], $condition, $tolerance);
    }

    public static function missing(): string
    {
        return 'There is no such general table.';
    }
}
