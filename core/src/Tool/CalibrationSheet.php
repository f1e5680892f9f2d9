<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/**
 * A calibration as it was carried out: how the tool was found, what was done to it, how it was left, and the terms by which
 * it is judged. It holds everything, so that it comes to the same whenever it is read again.
 */
final readonly class CalibrationSheet
{
    /** In both directions. */
    private const MOST_POINTS = 24;

    public const ADJUSTMENTS = ['none', 'adjusted', 'repaired', 'part_replaced'];

    /** Of what says none. */
    public string $direction;

    /** @var list<PointReadings> none: it could not be read, or was new */
    public array $found;

    public string $adjustment;

    /** @var list<PointReadings> none: it was left as it was found */
    public array $left;

    public int $preloads;

    /** °C */
    public ?string $temperature;

    /** % */
    public ?string $humidity;

    /** @param  array<mixed>  $typed */
    private function __construct(array $typed, public CalibrationTerms $terms)
    {
        $of = new RuleFields($typed);
        $unit = $terms->resolution->unit->code();
        $this->adjustment = $of->oneOf('adjustment', self::ADJUSTMENTS);
        $this->direction = $of->oneOf('direction', PointReadings::DIRECTIONS);
        [$this->found, $this->left] = [$this->points($of, 'as_found', $unit), $this->points($of, 'as_left', $unit)];
        if ($this->adjustment === 'none' && $this->left !== [] && $this->found !== []) {
            throw $of->no('as_left', 'readings', 'without an adjustment it is left as it was found: none');
        }
        $this->preloads = $of->whole('preloads', 0, 20);
        [$this->temperature, $this->humidity] = [self::climate($typed, 'temperature', 60.0, '°C'), self::climate($typed, 'humidity', 100.0, '%')];
    }

    /**
     * @param  array<mixed>  $typed  direction, as_found, adjustment, as_left, preloads, temperature, humidity
     *
     * @throws ToolException|UnitException that names the field
     */
    public static function read(array $typed, CalibrationTerms $terms): self
    {
        return new self($typed, $terms);
    }

    /** Null where it could not be read, or was new. */
    public function asFound(): ?PassFinding
    {
        return self::isRead($this->found) ? new PassFinding($this->found, $this->terms) : null;
    }

    /** Null where nothing was read at all. */
    public function asLeft(): ?PassFinding
    {
        return self::isRead($this->left) ? new PassFinding($this->left, $this->terms) : ($this->adjustment === 'none' ? $this->asFound() : null);
    }

    /**
     * Whether it holds enough to be one: so many points in each direction in which the tool is used, so many readings at each.
     *
     * @param  list<string>|null  $directions  null: in whichever it was read
     *
     * @throws ToolException that says what is missing
     */
    public function enough(int $points, int $readings, ?array $directions = null): void
    {
        foreach (['as found' => $this->found, 'as left' => $this->left] as $pass => $read) {
            foreach ($read === [] ? [] : ($directions ?? [null]) as $direction) {
                $there = count(array_filter($read, fn (PointReadings $p): bool => $direction === null || $p->direction === $direction));
                if ($there < $points) {
                    throw new ToolException(sprintf('%s: %d %s wanted%s; %d stand there.', ucfirst($pass), $points, $points === 1 ? 'point is' : 'points are', $direction === null || $direction === PointReadings::CLOCKWISE ? '' : " $direction", $there), str_replace(' ', '_', $pass), (string) $there, "$points points");
                }
            }
            foreach ($read as $point) {
                if (count($point->readings) < $readings) {
                    throw new ToolException(sprintf('%s: %d readings are wanted at %s; %d stand there.', ucfirst($pass), $readings, $point->words(), count($point->readings)), str_replace(' ', '_', $pass), (string) count($point->readings), "$readings readings");
                }
            }
        }
        if ($this->asLeft() === null) {
            throw new ToolException('As left: nothing was read. How it goes back into use is what a calibration says.', 'as_left', '', 'readings');
        }
    }

    /** @return array<string, mixed> canonical; ofData() reads it */
    public function toData(): array
    {
        return array_filter([
            'direction' => $this->direction, 'as_found' => array_map($this->pointData(...), $this->found), 'adjustment' => $this->adjustment, 'as_left' => array_map($this->pointData(...), $this->left),
            'preloads' => $this->preloads, 'temperature' => $this->temperature, 'humidity' => $this->humidity, 'terms' => TermsData::write($this->terms),
        ], fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param  array<mixed>  $data  as toData() wrote it
     *
     * @throws ToolException|UnitException when it is not
     */
    public static function ofData(array $data): self
    {
        return self::read($data, TermsData::read(is_array($data['terms'] ?? null) ? $data['terms'] : []));
    }

    /** @param  list<PointReadings>  $points */
    private static function isRead(array $points): bool
    {
        return array_filter($points, fn (PointReadings $p): bool => $p->readings !== []) !== [];
    }

    /** @return list<string> in which it was read as it was left, or as it was found where nothing was read later */
    public function directions(): array
    {
        $read = array_filter($this->left === [] ? $this->found : $this->left, fn (PointReadings $p): bool => $p->readings !== []);

        return array_values(array_intersect(PointReadings::DIRECTIONS, array_map(fn (PointReadings $p): string => $p->direction, $read)));
    }

    /** @return array<string, mixed> */
    private function pointData(PointReadings $point): array
    {
        return ['nominal' => $point->nominal->code(), 'readings' => array_map(fn (Written $r): string => $r->code(), $point->readings)] + ($point->direction === $this->direction ? [] : ['direction' => $point->direction]);
    }

    /** @return list<PointReadings> */
    private function points(RuleFields $of, string $field, string $unit): array
    {
        return array_map(fn (RuleFields $p): PointReadings => new PointReadings(
            self::value($p->text('nominal'), $unit, $p), array_map(fn (string $r): Written => self::value($r, $unit, $p), $p->texts('readings', 30)), $p->has('direction') ? $p->oneOf('direction', PointReadings::DIRECTIONS) : $this->direction,
        ), $of->objects($field, self::MOST_POINTS));
    }

    /** With its unit, or in that of the tool. */
    private static function value(string $said, string $unit, RuleFields $of): Written
    {
        try {
            return preg_match('/^[\d.]+$/D', $said) === 1 ? Written::fromCode($said, $unit) : Written::coded($said);
        } catch (UnitException) {
            throw $of->no('reading', $said, str_contains($said, ',') ? 'a decimal has a point, as in 14.1; a number' : "a number in $unit");
        }
    }

    /** @param  array<mixed>  $typed */
    private static function climate(array $typed, string $field, float $most, string $unit): ?string
    {
        $said = $typed[$field] ?? null;
        if ($said === null || $said === '') {
            return null;
        }

        return is_string($said) && preg_match('/^-?\d{1,3}(\.\d{1,2})?$/D', $said) === 1 && abs((float) $said) <= $most ? $said : throw new ToolException(sprintf('%s "%s": a number up to %g %s is wanted.', ucfirst($field), is_string($said) ? $said : '', $most, $unit), $field, is_string($said) ? $said : '', sprintf('%g %s', $most, $unit));
    }
}
