<?php

declare(strict_types=1);

namespace App\Library;

use App\Shared\Http\FileName;
use App\Shared\Refused;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** A paper that somebody brings, scanned: its type is what the bytes are, whatever the name says; pictures are drawn anew, so that nothing else comes in with them. */
final readonly class PaperFile
{
    /** In pixels: wide enough for any screen at a bench; a camera's own is many times that. */
    private const WIDEST = 1600;

    private function __construct(public string $type, public string $bytes, private string $name)
    {
    }

    /** @throws Refused when it is neither a PDF nor a picture */
    public static function of(UploadedFile $file): self
    {
        $bytes = (string) $file->get();
        [$type, $bytes] = match (true) {
            str_starts_with($bytes, '%PDF-') && str_contains(substr($bytes, -2048), '%%EOF') => ['application/pdf', $bytes],
            Pictures::isOne($bytes) => ['image/png', Pictures::drawnAnew($bytes)],
            default => throw Refused::field('file', sprintf('"%s" is neither a PDF nor a PNG or JPEG picture, whatever its name says. Nothing was stored.', FileName::of($file)), FileName::of($file)),
        };

        return new self($type, $bytes, FileName::of($file));
    }

    /**
     * A picture that is looked at on screens: no larger than these show it, whatever a camera made of it.
     *
     * @throws Refused when it is no picture
     */
    public static function picture(UploadedFile $file): self
    {
        $bytes = (string) $file->get();

        return Pictures::isOne($bytes)
            ? new self('image/png', Pictures::drawnAnew($bytes, self::WIDEST), FileName::of($file))
            : throw Refused::field('file', sprintf('"%s" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.', FileName::of($file)), FileName::of($file));
    }

    /** @return array{digest: string, type: string, bytes: int, name: string} as an entry holds it */
    public function toData(): array
    {
        return ['digest' => hash('sha256', $this->bytes), 'type' => $this->type, 'bytes' => strlen($this->bytes), 'name' => $this->name];
    }

    /**
     * Handed out to be saved or looked at, never to be run here.
     *
     * @param  string|null  $bytes  as they lie there
     * @param  string  $hash  that they must have
     *
     * @throws Refused when they are not those that were kept
     */
    public static function handedOut(?string $bytes, string $hash, string $type, string $name): Response
    {
        if ($bytes === null || hash('sha256', $bytes) !== $hash) {
            throw Refused::notFound('The paper on record is damaged: its bytes are not those that were stored. Restore it from a backup.');
        }

        return new Response($bytes, 200, [
            'Content-Type' => $type, 'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', preg_replace('/[^A-Za-z0-9-]/', '', $name), $type === 'application/pdf' ? 'pdf' : 'png'),
        ]);
    }
}
