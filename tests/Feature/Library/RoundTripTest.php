<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Actions\WriteImport;
use App\Library\ImportPlan;
use App\Library\Queries\Export;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\LibraryDocument;
use Tests\Feature\FeatureTestCase;

/** A whole library goes out as a file and comes in elsewhere as what it was: here the demo's, into a shop that has none of it. */
final class RoundTripTest extends FeatureTestCase
{
    public function test_what_comes_in_goes_out_the_same(): void
    {
        $library = self::library();
        $this->import($library);
        $out = Export::library(null);

        self::assertEquals(self::byName($library['procedures']), array_diff_key(self::byName($out['procedures']), self::byName([$this->own()])));
        $byCode = fn (array $list): array => array_combine(array_column($list, 'code'), $list);
        self::assertEquals($byCode($library['sources']), $byCode($out['sources']));
        foreach ($library['families'] as $family) {
            self::assertContains($family, $out['families']);
        }
        self::assertSame([], $out['window_standards'], 'a standard that came in is asked for; it goes out once somebody has signed it');
        self::assertSame(2, DB::table('standards')->where('state', 'asked')->count());
    }

    public function test_what_went_out_is_all_the_same_when_it_is_looked_at_again(): void
    {
        $this->import(self::library());
        $again = ImportPlan::of((string) json_encode(Export::library(null)));

        self::assertSame(['same'], array_values(array_unique(array_column($again->rows(), 'what'))));
        app(WriteImport::class)($again, null, $this->world->person('lead'), fn (int $done, int $fresh) => self::assertSame(0, $fresh, 'and nothing is written'));
    }

    public function test_one_family_goes_out_by_itself_and_is_a_library_too(): void
    {
        $this->import(self::library());
        $family = (string) DB::table('families')->where('code', 'HG4')->value('id');
        $out = LibraryDocument::read((array) json_decode((string) json_encode(Export::library($family)), true));

        self::assertSame(['HG4'], array_column($out->families, 'code'));
        self::assertSame(['Hallam HG4'], array_values(array_unique(array_column($out->procedures, 'family'))));
        self::assertNotSame([], $out->procedures);
    }

    public function test_only_the_family_that_is_wanted_comes_in(): void
    {
        $plan = ImportPlan::of((string) json_encode(self::library()));
        app(WriteImport::class)($plan, 'Osier OS6', $this->world->person('lead'), fn (int $done) => null);

        self::assertSame(['Osier OS6', 'Tarn TN3'], DB::table('procedure_faces')->join('families', 'families.id', '=', 'procedure_faces.family')->distinct()->orderBy('families.name')->pluck('families.name')->all());
    }

    /** @param  array<string, mixed>  $library */
    private function import(array $library): void
    {
        app(WriteImport::class)(ImportPlan::of((string) json_encode($library)), null, $this->world->person('lead'), fn (int $done) => null);
    }

    /** @return array<string, mixed> the one procedure that was here before */
    private function own(): array
    {
        return ['family' => 'Tarn TN3', 'joint' => 'Main caps', 'option' => 'stock bolts'];
    }

    /**
     * @param  list<array<string, mixed>>  $procedures
     * @return array<string, array<string, mixed>>
     */
    private static function byName(array $procedures): array
    {
        return array_combine(array_map(fn (array $p): string => "$p[family], $p[joint], $p[option]", $procedures), $procedures);
    }

    /** @return array<string, mixed> the demo's newest documents with their families, and two standards */
    private static function library(): array
    {
        $procedures = [];
        foreach (glob(base_path('database/seeders/demo/library/*.json')) ?: [] as $file) {
            $document = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            $procedures["$document[family], $document[joint], $document[option]"] = $document;
        }
        $joints = [];
        foreach ($procedures as $p) {
            $joints[$p['family']][$p['joint']] = true;
        }
        unset($joints['Tarn TN3']);
        $source = ['code' => 'FW-02', 'kind' => 'window_standard', 'title' => 'Fenmoor window standard FW-02', 'edition' => 'issue 3', 'date' => '2025-11', 'kept' => 'quality office'];

        return [
            'format' => LibraryDocument::FORMAT,
            'families' => array_map(fn (string $name): array => ['code' => explode(' ', $name)[1], 'name' => $name, 'description' => 'as written', 'joints' => array_keys($joints[$name])], array_keys($joints)),
            'sources' => [['superseded_by' => 'S-001'] + ['code' => 'S-000', 'kind' => 'engine_maker', 'title' => 'Book', 'edition' => '1st', 'date' => '2012'], $source, ['code' => 'S-001', 'kind' => 'engine_maker', 'title' => 'Book', 'edition' => '2nd', 'date' => '2019']],
            'window_standards' => [['code' => 'FW-02-T', 'quantity' => 'torque', 'tolerance' => '5 %', 'source' => 'FW-02'], ['code' => 'FW-02-A', 'quantity' => 'angle', 'tolerance' => '3°', 'source' => 'FW-02']],
            'procedures' => array_values($procedures),
        ];
    }
}
