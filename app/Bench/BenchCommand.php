<?php

declare(strict_types=1);

namespace App\Bench;

use App\People\Http\BenchSession;
use App\People\Models\Device;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Tekkal\Core\CoreException;
use Tekkal\Core\Ledger\CanonicalJson;

/** What every command from a bench brings with it: an id of its own, the device's count and clocks, who is sitting there. */
final readonly class BenchCommand
{
    /** @param  array<string, string|int>  $clocks  what the bench had seen, and its clocks, as it sent them */
    public function __construct(
        public string $id,
        public int $deviceSeq,
        public string $device,
        public ?string $sitting,
        public string $person,
        public string $hash,
        private array $clocks,
    ) {
    }

    public static function from(Request $request): self
    {
        $given = $request->validate([
            'id' => 'required|uuid', 'device_seq' => 'required|integer|min:1', 'base_seq' => 'required|integer|min:0',
            'device_time' => 'required|string|max:40', 'mono_ms' => 'required|integer|min:0', 'clock' => 'required|string|max:60|regex:/^[\x21-\x7e]+$/D',
        ]);
        /** @var Device $device */
        $device = $request->attributes->get('device');
        $sitting = BenchSession::sitting($request) ?? throw new Refused(ProblemType::NoSitting, 'Sign in at this bench first.', 401);

        return new self(
            $given['id'], (int) $given['device_seq'], $device->id, $sitting, (string) Auth::id(), self::hash($request),
            ['base_seq' => (int) $given['base_seq'], 'device_time' => $given['device_time'], 'mono_ms' => (int) $given['mono_ms'], 'clock' => $given['clock']],
        );
    }

    /** The same by somebody else, who gave badge and PIN for this one thing and sits nowhere. */
    public function by(string $person): self
    {
        return new self($this->id, $this->deviceSeq, $this->device, null, $person, $this->hash, $this->clocks);
    }

    /**
     * The event that it is, once it is carried out: it happens where it is received.
     *
     * @param  array<string, mixed>  $content
     * @return array<string, mixed>
     */
    public function event(string $type, string $run, string $subject, array $content): array
    {
        return [
            'type' => $type, 'v' => 1, 'id' => $this->id, 'run' => $run, 'subject' => $subject, 'device_seq' => $this->deviceSeq,
            'person' => $this->person, 'device' => $this->device, 'taken_at' => now()->utc()->format('Y-m-d\TH:i:s.u\Z'),
        ] + ($this->sitting === null ? [] : ['sitting' => $this->sitting]) + $this->clocks + array_filter($content, fn (mixed $v): bool => $v !== null);
    }

    /** Two sendings are the same command when they agree in all but the count and the secret. */
    private static function hash(Request $request): string
    {
        try {
            return hash('sha256', $request->path()."\n".CanonicalJson::encode(array_diff_key($request->json()->all(), ['second_pin' => 0, 'pin' => 0, 'device_seq' => 0])));
        } catch (CoreException $e) {
            throw new Refused(ProblemType::Unreadable, 'The command could not be read: '.$e->getMessage(), 422);
        }
    }
}
