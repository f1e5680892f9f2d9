<?php

declare(strict_types=1);

namespace App\Shared\Http;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\Request;
use Tekkal\Core\CoreException;
use Tekkal\Core\Ledger\CanonicalJson;

/** A command from a desk with an id of its own: sent twice it is carried out once, and with other content refused. */
final readonly class DeskCommand
{
    private function __construct(
        public string $id,
        public string $hash,
    ) {
    }

    /** Null for one that brings no id, which is carried out each time it comes. */
    public static function from(Request $request): ?self
    {
        $id = $request->validate(['id' => 'nullable|uuid'])['id'] ?? null;
        if (! is_string($id)) {
            return null;
        }
        try {
            return new self(strtolower($id), hash('sha256', $request->path()."\n".CanonicalJson::encode($request->json()->all())));
        } catch (CoreException $e) {
            throw new Refused(ProblemType::Unreadable, 'The command could not be read: '.$e->getMessage(), 422);
        }
    }
}
