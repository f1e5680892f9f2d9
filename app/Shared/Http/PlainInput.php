<?php

declare(strict_types=1);

namespace App\Shared\Http;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Tekkal\Core\Document\PlainText;

/**
 * Refuses control signs and marks that turn the direction of writing in anything that is typed at a desk, wherever it
 * goes: what looks the same is to be the same. What a bench saw is kept to the byte, and a draft is saved as it stands, and
 * a table is read as it came; the core says what is wrong with it.
 */
final class PlainInput
{
    public const TABLES = ['api/library/map/csv', 'api/library/general-tables', 'api/tools/read', 'api/builds/read', 'api/tools/*/calibrations/read', 'api/tools/*/studies', 'api/tools/*/studies/look'];

    private const AS_IT_STANDS = ['api/bench/*', 'api/library/drafts/*', 'api/library/look', ...self::TABLES];

    private const SECRET = ['password', 'pin', 'new_pin', 'second_pin'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is('api/*') && ! $request->is(self::AS_IT_STANDS)) {
            $this->look($request->except(self::SECRET), '');
        }

        return $next($request);
    }

    /** @param  array<mixed>  $input */
    private function look(array $input, string $at): void
    {
        foreach ($input as $key => $value) {
            if (is_array($value)) {
                $this->look($value, "$at$key.");
            } elseif (is_string($value) && ! PlainText::isLines(str_replace("\r\n", "\n", $value))) {
                throw new Refused(ProblemType::BadValue, 'A control sign, a mark of direction or a sign that cannot be seen stands in it. Write it without.', 422, ['field' => $at.$key, 'value' => mb_strimwidth(mb_scrub((string) preg_replace('/[\p{C}]/u', '·', mb_scrub($value))), 0, 80, '…')]);
            }
        }
    }
}
