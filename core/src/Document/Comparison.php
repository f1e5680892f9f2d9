<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What differs between two revisions, stage by stage and bolt by bolt; keys say what belongs together. */
final class Comparison
{
    /** Fields of a stage that are compared bolt by bolt, or in words of their own. */
    private const TOLD = ['key', 'targets', 'sequence', 'reversed', 'why'];

    /** @var list<Change> */
    private array $changes = [];

    /**
     * @param  array<mixed>  $oldDocument
     * @param  array<mixed>  $newDocument
     */
    private function __construct(
        private readonly Revision $old,
        private readonly array $oldDocument,
        private readonly Revision $new,
        private readonly array $newDocument,
    ) {
    }

    /**
     * @param  array<mixed>  $oldDocument  the older revision's own
     * @param  array<mixed>  $newDocument  the newer revision's own
     * @return list<Change>
     */
    public static function of(Revision $old, array $oldDocument, Revision $new, array $newDocument): array
    {
        $look = new self($old, $oldDocument, $new, $newDocument);
        $look->map();
        $look->stages();
        $look->blocks();
        $look->listed('groups', 'map', 'name', 'group');
        $look->listed('fasteners', 'fastener', 'name', 'fastener');
        $look->listed('checks', 'check', 'name', 'check');
        $look->listed('sources', 'source', 'title', 'source');
        $look->listed('window_standards', 'source', 'key', 'window standard');
        $look->listed('conflicts', 'source', 'about', 'disagreement about');
        $look->listed('consumables', 'text', 'name', 'consumable');
        $look->listed('aids', 'text', 'name', 'aid');
        $look->listed('adapters', 'text', 'name', 'adapter');
        $look->listed('turn_stops', 'text', 'why', 'reason not to turn the shaft');
        $look->surfaces();
        $look->texts();

        return $look->changes;
    }

    private function stages(): void
    {
        $old = self::byKey($this->old->stages());
        $new = self::byKey($this->new->stages());
        $line = fn (Revision $r, Stage $s): string => $r->tighteningLine()->round($s);
        foreach (array_diff_key($old, $new) as $key => $stage) {
            $this->add('stage', sprintf('round left out: %s', $line($this->old, $stage)), $key, $stage->sequence);
        }
        foreach (array_diff_key($new, $old) as $key => $stage) {
            $this->add('stage', sprintf('round added: %s', $line($this->new, $stage)), $key, $stage->sequence);
        }
        $kept = fn (array $stages, array $other): array => array_keys(array_intersect_key($stages, $other));
        if ($kept($old, $new) !== $kept($new, $old)) {
            $this->add('stage', 'rounds in another order: '.implode(' · ', array_map(fn (Stage $s): string => $line($this->new, $s), array_values($new))));
        }
        foreach (array_intersect_key($new, $old) as $key => $stage) {
            $this->stage((string) $key, $old[$key], $stage);
        }
    }

    private function stage(string $key, Stage $old, Stage $new): void
    {
        $aim = fn (Revision $r, Stage $s, StageTarget $t): string => $r->tighteningLine()->aim($s, $t);
        $window = fn (Revision $r, Stage $s, StageTarget $t): string => $t->window?->typeset() ?? 'no limits';
        $source = fn (Revision $r, Stage $s, StageTarget $t): string => isset($r->sources[$t->targetSource ?? '']) ? $r->sources[$t->targetSource ?? '']->title : 'no source';
        $this->perPosition('target', '%s %s → %s', $key, $old, $new, $aim);
        $this->perPosition('window', '%s: good from %s → %s', $key, $old, $new, $window);
        $this->perPosition('target', '%s: counted from %s → %s', $key, $old, $new, fn (Revision $r, Stage $s, StageTarget $t): string => $t->threshold?->typeset() ?? 'as the round');
        $this->perPosition('target', '%s: aim %s → %s', $key, $old, $new, fn (Revision $r, Stage $s, StageTarget $t): string => $t->aim === null ? 'at the target' : $t->aim->typeset().' ('.$t->aimEvidence.')');
        $this->perPosition('window', '%s: watched %s → %s', $key, $old, $new, fn (Revision $r, Stage $s, StageTarget $t): string => $t->monitored === [] ? 'nothing' : implode(', ', array_map(fn ($w): string => $w->kind()->value.' '.$w->typeset(), $t->monitored)));
        $this->perPosition('source', '%s: window from %s → %s', $key, $old, $new, fn (Revision $r, Stage $s, StageTarget $t): string => isset($r->sources[$t->windowSource ?? '']) ? $r->sources[$t->windowSource ?? '']->title : 'no source');
        $this->perPosition('source', '%s: target from %s → %s', $key, $old, $new, $source);
        if ($old->sequence !== $new->sequence && array_diff($old->sequence, $new->sequence) === [] && array_diff($new->sequence, $old->sequence) === []) {
            $this->add('order', sprintf('%s in another order: %s', $this->new->tighteningLine()->round($new), implode('–', array_map(fn (string $p): string => $this->new->map->has($p) ? $this->new->map->position($p)->number : $p, $new->sequence))), $key, $new->sequence);
        }
        $this->rules($key, $old, $new);
    }

    private function rules(string $key, Stage $old, Stage $new): void
    {
        $name = $this->new->tighteningLine()->round($new);
        $raw = fn (Stage $s): array => $s->rules->toArray();
        foreach (array_keys($raw($old) + $raw($new)) as $field) {
            $was = $raw($old)[$field] ?? null;
            $is = $raw($new)[$field] ?? null;
            if ($was !== $is) {
                $this->add('stage', sprintf('%s, %s: %s → %s', $name, str_replace('_', ' ', (string) $field), self::words($was), self::words($is)), $key, $new->sequence);
            }
        }
        if ($old->why !== $new->why) {
            $this->add('text', sprintf('%s, why: “%s” → “%s”', $name, $old->why, $new->why), $key);
        }
        $was = AsWritten::stages($this->oldDocument)[$key] ?? [];
        $is = AsWritten::stages($this->newDocument)[$key] ?? [];
        foreach (array_diff(array_keys($was + $is), self::TOLD, array_keys($raw($old) + $raw($new))) as $field) {
            if (($was[$field] ?? null) !== ($is[$field] ?? null)) {
                $this->add('stage', sprintf('%s, %s: %s → %s', $name, str_replace('_', ' ', (string) $field), self::words($was[$field] ?? null), self::words($is[$field] ?? null)), $key, $new->sequence);
            }
        }
    }

    /** Which stages go together, part by part and the like, and where each leg lies. */
    private function blocks(): void
    {
        $of = fn (array $document): array => array_map(fn (array $b): array => array_diff_key($b, ['stages' => true]), array_filter(AsWritten::things($document, 'stages'), fn (array $s): bool => isset($s['stages'])));
        $old = $of($this->oldDocument);
        $new = $of($this->newDocument);
        foreach ($old + $new as $key => $block) {
            if (($old[$key] ?? null) !== ($new[$key] ?? null)) {
                $this->add('stage', sprintf('rounds that go together: %s → %s', self::words($old[$key] ?? null), self::words($new[$key] ?? null)));
            }
        }
    }

    /**
     * Positions whose text differs, told together where they changed alike.
     *
     * @param  callable(Revision, Stage, StageTarget): string  $text
     */
    private function perPosition(string $what, string $sentence, string $key, Stage $old, Stage $new, callable $text): void
    {
        $alike = [];
        foreach (array_unique([...$old->sequence, ...$new->sequence]) as $position) {
            $of = fn (Revision $r, Stage $s): ?string => ($t = $s->targetAt($position)) === null ? null : $text($r, $s, $t);
            $was = $of($this->old, $old);
            $is = $of($this->new, $new);
            if ($was !== $is) {
                $alike[($was ?? 'not at all').' → '.($is ?? 'not at all')][] = $position;
            }
        }
        foreach ($alike as $change => $positions) {
            [$was, $is] = explode(' → ', $change, 2);
            $this->add($what, ucfirst(sprintf($sentence, $this->whom($positions), $was, $is)), $key, $positions);
        }
    }

    /** @param  list<string>  $positions */
    private function whom(array $positions): string
    {
        $map = $this->new->map;
        if (array_diff(array_map(fn ($p): string => $p->key, $map->positions), $positions) === []) {
            return 'all';
        }

        return $this->new->named($positions);
    }

    private function map(): void
    {
        $old = $new = [];
        foreach ($this->old->map->positions as $p) {
            $old[$p->key] = $p;
        }
        foreach ($this->new->map->positions as $p) {
            $new[$p->key] = $p;
        }
        foreach (['left out' => array_diff_key($old, $new), 'added' => array_diff_key($new, $old)] as $word => $those) {
            if ($those !== []) {
                $this->add('map', sprintf('position %s %s', implode(', ', array_map(fn ($p): string => $p->number, $those)), $word), null, array_map(strval(...), array_keys($those)));
            }
        }
        $moved = array_keys(array_filter(array_intersect_key($new, $old), fn ($p): bool => $p != $old[$p->key]));
        $reached = array_keys(array_filter($new, fn ($p): bool => ($this->old->map->adapters[$p->key] ?? null) !== ($this->new->map->adapters[$p->key] ?? null)));
        foreach (array_map(strval(...), $reached) as $position) {
            $this->add('map', sprintf('no. %s, reached with: %s → %s', $new[$position]->number, $this->adapterAt($this->old, $position), $this->adapterAt($this->new, $position)), null, [$position]);
        }
        if ($moved !== []) {
            $this->add('map', sprintf('on the map changed: %s', implode(', ', array_map(fn (string $k): string => $new[$k]->number, array_map(strval(...), $moved)))), null, array_map(strval(...), $moved));
        }
    }

    private function adapterAt(Revision $revision, string $position): string
    {
        return $revision->rigging->adapters[$revision->map->adapters[$position] ?? '']->name ?? 'the wrench alone';
    }

    /** Things of the document that have keys: left out, added, or with another value in a field. */
    private function listed(string $list, string $what, string $name, string $kind): void
    {
        $old = AsWritten::things($this->oldDocument, $list);
        $new = AsWritten::things($this->newDocument, $list);
        foreach (array_diff_key($old, $new) as $thing) {
            $this->add($what, sprintf('%s %s left out', $kind, self::words($thing[$name] ?? $thing['key'])));
        }
        foreach (array_diff_key($new, $old) as $thing) {
            $this->add($what, sprintf('%s %s added', $kind, self::words($thing[$name] ?? $thing['key'])));
        }
        foreach (array_intersect_key($new, $old) as $key => $thing) {
            foreach (array_keys($thing + $old[$key]) as $field) {
                $was = $old[$key][$field] ?? null;
                $is = $thing[$field] ?? null;
                if ($was !== $is) {
                    $this->add($what, sprintf('%s, %s: %s → %s', self::words($thing[$name] ?? $key), str_replace('_', ' ', (string) $field), self::words($was), self::words($is)));
                }
            }
        }
    }

    private function surfaces(): void
    {
        $text = fn (array $d): array => array_map(self::surface(...), is_array($d['surfaces'] ?? null) ? array_values($d['surfaces']) : []);
        $was = $text($this->oldDocument);
        $is = $text($this->newDocument);
        if ($was !== $is) {
            $this->add('surface', sprintf('surfaces: %s → %s', implode(', ', $was), implode(', ', $is)));
        }
    }

    /** "threads locker, done within 15 min". */
    private static function surface(mixed $surface): string
    {
        if (! is_array($surface)) {
            return self::words($surface);
        }
        $says = self::words($surface['surface'] ?? '').' '.self::words($surface['condition'] ?? '');
        foreach (['working_time' => ', done within %s', 'key' => ' (recorded as %s)', 'groups' => ' on %s'] as $field => $sentence) {
            $says .= isset($surface[$field]) ? sprintf($sentence, self::words($surface[$field])) : '';
        }

        return $says;
    }

    private function texts(): void
    {
        foreach (['option', 'purpose', 'risk_class', 'why', 'cautions', 'marks', 'fault_overrides'] as $field) {
            $was = $this->oldDocument[$field] ?? null;
            $is = $this->newDocument[$field] ?? null;
            if ($was !== $is) {
                $this->add('text', sprintf('%s: %s → %s', str_replace('_', ' ', $field), self::words($was), self::words($is)));
            }
        }
    }

    /** @param  list<string>  $positions */
    private function add(string $what, string $sentence, ?string $stage = null, array $positions = []): void
    {
        $this->changes[] = new Change($what, $sentence, $stage, $positions);
    }

    /**
     * @param  list<Stage>  $stages
     * @return array<string, Stage>
     */
    private static function byKey(array $stages): array
    {
        return array_combine(array_map(fn (Stage $s): string => $s->key(), $stages), $stages);
    }

    private static function words(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $value,
            is_int($value) => (string) $value,
            is_array($value) && array_is_list($value) => implode(', ', array_map(self::words(...), $value)),
            is_array($value) => implode(', ', array_map(fn (string|int $k, mixed $v): string => str_replace('_', ' ', (string) $k).' '.self::words($v), array_keys($value), $value)),
            default => '',
        };
    }
}
