<?php

declare(strict_types=1);

// No function of more than 40 lines, none with more than 7 parameters. php bin/lib/shape.php FOLDER…; prints each that
// is, and the median of all.

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

require __DIR__.'/../../vendor/autoload.php';

const MOST_LINES = 40;
const MOST_PARAMETERS = 7;

$lengths = [];
$over = 0;
foreach (array_slice($argv, 1) as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if (! str_ends_with((string) $file, '.php')) {
            continue;
        }
        $tree = (new ParserFactory)->createForNewestSupportedVersion()->parse((string) file_get_contents((string) $file)) ?? [];
        foreach ((new NodeFinder)->find($tree, fn (Node $n): bool => $n instanceof Node\Stmt\ClassMethod || $n instanceof Node\Stmt\Function_) as $function) {
            $lines = $function->getEndLine() - $function->getStartLine() + 1;
            $lengths[] = $lines;
            if ($lines > MOST_LINES || count($function->params) > MOST_PARAMETERS) {
                printf("%s:%d: %s() has %d lines and %d parameters.\n", $file, $function->getStartLine(), $function->name, $lines, count($function->params));
                $over++;
            }
        }
    }
}
sort($lengths);
printf("%d functions, half of them of at most %d lines.\n", count($lengths), $lengths[intdiv(count($lengths), 2)] ?? 0);
exit($over === 0 ? 0 : 1);
