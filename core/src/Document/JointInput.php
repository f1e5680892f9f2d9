<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\CoreException;
use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** What a document says of a fastener, as the joint arithmetic wants it. What it does not say stays unknown. */
final readonly class JointInput
{
    /** Of steel, where a member is only named; a modulus in MPa by the word in its material. */
    private const MODULI = ['steel' => 205_000.0, 'iron' => 110_000.0, 'aluminium' => 70_000.0];

    /**
     * What a document says of one of its fasteners.
     *
     * @param  array<mixed>  $document
     * @param  string|null  $condition  on its threads
     */
    public static function of(array $document, string $key, ?string $condition): JointData
    {
        foreach (is_array($document['fasteners'] ?? null) ? $document['fasteners'] : [] as $fastener) {
            if (is_array($fastener) && ($fastener['key'] ?? null) === $key) {
                return self::fastener($fastener, $condition);
            }
        }

        return self::fastener([], $condition);
    }

    /**
     * What is on the threads of a group; null where nothing is said of them.
     *
     * @param  list<Agent>  $agents
     */
    public static function condition(array $agents, string $group): ?string
    {
        foreach ($agents as $agent) {
            if (str_contains($agent->surface, 'threads') && ($agent->groups === [] || in_array($group, $agent->groups, true))) {
                return $agent->condition;
            }
        }

        return null;
    }

    /**
     * @param  array<mixed>  $fastener  as the document writes it
     * @param  string|null  $condition  on its threads
     */
    public static function fastener(array $fastener, ?string $condition): JointData
    {
        $thread = self::tried(fn (): Thread => Thread::named(self::text($fastener, 'thread')));
        $geometry = is_array($fastener['geometry'] ?? null) ? $fastener['geometry'] : [];
        $body = $thread === null ? null : self::body($thread, $geometry, ($fastener['head'] ?? null) === 'internal');
        $grip = self::millimetres($geometry, 'grip_length');
        [$bearing, $hole] = [self::millimetres($geometry, 'bearing_diameter'), self::millimetres($geometry, 'hole_diameter')];
        // A hole as wide as the face that should bear on it says that one of the two was misread.
        $fits = $bearing === null || $hole === null || $bearing > $hole;

        return new JointData(
            $thread,
            $thread === null ? null : self::tried(fn (): Strength => Strength::named(self::text($fastener, 'strength'), $thread)),
            $condition === null ? null : self::tried(fn (): Friction => Friction::ofCondition($condition)),
            $fits ? $bearing : null,
            $fits ? $hole : null,
            $body,
            $thread === null || $grip === null ? null : self::members($geometry, $thread, $grip),
        );
    }

    /** @param  array<mixed>  $geometry */
    private static function body(Thread $thread, array $geometry, bool $socket): ?BoltBody
    {
        $shank = [];
        foreach (is_array($geometry['shank'] ?? null) ? $geometry['shank'] : [] as $segment) {
            $length = is_array($segment) ? self::millimetres($segment, 'length') : null;
            $diameter = is_array($segment) ? self::millimetres($segment, 'diameter') : null;
            if ($length === null || $diameter === null) {
                return null;
            }
            $shank[] = [$length, $diameter];
        }
        $grip = self::millimetres($geometry, 'grip_length');
        $free = $grip === null ? null : $grip - array_sum(array_column($shank, 0));

        return $free === null || $free < 0 ? null : new BoltBody($thread, $shank, $free, $socket, 'tapped');
    }

    /** @param  array<mixed>  $geometry */
    private static function members(array $geometry, Thread $thread, float $grip): ?float
    {
        foreach (is_array($geometry['members'] ?? null) ? $geometry['members'] : [] as $member) {
            $material = is_array($member) ? self::text($member, 'material') : '';
            foreach (self::MODULI as $word => $modulus) {
                if (str_contains($material, $word)) {
                    return Clamping::memberStiffness($modulus, $thread->d, $grip);
                }
            }
        }

        return null;
    }

    /** @param  array<mixed>  $of */
    private static function millimetres(array $of, string $key): ?float
    {
        $parsed = is_string($of[$key] ?? null) ? QuantityParser::parse($of[$key]) : null;

        return $parsed instanceof Understood ? $parsed->value->quantity()->inBase()->toFloat() : null;
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null what cannot be read is unknown
     */
    private static function tried(callable $read): mixed
    {
        try {
            return $read();
        } catch (CoreException) {
            return null;
        }
    }
}
