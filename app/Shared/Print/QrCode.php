<?php

declare(strict_types=1);

namespace App\Shared\Print;

use RuntimeException;
use Symfony\Component\Process\Process;

/** A text as a code that a scanner reads, for paper. */
final class QrCode
{
    /** @return string an address that holds the picture */
    public static function of(string $text): string
    {
        $process = new Process(['qrencode', '-t', 'PNG', '-s', '8', '-m', '2', '-o', '-', $text]);
        $process->run();

        return $process->isSuccessful() ? Pdf::picture($process->getOutput(), 'image/png') : throw new RuntimeException('qrencode: '.$process->getErrorOutput());
    }
}
