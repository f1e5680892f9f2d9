<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** Each house rule is broken once in a copy of the checkout; the check that holds the rule must say so. */
final class PlantedBreachTest extends TestCase
{
    /** Who may import whom in the core, from left to right: the house's own words. */
    private const CORE = [
        'Statistics' => '', 'Ledger' => '', 'Unit' => '', 'Acceptance' => 'Unit Statistics', 'Joint' => 'Unit Statistics', 'Sequence' => 'Unit',
        'Tool' => 'Unit Acceptance Statistics Joint', 'Document' => 'Unit Joint Sequence Acceptance Tool Ledger',
        'Fault' => 'Document Unit Joint Sequence Acceptance Tool Ledger', 'Plan' => 'Fault Document Unit Joint Sequence Acceptance Tool Ledger',
        'Plausibility' => 'Plan Fault Document Unit Joint Sequence Acceptance Tool Ledger', 'Run' => 'Plan Fault Document Unit Joint Sequence Acceptance Tool Ledger',
        'Schedule' => 'Run Plan Document Tool Unit', 'Review' => 'Run Plan Document Tool Acceptance Ledger Unit Joint Statistics',
    ];

    private const LADDER = ['Ledger', 'People', 'Record', 'Library', 'Crib', 'Builds', 'Bench', 'Audit'];

    /** What belongs to no part of the core, and how its breach is called. */
    private const OUTSIDE = ['Illuminate\\Support\\Str' => 'Str', 'Carbon\\CarbonImmutable' => 'Carbon', 'App\\Ledger\\Draft' => 'App'];

    private static string $copy;

    private static ?string $said = null;

    public static function setUpBeforeClass(): void
    {
        $root = dirname(__DIR__, 2);
        self::$copy = sys_get_temp_dir().'/tekkal-house-'.bin2hex(random_bytes(4));
        mkdir(self::$copy);
        exec(sprintf('cd %s && git ls-files -co --exclude-standard -z | xargs -0 cp --parents -t %s 2>/dev/null', escapeshellarg($root), escapeshellarg(self::$copy)));
        symlink("$root/vendor", self::$copy.'/vendor');
        symlink("$root/node_modules", self::$copy.'/node_modules');
    }

    public static function tearDownAfterClass(): void
    {
        exec('rm -rf '.escapeshellarg(self::$copy));
    }

    public function test_an_import_that_the_core_refuses_is_caught_for_every_pair_of_its_parts(): void
    {
        $wanted = [];
        foreach (self::refused() as [$part, $other]) {
            $wanted[] = "Planted{$part}To$other should not depend on Tekkal\\Core\\$other\\PlantedTarget";
        }
        foreach (self::OUTSIDE as $class => $name) {
            $wanted[] = "PlantedUnitTo$name should not depend on $class";
        }

        $this->assertAllSaid($wanted);
    }

    public function test_an_import_against_the_ladder_is_caught_for_every_pair_of_areas(): void
    {
        $wanted = ['PlantedSimulation should not depend on Tekkal\\Core\\Simulation\\Manner'];
        foreach (self::against() as [$area, $other]) {
            $wanted[] = "Planted{$area}To$other should not depend on App\\$other\\PlantedTarget";
        }

        $this->assertAllSaid($wanted);
    }

    public function test_a_value_without_a_type_is_caught_in_the_core(): void
    {
        $this->assertAllSaid(['has parameter $x with no type specified', 'Cannot access property $y on mixed']);
    }

    /** @return list<string> */
    private static function parts(): array
    {
        return [...array_keys(self::CORE), 'Simulation', 'SelfCheck'];
    }

    /** @return list<array{string, string}> part of the core and part that it may not import */
    private static function refused(): array
    {
        $pairs = [];
        foreach (self::CORE as $part => $may) {
            foreach (array_diff(self::parts(), [$part], explode(' ', $may)) as $other) {
                $pairs[] = [$part, $other];
            }
        }

        return $pairs;
    }

    /** @return list<array{string, string}> area and area that it may not import */
    private static function against(): array
    {
        $pairs = [];
        $areas = [...self::LADDER, 'Simulators', 'Desk'];
        foreach ($areas as $i => $area) {
            $left = in_array($area, self::LADDER, true) ? array_slice(self::LADDER, 0, $i) : [];
            foreach (array_diff($areas, [$area], $left) as $other) {
                $pairs[] = [$area, $other];
            }
        }

        return $pairs;
    }

    /** What PHPStan says of every breach, planted together: to start it costs more than to read a hundred files. */
    private function phpstan(): string
    {
        return self::$said ??= $this->analysed([...$this->plantedInCore(), ...$this->plantedInApp()]);
    }

    /** @return list<string> */
    private function plantedInCore(): array
    {
        $files = [$this->plant('core/src/Unit/PlantedLoose.php', "<?php\n\ndeclare(strict_types=1);\n\nnamespace Tekkal\\Core\\Unit;\n\nfinal class PlantedLoose\n{\n    public function any(\$x)\n    {\n        return \$x->y;\n    }\n}\n")];
        foreach (self::parts() as $part) {
            $files[] = $this->target("core/src/$part/PlantedTarget.php", "Tekkal\\Core\\$part");
        }
        foreach (self::refused() as [$part, $other]) {
            $files[] = $this->importer("core/src/$part/Planted{$part}To$other.php", "Tekkal\\Core\\$part", "Tekkal\\Core\\$other\\PlantedTarget");
        }
        foreach (self::OUTSIDE as $class => $name) {
            $files[] = $this->importer("core/src/Unit/PlantedUnitTo$name.php", 'Tekkal\\Core\\Unit', $class);
        }

        return $files;
    }

    /** @return list<string> */
    private function plantedInApp(): array
    {
        $files = [$this->importer('app/Audit/PlantedSimulation.php', 'App\\Audit', 'Tekkal\\Core\\Simulation\\Manner')];
        foreach ([...self::LADDER, 'Simulators', 'Desk'] as $area) {
            $files[] = $this->target("app/$area/PlantedTarget.php", "App\\$area");
        }
        foreach (self::against() as [$area, $other]) {
            $files[] = $this->importer("app/$area/Planted{$area}To$other.php", "App\\$area", "App\\$other\\PlantedTarget");
        }

        return $files;
    }

    /**
     * By the core's own settings with the ladder's rules beside them.
     *
     * @param  list<string>  $files
     */
    private function analysed(array $files): string
    {
        [$core, $app] = array_map(fn (string $file): string => (string) file_get_contents(self::$copy.'/'.$file), ['phpstan.neon', 'phpstan-app.neon']);
        self::assertSame([1, 1], [substr_count($core, "\nservices:\n"), substr_count($app, "\nservices:\n")]);
        file_put_contents(self::$copy.'/planted.neon', $core.substr($app, (int) strpos($app, "\nservices:\n") + strlen("\nservices:\n")));
        [$status, $said] = $this->inCopy('vendor/bin/phpstan', 'analyse', '-c', 'planted.neon', '--no-progress', '--error-format=raw', '--memory-limit=1G', ...$files);
        self::assertNotSame(0, $status);

        return $said;
    }

    public function test_a_clock_chance_the_disk_and_the_environment_are_caught_in_the_core(): void
    {
        $this->plant('core/planted/Calls.php', "<?php\n\$a = time();\n\$b = new DateTimeImmutable('now');\n\$c = random_int(1, 6);\n\$d = \\file_get_contents('x');\n\$e = getenv('HOME');\n\$f = \$_SERVER;\necho 1;\n\$g = new DateTimeImmutable('2026-01-01');\n\$h->time();\n");
        [$status, $said] = $this->inCopy('php', 'bin/lib/forbidden-calls.php', 'core/planted');

        self::assertSame(1, $status);
        foreach (['Calls.php:2: time()', 'Calls.php:3: new DateTimeImmutable of now', 'Calls.php:4: random_int()', 'Calls.php:5: file_get_contents()', 'Calls.php:6: getenv()', 'Calls.php:7: $_SERVER', 'Calls.php:8: echo'] as $place) {
            self::assertStringContainsString($place, $said);
        }
        self::assertSame(7, substr_count($said, 'has no place in the core'), 'a date that is given and a method of that name are no breach');
    }

    public function test_a_function_of_too_many_lines_or_parameters_is_caught(): void
    {
        $long = "<?php\nfunction long()\n{\n".str_repeat("    echo 1;\n", 38)."}\nfunction wide(\$a, \$b, \$c, \$d, \$e, \$f, \$g, \$h)\n{\n}\nfunction short(\$a, \$b, \$c, \$d, \$e, \$f, \$g)\n{\n".str_repeat("    echo 1;\n", 37)."}\n";
        $this->plant('core/planted/Shape.php', $long);
        [$status, $said] = $this->inCopy('php', 'bin/lib/shape.php', 'core/planted');

        self::assertSame(1, $status);
        self::assertSame(2, substr_count($said, 'Shape.php:'), $said);
        self::assertStringContainsString('long() has 41 lines', $said);
        self::assertStringContainsString('wide() has 3 lines and 8 parameters', $said);
    }

    public function test_php_that_is_not_in_the_houses_style_is_caught(): void
    {
        $file = $this->plant('app/Shared/PlantedStyle.php', "<?php\nnamespace App\\Shared;\nclass PlantedStyle{function x(){return array(1);}}\n");

        self::assertSame(1, $this->inCopy('vendor/bin/pint', '--test', $file)[0]);
    }

    public function test_front_end_code_against_the_house_is_caught(): void
    {
        $plants = [
            'resources/js/areas/crib/planted.ts' => "import { Builds } from '@/areas/builds';\n\nexport const planted = Builds;\n",
            'resources/js/ui/planted.ts' => "import { get } from '@/api/client';\n\nexport const planted = get;\n",
            'resources/js/lib/planted.ts' => "import { Button } from '@/ui/Button';\n\nexport const planted = Button;\n",
            'resources/js/api/planted.ts' => "import { Button } from '@/ui/Button';\n\nexport const planted = Button;\n",
            'resources/js/app/planted.ts' => "import { Crib } from '@/areas/crib/screens/Crib';\n\nexport const planted = Crib;\n",
            'resources/js/areas/audit/planted.ts' => "import { Screens } from '@/app/Screens';\n\nexport const planted = Screens;\n",
            'tests/Component/planted.test.tsx' => "import { expect, test, vi } from 'vitest';\n\ntest('planted', () => vi.waitFor(() => expect(1).toBe(1)));\n",
        ];
        $rules = ['resources/js/app/planted.ts' => 'boundaries/entry-point', 'tests/Component/planted.test.tsx' => 'no-restricted-properties'];
        foreach ($plants as $file => $code) {
            $this->plant($file, $code);
        }
        [$status, $said] = $this->inCopy('npx', 'eslint', '--format', 'json', ...array_keys($plants));
        $caught = [];
        foreach (json_decode(substr($said, (int) strpos($said, '[')), true, flags: JSON_THROW_ON_ERROR) as $file) {
            foreach ($file['messages'] as $message) {
                $caught[substr($file['filePath'], strlen(self::$copy) + 1)][] = $message['ruleId'];
            }
        }

        self::assertSame(1, $status);
        foreach (array_keys($plants) as $file) {
            self::assertContains($rules[$file] ?? 'boundaries/element-types', $caught[$file] ?? [], $file);
        }
        foreach (array_keys($plants) as $file) {
            unlink(self::$copy.'/'.$file);
        }
    }

    public function test_typescript_that_is_not_strict_is_caught(): void
    {
        $this->plant('resources/js/lib/loose.ts', "export const loose = (a) => a;\nexport const maybe: string = [''][0];\n");
        [$status, $said] = $this->inCopy('npx', 'tsc', '--noEmit');

        self::assertNotSame(0, $status);
        self::assertStringContainsString("loose.ts(1,23): error TS7006: Parameter 'a' implicitly has an 'any' type.", $said);
        self::assertStringContainsString('loose.ts(2,14): error TS2322', $said, 'an item of a list may be missing');
    }

    public function test_front_end_code_that_prettier_would_write_otherwise_is_caught(): void
    {
        $this->plant('resources/js/lib/ugly.ts', "export const ugly  =  {a:1};\n");

        self::assertSame(1, $this->inCopy('npx', 'prettier', '--check', 'resources/js/lib/ugly.ts')[0]);
    }

    public function test_a_contract_that_was_changed_without_its_types_is_caught(): void
    {
        $file = self::$copy.'/openapi/crib.yaml';
        file_put_contents($file, str_replace('certificate: {type: string}', 'certificate: {type: integer}', (string) file_get_contents($file)));
        [$status, $said] = $this->inCopy('node', 'bin/lib/contract.mjs', '--check');

        self::assertSame(1, $status);
        self::assertStringContainsString('resources/js/api/types.ts is not what openapi/ says.', $said);
    }

    private function plant(string $file, string $code): string
    {
        $path = self::$copy.'/'.$file;
        if (! is_dir(dirname($path))) {
            mkdir(dirname($path), 0755, true);
        }
        file_put_contents($path, $code);

        return $file;
    }

    private function importer(string $file, string $namespace, string $class): string
    {
        $name = basename($file, '.php');

        return $this->plant($file, "<?php\n\ndeclare(strict_types=1);\n\nnamespace $namespace;\n\nfinal class $name\n{\n    public function of(\\$class \$x): \\$class\n    {\n        return \$x;\n    }\n}\n");
    }

    /** @return array{int, string} exit status and everything said */
    private function inCopy(string ...$command): array
    {
        exec(sprintf('cd %s && %s 2>&1', escapeshellarg(self::$copy), implode(' ', array_map(escapeshellarg(...), $command))), $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    private function target(string $file, string $namespace): string
    {
        return $this->plant($file, "<?php\n\ndeclare(strict_types=1);\n\nnamespace $namespace;\n\nfinal class PlantedTarget\n{\n}\n");
    }

    /** @param  list<string>  $wanted */
    private function assertAllSaid(array $wanted): void
    {
        $said = $this->phpstan();
        self::assertSame([], array_values(array_filter($wanted, fn (string $sentence): bool => ! str_contains($said, $sentence))), "these breaches were not caught\n".substr($said, 0, 2000));
    }
}
