<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files that are replaced whole: a worker killed in the middle of writing leaves the old one, not half a one.
 * One that is as it was read is not written again.
 */
final class WholeFileSessions extends FileSessionHandler
{
    /** @var array<string, string> what its file holds, by id */
    private array $held = [];

    public function read($sessionId): string
    {
        return $this->held[$sessionId] = (string) parent::read($sessionId);
    }

    public function write($sessionId, $data): bool
    {
        if (($this->held[$sessionId] ?? null) === $data) {
            return true;
        }
        $new = (string) tempnam($this->path, 'new');
        file_put_contents($new, $data);
        // Its age is read off the application's clock, which tests may set; it must be right from the first moment.
        touch($new, now()->getTimestamp());

        $written = rename($new, $this->path.'/'.$sessionId);
        if ($written) {
            $this->held[$sessionId] = $data;
        }

        return $written;
    }
}
