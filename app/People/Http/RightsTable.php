<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Ability;
use App\People\Role;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use RuntimeException;

/** Who may do what: every route of the API, where one must stand for it, and the roles that it is open to. */
final class RightsTable
{
    /** These ask for no right of their own: the place is enough, and the one field and Today show each person only what they may see. */
    private const OPEN = ['GET find', 'GET today', 'GET session', 'POST session', 'POST session/bench', 'POST session/end', 'POST session/pin', 'POST first-use', 'POST first-use/code', 'GET welcome/{token}', 'POST welcome/{token}', 'POST bench/observations', 'POST stand-ins/wrench/pull', 'GET calendar/{token}.ics', 'GET notices', 'POST notices/{notice}/acknowledge'];

    /** @return list<array{method: string, path: string, place: 'anywhere'|'bench'|'desk'|'enrolled bench', ability: Ability|null}> */
    public static function rows(): array
    {
        $rows = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $rows[] = self::row($route);
            }
        }
        usort($rows, fn (array $a, array $b): int => [$a['path'], $a['method']] <=> [$b['path'], $b['method']]);

        return $rows;
    }

    public static function markdown(): string
    {
        $text = "# Who may do what\n\nMade by `bin/tekkal contract` from the routes; a test tries every cell. A reader of a customer sees that customer's engines only.\n\n";
        $text .= '| request | where | '.implode(' | ', array_map(fn (Role $r): string => $r->words(), Role::cases()))." |\n|---|---|".str_repeat('---|', count(Role::cases()))."\n";
        foreach (self::rows() as $row) {
            $cells = array_map(fn (Role $r): string => match (true) {
                $row['ability'] === null => 'open',
                default => in_array($row['ability'], $r->abilities(), true) ? 'yes' : '–',
            }, Role::cases());
            $text .= sprintf("| %s `%s` | %s | %s |\n", $row['method'], $row['path'], $row['place'], implode(' | ', $cells));
        }

        return $text;
    }

    /** @return array{method: string, path: string, place: 'anywhere'|'bench'|'desk'|'enrolled bench', ability: Ability|null} */
    private static function row(OneRoute $route): array
    {
        $middleware = $route->gatherMiddleware();
        $method = $route->methods()[0];
        $path = substr($route->uri(), 4);
        $ability = null;
        foreach ($middleware as $name) {
            $ability = is_string($name) && str_starts_with($name, 'can:') ? Ability::from(substr($name, 4)) : $ability;
        }
        // A route that asks for nothing by oversight must not pass for an open one.
        if ($ability === null && ! in_array("$method $path", self::OPEN, true)) {
            throw new RuntimeException("$method $path asks for no right and is not among those that are open.");
        }

        return ['method' => $method, 'path' => $path, 'ability' => $ability, 'place' => match (true) {
            in_array('desk', $middleware, true) => 'desk',
            in_array('bench', $middleware, true) => 'bench',
            in_array('device', $middleware, true) => 'enrolled bench',
            default => 'anywhere',
        }];
    }
}
