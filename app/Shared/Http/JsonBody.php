<?php

declare(strict_types=1);

namespace App\Shared\Http;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses a JSON body that would cost more to take apart than anybody needs, before it is taken apart: a list of
 * millions is small on the line and large in memory. Files come as files, and have a limit of their own.
 */
final class JsonBody
{
    /** Twice the largest document. */
    private const MOST_BYTES = 4_000_000;

    private const MOST_VALUES = 250_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isJson()) {
            $this->look($request);
        }

        return $next($request);
    }

    private function look(Request $request): void
    {
        $body = $request->getContent();
        if (strlen($body) > self::MOST_BYTES) {
            throw new Refused(ProblemType::TooLarge, 'A request has at most 4 MB. Nothing was stored.', 413, ['value' => strlen($body), 'limit' => self::MOST_BYTES, 'unit' => 'bytes']);
        }
        $values = substr_count($body, ',') + substr_count($body, '[') + substr_count($body, '{');
        if ($values > self::MOST_VALUES) {
            throw new Refused(ProblemType::TooLarge, sprintf('A request has at most %s values. Nothing was stored.', number_format(self::MOST_VALUES)), 413, ['limit' => self::MOST_VALUES, 'unit' => 'values']);
        }
        // 1e309 is a number to JSON and infinity to a computer.
        if (preg_match('/\d[eE]\+?\d{3}/', $body) === 1 && self::holdsInfinity(json_decode($body, true))) {
            throw new Refused(ProblemType::Unreadable, 'It holds a number that is larger than any that can be kept. Nothing was stored.', 422);
        }
    }

    private static function holdsInfinity(mixed $value): bool
    {
        $found = false;
        if (is_array($value)) {
            array_walk_recursive($value, function (mixed $v) use (&$found): void {
                $found = $found || (is_float($v) && ! is_finite($v));
            });
        }

        return $found;
    }

    /**
     * Refuses a list that is longer than anything asks for, before each of its items is validated.
     *
     * @param  array<string, int>  $most  the longest list by field
     */
    public static function lists(Request $request, array $most): void
    {
        foreach ($most as $field => $limit) {
            $list = $request->input($field);
            if (is_array($list) && count($list) > $limit) {
                throw new Refused(ProblemType::BadValue, sprintf('"%s" has at most %s items; these are %s.', $field, number_format($limit), number_format(count($list))), 422, ['field' => $field, 'value' => count($list), 'limit' => $limit, 'unit' => 'items']);
            }
        }
    }
}
