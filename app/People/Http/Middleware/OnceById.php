<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use App\Shared\Http\DeskCommand;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * A command from a desk that brings an id is carried out once: sent again it is answered as it was, and with other content
 * it is refused. The answer is kept in the transaction of what it answers. What was refused is forgotten and may be tried
 * again. Commands whose entry carries the id themselves see to it by themselves; a token, a PIN or a link is handed out only once.
 */
final class OnceById
{
    private const BY_THEMSELVES = ['api/builds', 'api/builds/*/assignments', 'api/library/permits', 'api/devices', 'api/people/*/pin', 'api/people/*/link', 'api/first-use*', 'api/welcome/*', 'api/session*', 'api/bench/*', 'api/stand-ins/*'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $command = $request->isMethod('POST') && $request->isJson() && Auth::check() && $request->is('api/*') && ! $request->is(self::BY_THEMSELVES) ? DeskCommand::from($request) : null;

        return $command === null ? $next($request) : DB::transaction(fn (): Response => $this->once($command, $request, $next));
    }

    /** @param  Closure(Request): Response  $next */
    private function once(DeskCommand $command, Request $request, Closure $next): Response
    {
        // Whoever comes second with the same id waits here for the first.
        DB::table('desk_commands')->insertOrIgnore(['id' => $command->id, 'hash' => $command->hash, 'person' => Auth::id(), 'status' => 0, 'at' => now()]);
        $kept = DB::table('desk_commands')->where('id', $command->id)->lockForUpdate()->first();
        if ($kept === null || $kept->hash !== $command->hash || $kept->person !== Auth::id()) {
            throw new Refused(ProblemType::IdTaken, 'This id stands for another command already. Keep what you have and show it to the lead.', 409, ['id' => $command->id]);
        }
        if ((int) $kept->status !== 0) {
            return $kept->answer === null ? new JsonResponse(null, (int) $kept->status) : JsonResponse::fromJsonString($kept->answer, (int) $kept->status);
        }
        $response = $next($request);
        // Not rolled back when it was refused: a wrong password must stay counted.
        $response->isSuccessful()
            ? DB::table('desk_commands')->where('id', $command->id)->update(['status' => $response->getStatusCode(), 'answer' => $response->getStatusCode() === 204 ? null : $response->getContent()])
            : DB::table('desk_commands')->where('id', $command->id)->delete();

        return $response;
    }
}
