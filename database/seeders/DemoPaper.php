<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Actions\CompareCard;
use App\Bench\Actions\MoveCard;
use App\Bench\Actions\PrintCard;
use App\Bench\Queries\CardLines;
use App\Bench\RunContext;
use App\Library\PaperFile;
use App\People\Models\Person;
use App\People\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use RuntimeException;

/** A job of the demo that was worked on paper: its card goes out, comes back signed, is typed in by one and compared by another. */
final readonly class DemoPaper
{
    private const WIDTH = 1240;

    private const LINE = 46;

    private const MARGIN = 90;

    public function __construct(private PrintCard $print, private MoveCard $move, private CompareCard $compare)
    {
    }

    /** @return string the number of the card */
    public function out(string $assignment, Person $lead): string
    {
        return ($this->print)($assignment, $lead);
    }

    public function back(string $card, Person $worker, Person $lead): void
    {
        $this->move->back($card, $worker->id, CarbonImmutable::now()->setTimezone(Shop::here()->timeZone)->format('Y-m-d'), $lead);
    }

    public function compared(string $card, DemoRun $run, Person $worker, Person $lead): void
    {
        $lines = (new CardLines(RunContext::get($run->id)->fold, $card))->toArray();
        $this->move->scan($card, PaperFile::of(self::file($this->drawn($card, $lines, $worker))), $lead);
        ($this->compare)($card, [], $lead);
    }

    /**
     * What a scanner would have made of it: ink on paper, with the values as they were written.
     *
     * @param  list<array{says: string, typed: string, ...}>  $lines
     */
    private function drawn(string $card, array $lines, Person $worker): string
    {
        $height = self::LINE * (count($lines) + 8);
        $picture = imagecreatetruecolor(self::WIDTH, $height) ?: throw new RuntimeException('No picture could be drawn.');
        [$paper, $print, $ink] = [imagecolorallocate($picture, 250, 249, 245), imagecolorallocate($picture, 90, 90, 90), imagecolorallocate($picture, 30, 45, 110)];
        imagefilledrectangle($picture, 0, 0, self::WIDTH, $height, (int) $paper);
        $write = fn (int $row, int $x, string $text, bool $byHand = false): mixed => imagettftext($picture, $byHand ? 22 : 17, $byHand ? 2 : 0, $x, self::LINE * $row, (int) ($byHand ? $ink : $print), self::font($byHand), $text);
        $write(2, self::MARGIN, "Job card $card");
        foreach ($lines as $i => $line) {
            $write($i + 4, self::MARGIN, $line['says']);
            imageline($picture, 560, self::LINE * ($i + 4) + 8, 900, self::LINE * ($i + 4) + 8, (int) $print);
            $write($i + 4, 600, $line['typed'], true);
        }
        $write(count($lines) + 6, self::MARGIN, 'I did this and looked at every mark.');
        $write(count($lines) + 6, 600, $worker->displayName(), true);
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }

    private static function font(bool $byHand): string
    {
        return base_path('vendor/dompdf/dompdf/lib/fonts/DejaVu'.($byHand ? 'Serif-BoldItalic' : 'Sans').'.ttf');
    }

    private static function file(string $bytes): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('card.png', $bytes);
    }
}
