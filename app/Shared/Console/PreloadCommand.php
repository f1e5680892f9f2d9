<?php

declare(strict_types=1);

namespace App\Shared\Console;

use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;

/**
 * Lists the class files that requests are answered with, for bootstrap/preload.php: all of ours, and of the libraries
 * what they rest on and what an answer takes.
 */
final class PreloadCommand extends Command
{
    protected $signature = 'tekkal:preload';

    protected $description = 'List the classes that workers load once, when they start';

    private const OURS = '/^(App\\\\(?!.*\\\\Console\\\\)|Tekkal\\\\Core\\\\(?!Tests\\\\))/';

    public function handle(Kernel $kernel, Filesystem $files): void
    {
        /** @var array<class-string, string> $classes */
        $classes = require base_path('vendor/composer/autoload_classmap.php');
        foreach (array_keys($classes) as $class) {
            preg_match(self::OURS, $class) !== 1 || class_exists($class) || interface_exists($class) || trait_exists($class) || enum_exists($class);
        }
        // One that is answered and one that is refused, so that both ways through are known.
        foreach (['api/session', 'api/builds'] as $path) {
            $kernel->handle(Request::create(config('app.url').'/'.$path, server: ['HTTP_ACCEPT' => 'application/json']));
        }
        $listed = array_values(array_intersect(get_included_files(), array_map(realpath(...), $classes)));
        $files->ensureDirectoryExists(dirname(self::path()));
        $files->replace(self::path(), '<?php return '.var_export($listed, true).";\n");
        $this->line(sprintf('%d class files are loaded when a worker starts.', count($listed)));
    }

    private static function path(): string
    {
        return dirname(storage_path()).'/cache/preload.php';
    }
}
