<?php

declare(strict_types=1);

namespace App\Library\Print;

/** The joint's plan view in ink on paper, readable in grey: outlines, heads by their shape, numbers. As SVG text. */
final readonly class MapDrawing
{
    private const MARGIN = 12.0;

    private const USUAL_ACROSS_FLATS = 16.0;

    /** @param  array<string, mixed>  $sketch  as MapSketch draws it */
    public function __construct(private array $sketch)
    {
    }

    public function svg(): string
    {
        [$width, $height] = $this->size();
        $parts = implode('', array_map($this->part(...), (array) $this->sketch['map']['parts']));
        $bolts = implode('', array_map($this->bolt(...), (array) $this->sketch['map']['positions']));

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%1$.1F %1$.1F %2$.1F %3$.1F" width="%2$.1F" height="%3$.1F">%4$s%5$s<text x="0" y="%6$.1F" font-family="DejaVu Sans" font-size="8">front of engine: %7$s</text></svg>',
            -self::MARGIN, $width, $height, $parts, $bolts, $height - 2 * self::MARGIN + 4, htmlspecialchars((string) $this->sketch['map']['front'], ENT_XML1),
        );
    }

    /** How wide it may be on paper, in mm, so that it keeps within so many of them and a circle stays one. */
    public function widthWithin(float $widest, float $highest): float
    {
        [$width, $height] = $this->size();

        return min($widest, $highest * $width / $height);
    }

    /** @return array{float, float} width and height with the margin and the line beneath, in mm of the joint */
    private function size(): array
    {
        return [(float) $this->sketch['map']['width'] + 2 * self::MARGIN, (float) $this->sketch['map']['height'] + 2 * self::MARGIN + 12];
    }

    /** @param  array<string, string>  $part */
    private function part(array $part): string
    {
        [$x, $y, $w, $h] = array_map(floatval(...), [$part['x'], $part['y'], $part['width'], $part['height']]);
        $outline = $part['shape'] === 'round'
            ? sprintf('<ellipse cx="%.1F" cy="%.1F" rx="%.1F" ry="%.1F" fill="#f0f0f0" stroke="#888" stroke-width="0.8"/>', $x + $w / 2, $y + $h / 2, $w / 2, $h / 2)
            : sprintf('<rect x="%.1F" y="%.1F" width="%.1F" height="%.1F" rx="4" fill="#f0f0f0" stroke="#888" stroke-width="0.8"/>', $x, $y, $w, $h);

        return $outline.sprintf('<text x="%.1F" y="%.1F" text-anchor="middle" font-family="DejaVu Sans" font-size="8" fill="#555">%s</text>', $x + $w / 2, $y + $h / 2 + 3, htmlspecialchars($part['name'], ENT_XML1));
    }

    /** @param  array<string, string>  $position */
    private function bolt(array $position): string
    {
        [$x, $y] = [(float) $position['x'], (float) $position['y']];
        $fastener = $this->fastener($position['group']);
        $radius = (float) ($fastener['across_flats_mm'] ?? self::USUAL_ACROSS_FLATS) / sqrt(3);
        $corners = ($fastener['head'] ?? 'hex') === 'twelve_point' ? 12 : 6;
        $points = array_map(fn (int $i): string => sprintf('%.2F,%.2F', $x + $radius * cos(2 * M_PI * $i / $corners), $y + $radius * sin(2 * M_PI * $i / $corners)), range(0, $corners - 1));
        // In the head it cannot be taken for its neighbour's, however close they stand.
        $size = min(10.0, 1.2 * $radius, 2.1 * $radius / max(1, mb_strlen($position['number'])));

        return sprintf('<circle cx="%.1F" cy="%.1F" r="%.1F" fill="#fff" stroke="#333" stroke-width="0.7"/><polygon points="%s" fill="#eee" stroke="#222" stroke-width="0.9"/>', $x, $y, $radius * 1.3, implode(' ', $points))
            .sprintf('<text x="%.1F" y="%.1F" text-anchor="middle" font-family="DejaVu Sans" font-size="%.1F" font-weight="bold">%s</text>', $x, $y + 0.36 * $size, $size, htmlspecialchars($position['number'], ENT_XML1));
    }

    /** @return array<string, mixed> */
    private function fastener(string $group): array
    {
        foreach ((array) $this->sketch['groups'] as $g) {
            foreach ($g['key'] === $group ? (array) $this->sketch['fasteners'] : [] as $fastener) {
                if ($fastener['key'] === $g['fastener']) {
                    return $fastener;
                }
            }
        }

        return [];
    }
}
