<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Jobs\JudgeCase;
use App\Crib\Models\LookBackCase;
use App\Crib\Models\ReferenceStandard;
use App\Ledger\Recorder;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A keeper with a standard, and calibrations of TW-04 (12–60 N·m, ±4 %) as they are typed. */
abstract class CribTestCase extends FeatureTestCase
{
    /** By how many % each point shows more than it gives. */
    protected const GOOD = [0.5, 0.3, 0.2];

    protected const WEAK = [7.0, 6.0, 1.0];

    /**
     * @param  list<float>  $found
     * @param  list<float>  $left
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    protected function typed(array $found = self::GOOD, array $left = [], array $change = []): array
    {
        return array_replace_recursive([
            'calibrated_on' => now()->format('Y-m-d'), 'certificate' => 'FC-1', 'standard' => $this->standard(), 'laboratory' => ['kind' => 'own', 'name' => 'crib'],
            'sheet' => ['direction' => 'clockwise', 'as_found' => self::points($found), 'adjustment' => $left === [] ? 'none' : 'adjusted', 'as_left' => self::points($left), 'preloads' => 3, 'temperature' => '21.4', 'humidity' => '46'],
        ], $change);
    }

    /**
     * @param  list<float>  $deviations
     * @return list<array{nominal: string, readings: list<string>}>
     */
    protected static function points(array $deviations): array
    {
        $points = [];
        foreach ($deviations as $i => $deviation) {
            $nominal = ['12', '36', '60'][$i];
            $points[] = ['nominal' => $nominal, 'readings' => array_fill(0, 5, sprintf('%.2f', (float) $nominal / (1 + $deviation / 100)))];
        }

        return $points;
    }

    protected function standard(string $code = 'RS-1', string $until = '2027-06-30'): string
    {
        $known = ReferenceStandard::query()->where('code', $code)->value('id');

        return is_string($known) ? $known : (string) $this->keeper('POST', 'reference-standards', [
            'code' => $code, 'name' => 'Torque transducer', 'measures' => 'torque', 'uncertainty' => '0.4 %', 'certificate' => 'T-1', 'laboratory' => 'Sallow', 'valid_from' => '2025-01-01', 'valid_until' => $until,
        ])->assertCreated()->json('id');
    }

    /** @param  array<string, mixed>  $typed */
    protected function calibrate(array $typed, string $tool = 'TW-04'): string
    {
        return (string) $this->keeper('POST', "tools/$tool/calibrations", $typed)->assertCreated()->json('id');
    }

    /** As the queue's worker does. */
    protected function judged(int $number = 1): LookBackCase
    {
        $case = LookBackCase::query()->where('number', $number)->firstOrFail();
        (new JudgeCase($case->id))->handle(app(Recorder::class));

        return $case->refresh();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    protected function keeper(string $method, string $path, array $body = []): TestResponse
    {
        return $this->world->desk('crib', $method, $path, $body);
    }

    /** @return array<string, mixed> */
    protected function tool(string $code = 'TW-04'): array
    {
        return (array) $this->keeper('GET', "tools/$code")->assertOk()->json('tool');
    }

    /** @param  TestResponse<Response>  $answer */
    protected function refused(TestResponse $answer, string $field, string $sentence, int $status = 422): void
    {
        $answer->assertStatus($status);
        self::assertSame([$field, $sentence], [$answer->json('field'), str_replace("\u{A0}", ' ', (string) $answer->json('detail'))]);
    }
}
