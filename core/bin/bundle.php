<?php

declare(strict_types=1);

// Prints the core and the exact decimals that it rests on as one PHP file, each class after those that it extends, for a
// PHP that runs beside a page. Nothing of the server is in it. The same sources give the same bytes.

$root = dirname(__DIR__, 2);
require "$root/vendor/autoload.php";

/** What is only for measuring and checking is not needed beside a screen; with the simulated hand it rehearses. */
const LEFT_OUT = ['SelfCheck', 'Statistics', 'Review', 'Plausibility'];

/** @return array<class-string, string> file by class */
function classes(string $root): array
{
    $classes = [];
    foreach (['core/src' => 'Tekkal\\Core', 'vendor/brick/math/src' => 'Brick\\Math'] as $folder => $namespace) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            $path = substr($file->getPathname(), strlen("$root/$folder") + 1, -4);
            if ($file->getExtension() === 'php' && ! in_array(strstr($path, '/', true), LEFT_OUT, true)) {
                $class = $namespace.'\\'.strtr($path, '/', '\\');
                assert(class_exists($class) || interface_exists($class));
                $classes[$class] = $file->getPathname();
            }
        }
    }
    ksort($classes);

    return $classes;
}

/**
 * @param  class-string  $class
 * @param  array<class-string, string>  $classes
 * @param  array<class-string, true>  $done
 * @return iterable<class-string> the class after what it extends and implements
 */
function after(string $class, array $classes, array &$done): iterable
{
    if (isset($done[$class]) || ! isset($classes[$class])) {
        return;
    }
    $done[$class] = true;
    $known = new ReflectionClass($class);
    foreach ([$known->getParentClass() ?: null, ...array_values($known->getInterfaces()), ...array_values($known->getTraits())] as $before) {
        yield from $before === null ? [] : after($before->getName(), $classes, $done);
    }
    yield $class;
}

/** In a block of its namespace, without what stands once at the file's beginning. */
function block(string $source): string
{
    $source = (string) preg_replace('/^<\?php\s*/', '', php_strip_whitespace_of($source));
    $source = (string) preg_replace('/declare\s*\(\s*strict_types\s*=\s*1\s*\)\s*;/', '', $source, 1);

    return preg_replace('/namespace\s+([\w\\\\]+)\s*;/', 'namespace $1 {', $source, 1)."}\n";
}

function php_strip_whitespace_of(string $source): string
{
    $stripped = '';
    foreach (PhpToken::tokenize($source) as $token) {
        $stripped .= $token->is([T_COMMENT, T_DOC_COMMENT]) ? '' : ($token->is(T_WHITESPACE) ? (str_contains($token->text, "\n") ? "\n" : ' ') : $token->text);
    }

    return $stripped;
}

$classes = classes($root);
$done = [];
echo "<?php declare(strict_types=1);\n";
foreach (array_keys($classes) as $class) {
    foreach (after($class, $classes, $done) as $next) {
        echo block((string) file_get_contents($classes[$next]));
    }
}
