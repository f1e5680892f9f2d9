<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use JsonException;
use Tekkal\Core\CoreException;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

/** Reads a procedure document, format tekkal.procedure/1, into a revision, or names every problem in it. */
final class DocumentReader
{
    public const MOST_BYTES = 2_000_000;

    public const DEEPEST = 32;

    private Problems $problems;

    private function __construct()
    {
        $this->problems = new Problems;
    }

    /**
     * Reads the bytes of a file: JSON in UTF-8, at most 2 MB and 32 levels deep.
     *
     * @throws InvalidDocument with all problems
     */
    public static function fromJson(string $bytes): Revision
    {
        return self::read(self::decode($bytes));
    }

    /**
     * @param  array<mixed>  $document
     *
     * @throws InvalidDocument with all problems
     */
    public static function read(array $document): Revision
    {
        return (new self)->revision($document);
    }

    /** @return array<mixed> */
    private static function decode(string $bytes): array
    {
        $problem = match (true) {
            strlen($bytes) > self::MOST_BYTES => sprintf('at most %s bytes are taken; these are %s', number_format(self::MOST_BYTES), number_format(strlen($bytes))),
            ! Letters::isText($bytes) => 'UTF-8 is wanted',
            str_starts_with($bytes, "\xEF\xBB\xBF") => 'UTF-8 without a byte order mark is wanted',
            default => null,
        };
        if ($problem !== null) {
            throw self::refused('these bytes', $problem);
        }
        try {
            $document = json_decode($bytes, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw self::refused('this', $e->getCode() === JSON_ERROR_DEPTH ? sprintf('at most %d levels of nesting are taken', self::DEEPEST) : 'JSON is wanted ('.$e->getMessage().')');
        }

        return is_array($document) && ! array_is_list($document) ? $document : throw self::refused('this', 'a JSON object is wanted');
    }

    private static function refused(string $found, string $wanted): InvalidDocument
    {
        return new InvalidDocument([new Problem('', $found, $wanted)]);
    }

    /** @param  array<mixed>  $document */
    private function revision(array $document): Revision
    {
        $root = new ObjectReader($document, '', $this->problems);
        $root->oneOf('format', [Revision::FORMAT]);
        $purpose = Purpose::from($root->oneOf('purpose', array_column(Purpose::cases(), 'value'), Purpose::Tightening->value));
        $riskClass = $root->oneOf('risk_class', ['A', 'B', 'C']);
        $title = sprintf('%s, %s, %s', $root->name('family'), $root->name('joint'), $root->name('option'));
        $root->optionalString('why');
        $cited = $root->keyed('sources', CitedSource::read(...));
        $sources = array_map(strval(...), array_keys($cited));
        $standards = $root->keyed('window_standards', fn (ObjectReader $f): WindowStandard => WindowStandard::read($f, $sources), optional: true);
        $fasteners = $root->keyed('fasteners', FastenerType::read(...));
        $groups = $root->keyed('groups', fn (ObjectReader $f, string $key): Group => new Group($key, $f->string('name'), $f->oneOf('fastener', array_keys($fasteners))));
        [$aids, $adapters] = [Rigging::aids($root), Rigging::adapters($root)];
        $map = MapReader::read($root->object('map'), array_keys($groups), array_keys($adapters));
        $agents = $this->agents($root, array_keys($groups));
        $sequences = $this->sequences($root, $map);
        $checks = $this->checks($root);
        $consumables = $root->keyed('consumables', Consumable::read(...), optional: true);
        $stages = new StageReader($map, $riskClass, $purpose, new Vocabulary(array_keys($groups), $sources, $standards, $sequences, array_keys($checks), array_keys($consumables), array_keys($aids)));
        $blocks = $stages->blocks($root);
        $stops = Rigging::stops($root, $stages->keys(), array_keys($checks));
        $overrides = array_map(fn (ObjectReader $f): FaultOverride => $this->override($f, $sources), $root->optionalObjects('fault_overrides'));
        $conflicts = $root->keyed('conflicts', fn (ObjectReader $f, string $key): Conflict => Conflict::read($f, $key, $sources), optional: true);
        $this->conflictsNameStages($root, $conflicts, $stages->keys());
        $marks = $this->marks($root, $stages->keys());
        $root->strings('cautions');
        $this->groupsAreUsed($root, $map, $groups);
        $this->crushers($root, $consumables, $stages->keys());
        $root->close();
        $this->problems->throwIfAny();
        $blocks !== [] || throw new InvalidDocument([new Problem('/stages', 'nothing', 'a list of at least one object is wanted')]);

        return new Revision(
            new Heading($this->hash($document), $title, $purpose, $riskClass),
            new Hardware($map, $groups, $fasteners, $agents, array_values($consumables), self::yields($document, $groups, $agents), new Rigging($aids, $adapters, $stops)),
            new Work($checks, $blocks, $overrides, $marks),
            new Basis($cited, array_values($standards), array_values($conflicts), $this->problems->missing()),
        );
    }

    /** @param  array<mixed>  $document */
    private function hash(array $document): string
    {
        try {
            return hash('sha256', CanonicalJson::encode($document));
        } catch (CoreException $e) {
            throw self::refused('this', lcfirst(rtrim($e->getMessage(), '.')));
        }
    }

    /**
     * @param  array<string, Conflict>  $conflicts
     * @param  list<string>  $stages
     */
    private function conflictsNameStages(ObjectReader $root, array $conflicts, array $stages): void
    {
        foreach ($conflicts as $conflict) {
            if ($conflict->stage !== null && ! in_array($conflict->stage, $stages, true)) {
                $root->problem('conflicts', sprintf('"%s" is about "%s", which is no stage', $conflict->key, $conflict->stage));
            }
        }
    }

    /**
     * @param  list<string>  $groups
     * @return list<Agent>
     */
    private function agents(ObjectReader $root, array $groups): array
    {
        return array_map(function (ObjectReader $f) use ($groups): Agent {
            $agent = Agent::read($f, $groups);
            if ($agent->workingTime !== null && $agent->key === '') {
                $f->problem('key', 'what has a working time needs a key, by which its application is recorded');
            }
            $f->close();

            return $agent;
        }, $root->objects('surfaces'));
    }

    /** @return array<string, list<string>> position keys by the sequence's key */
    private function sequences(ObjectReader $root, FastenerMap $map): array
    {
        $known = array_map(fn ($p): string => $p->key, $map->positions);

        return $root->keyed('sequences', function (ObjectReader $f) use ($known): array {
            $f->optionalString('source');
            $order = $f->namesOf('order', $known, 'a position');
            if (count(array_unique($order)) !== count($order)) {
                $f->problem('order', 'every position is wanted once at most');
            }

            return $order;
        }, optional: true);
    }

    /** @return array<string, Check> */
    private function checks(ObjectReader $root): array
    {
        $keys = [];
        foreach ($root->optionalObjects('checks') as $check) {
            $keys[] = $check->has('key') ? $check->string('key') : '';
        }
        $checks = $root->keyed('checks', fn (ObjectReader $f): Check => Check::read($f, $keys), optional: true);
        foreach (WaitCycles::in(array_map(fn (Check $c): array => $c->needs, $checks)) as $cycle) {
            $root->problem('checks', sprintf('checks that wait for each other are never done: %s', implode(' → ', $cycle)));
        }

        return $checks;
    }

    /** @param  list<string>  $sources */
    private function override(ObjectReader $f, array $sources): FaultOverride
    {
        $override = FaultOverride::read($f, $sources);
        $f->close();

        return $override;
    }

    /** @param  list<string>  $stages */
    private function marks(ObjectReader $root, array $stages): ?MarkPolicy
    {
        $marks = $root->optionalObject('marks');
        $policy = $marks === null ? null : MarkPolicy::read($marks);
        $marks?->close();
        foreach (array_diff(array_keys($policy->strokes ?? []), $stages) as $after) {
            $root->problem('marks', sprintf('a stroke is made after "%s", which is no stage', $after));
        }

        return $policy;
    }

    /**
     * The torque at which the estimate puts the yield of each group's fastener, where the document says enough for one.
     *
     * @param  array<mixed>  $document
     * @param  array<string, Group>  $groups
     * @param  list<Agent>  $agents
     * @return array<string, Written> by group
     */
    private static function yields(array $document, array $groups, array $agents): array
    {
        $yields = [];
        foreach ($groups as $group) {
            $torque = JointInput::of($document, $group->fastener, JointInput::condition($agents, $group->key))->yieldTorque();
            if ($torque !== null) {
                $yields[$group->key] = Written::of(sprintf('%.1F', $torque), TorqueUnit::NewtonMetre);
            }
        }

        return $yields;
    }

    /** @param  array<string, Group>  $groups */
    private function groupsAreUsed(ObjectReader $root, FastenerMap $map, array $groups): void
    {
        foreach (array_keys($groups) as $group) {
            if ($map->inGroup($group) === []) {
                $root->problem('groups', sprintf('the group "%s" has no position on the map', $group));
            }
        }
    }

    /**
     * @param  array<string, Consumable>  $consumables
     * @param  list<string>  $stages
     */
    private function crushers(ObjectReader $root, array $consumables, array $stages): void
    {
        foreach ($consumables as $consumable) {
            if ($consumable->crushedBy !== null && ! in_array($consumable->crushedBy, $stages, true)) {
                $root->problem('consumables', sprintf('"%s" is crushed by "%s", which is no stage', $consumable->key, $consumable->crushedBy));
            }
        }
    }
}
