<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\RecordObservations;
use App\Bench\ObservationReader;
use App\Ledger\Entry;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Tekkal\Core\CoreException;

/** Takes what a bench saw. The device and the sitting answer for it, so it is taken after sign-out as well. */
final class ObservationController
{
    private const MOST = 100;

    public function __invoke(Request $request, RecordObservations $record): JsonResponse
    {
        // The bench's cookie alone opens this way. Only its own page may send JSON with it: another's is asked first, and refused.
        if (! $request->isJson()) {
            throw new Refused(ProblemType::Unreadable, 'A batch is sent as JSON.', 422, ['field' => 'Content-Type']);
        }
        $sent = $request->json()->all();
        $list = $sent['observations'] ?? null;
        if (! is_array($list) || $list === [] || ! array_is_list($list) || count($list) > self::MOST) {
            throw new Refused(ProblemType::Unreadable, sprintf('A batch is a list of 1 to %d observations.', self::MOST), 422, ['field' => 'observations', 'limit' => self::MOST]);
        }
        $observations = array_map(ObservationReader::read(...), $list, array_keys($list));
        $entries = $record($observations, $request->attributes->get('device'), $this->skewMs($sent['sent_at'] ?? null));

        return new JsonResponse(['outcomes' => array_map(self::outcome(...), $entries)]);
    }

    /** Server time less device time at sending, in ms. */
    private function skewMs(mixed $sentAt): int
    {
        try {
            return (int) round(CarbonImmutable::instance(ObservationReader::time($sentAt))->diffInMilliseconds(now(), false));
        } catch (CoreException) {
            throw new Refused(ProblemType::Unreadable, 'The batch does not say when it was sent.', 422, ['field' => 'sent_at']);
        }
    }

    /** @return array<string, mixed> */
    private static function outcome(Entry $entry): array
    {
        $outcome = $entry->outcome() ?? [];

        return [
            'id' => $entry->id(),
            'standing' => $entry->text('outcome.standing'),
            'seq' => $entry->seq(),
            'leaf_hash' => $entry->leafHash,
            // Told in one order of keys, whether it has just been decided or was stored long ago.
            'effects' => array_map(self::inOrder(...), (array) ($outcome['effects'] ?? [])),
            'say' => array_map(self::inOrder(...), (array) ($outcome['say'] ?? [])),
        ];
    }

    private static function inOrder(mixed $told): mixed
    {
        if (is_array($told)) {
            array_is_list($told) || ksort($told);
            $told = array_map(self::inOrder(...), $told);
        }

        return $told;
    }
}
