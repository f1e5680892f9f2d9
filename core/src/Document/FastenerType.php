<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** A kind of bolt, stud or screw. Any datum of its geometry may be missing; an estimate that needs it then says so. */
final readonly class FastenerType
{
    private const HEADS = ['hex', 'twelve_point', 'internal', 'stud_with_nut'];

    /** What the run needs of a fastener; the rest stays in the document. */
    private const IN_PLAN = ['key', 'reuse', 'cycles', 'spent_when', 'never_exceed_stretch', 'name', 'thread_cycles', 'insert_cycles'];

    private const FOUND_BY = ['thread', 'strength', 'material', 'marking', 'drive', 'head', 'part_number'];

    public string $key;

    public string $name;

    /** Tightenings allowed in all, under up_to. */
    public ?int $cycles;

    public SpentWhen $spentWhen;

    /** Tightenings that the threaded part takes; null: nobody says. */
    public ?int $threadCycles;

    /** Tightenings that an insert takes, where one was set. */
    public ?int $insertCycles;

    /** Stretch beyond which it is scrap. */
    public ?Written $neverExceed;

    /** Of head or nut, as printed; null where nobody says, or when read from a plan. */
    public ?string $acrossFlats;

    /** @var array<string, mixed> */
    private array $planFields;

    /** @var array<string, string> by which it is found: thread, strength, marking, drive, head; empty when read from a plan */
    public array $facts;

    private function __construct(ObjectReader $f, public Reuse $reuse)
    {
        [$this->key, $this->name] = [$f->string('key'), $f->string('name')];
        $this->cycles = $reuse === Reuse::UpTo ? $f->integer('cycles', 1, 99) : null;
        $this->spentWhen = SpentWhen::from($f->oneOf('spent_when', array_column(SpentWhen::cases(), 'value'), SpentWhen::Loaded->value));
        $this->threadCycles = $f->has('thread_cycles') ? $f->integer('thread_cycles', 1, 999) : null;
        $this->insertCycles = $f->has('insert_cycles') ? $f->integer('insert_cycles', 1, 999) : null;
        $this->neverExceed = $f->optionalQuantity('never_exceed_stretch', Kind::Length);
        $this->acrossFlats = array_filter($f->slice(['across_flats']), is_string(...))['across_flats'] ?? null;
        [$this->planFields, $this->facts] = [$f->slice(self::IN_PLAN), array_filter($f->slice(self::FOUND_BY), is_string(...))];
    }

    public static function read(ObjectReader $f): self
    {
        foreach (['thread', 'strength', 'material', 'marking', 'part_number', 'drive', 'source'] as $text) {
            $f->optionalString($text);
        }
        if ($f->has('head')) {
            $f->oneOf('head', self::HEADS);
        }
        $f->oneOf('hand', ['right', 'left'], 'right');
        foreach (['length', 'across_flats'] as $length) {
            if ($f->has($length)) {
                $f->quantityOrMissing($length, Kind::Length);
            }
        }
        self::geometry($f);
        Picture::read($f);

        return self::inPlan($f);
    }

    /** Reads the part of a fastener that a plan carries. */
    public static function inPlan(ObjectReader $f): self
    {
        return new self($f, Reuse::from($f->oneOf('reuse', array_column(Reuse::cases(), 'value'))));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }

    /** What the estimates of the next step need: grip, shank, bearing, hole, engagement, members, friction. */
    private static function geometry(ObjectReader $f): void
    {
        $g = $f->optionalObject('geometry');
        if ($g === null) {
            return;
        }
        foreach (['grip_length', 'bearing_diameter', 'hole_diameter', 'engaged_length', 'neck_diameter', 'washer_thickness'] as $length) {
            if ($g->has($length)) {
                $g->quantityOrMissing($length, Kind::Length);
            }
        }
        foreach ($g->optionalObjects('shank') as $segment) {
            $segment->quantityOrMissing('diameter', Kind::Length);
            $segment->quantityOrMissing('length', Kind::Length);
            $segment->close();
        }
        foreach ($g->optionalObjects('members') as $member) {
            $member->string('material');
            $member->quantityOrMissing('thickness', Kind::Length);
            $member->close();
        }
        $g->optionalString('friction_set');
        $g->close();
    }
}
