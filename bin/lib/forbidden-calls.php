<?php

declare(strict_types=1);

// The core reads no clock, randomness, environment, disk or network: times and seeds come in as arguments. Prints each
// place in the given folder that does, and exits with 1 where there is one.
const CALLS = [
    'time', 'microtime', 'hrtime', 'date', 'gmdate', 'idate', 'mktime', 'gmmktime', 'strtotime', 'getdate', 'localtime', 'date_create', 'date_create_immutable',
    'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'lcg_value', 'shuffle', 'array_rand', 'str_shuffle', 'mt_srand',
    'getenv', 'putenv', 'php_uname', 'gethostname', 'sys_getloadavg', 'setlocale', 'date_default_timezone_get', 'date_default_timezone_set', 'ini_set', 'ini_get',
    'file_get_contents', 'file_put_contents', 'fopen', 'file', 'readfile', 'unlink', 'mkdir', 'glob', 'scandir', 'is_file', 'file_exists', 'tempnam', 'touch', 'copy', 'rename',
    'fsockopen', 'stream_socket_client', 'curl_init', 'gethostbyname', 'exec', 'shell_exec', 'system', 'passthru', 'proc_open', 'popen',
    'sleep', 'usleep', 'error_log', 'trigger_error', 'var_dump', 'print_r', 'printf', 'register_shutdown_function', 'define',
];
const WORDS = [T_ECHO => 'echo', T_PRINT => 'print', T_EXIT => 'exit', T_EVAL => 'eval', T_INCLUDE => 'include', T_INCLUDE_ONCE => 'include_once', T_REQUIRE => 'require', T_REQUIRE_ONCE => 'require_once', T_GLOBAL => 'global', T_GOTO => 'goto'];
const OBJECT_OR_NAME = [T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW];

/** @return list<array{int, string}> line and what stands there */
function places(string $code): array
{
    $tokens = array_values(array_filter(PhpToken::tokenize($code), fn (PhpToken $t): bool => ! $t->isIgnorable()));
    $places = [];
    foreach ($tokens as $i => $token) {
        $next = $tokens[$i + 1] ?? null;
        $name = strtolower(ltrim($token->text, '\\'));
        $before = $tokens[$i - 1] ?? null;
        if (isset(WORDS[$token->id])) {
            $places[] = [$token->line, WORDS[$token->id]];
        } elseif ($token->is(T_VARIABLE) && preg_match('/^\$(_[A-Z]+|GLOBALS)$/', $token->text) === 1) {
            $places[] = [$token->line, $token->text];
        } elseif ($token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && in_array($name, CALLS, true) && $next?->text === '(' && ! $before?->is(OBJECT_OR_NAME)) {
            $places[] = [$token->line, $name.'()'];
        } elseif ($before?->is(T_NEW) && in_array($name, ['datetime', 'datetimeimmutable'], true) && ($next?->text !== '(' || in_array(strtolower(trim(($tokens[$i + 2] ?? $token)->text, '\'"')), [')', 'now', 'today'], true))) {
            $places[] = [$token->line, "new $token->text of now"];
        } elseif ($before?->is(T_NEW) && in_array($name, ['randomizer', 'random\\randomizer'], true) && (($tokens[$i + 2] ?? null)?->text === ')' || $next?->text !== '(')) {
            $places[] = [$token->line, 'new Randomizer without a seed'];
        }
    }

    return $places;
}

$found = 0;
$folder = $argv[1] ?? 'core/src';
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
    if ($file->getExtension() !== 'php') {
        continue;
    }
    foreach (places((string) file_get_contents($file->getPathname())) as [$line, $what]) {
        printf("%s:%d: %s has no place in the core.\n", $file->getPathname(), $line, $what);
        $found++;
    }
}
exit($found === 0 ? 0 : 1);
