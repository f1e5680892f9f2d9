<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\OpenBuild;
use App\Builds\Opening;
use App\Ledger\DeviceSequence;
use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\StoredRevision;
use App\People\Actions\EnrolDevice;
use App\People\Actions\SignInAtBench;
use App\People\Http\BenchSession;
use App\People\Models\Device;
use App\People\Models\Person;
use Database\Seeders\DemoPeople;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Unit\Written;
use Tests\Factories\Tools;

/** A small shop to test in: the demo's people and procedure, three tools, and the ways to act as somebody. */
final class World
{
    public readonly DemoPeople $people;

    public readonly Joint $joint;

    public readonly Procedure $procedure;

    public readonly StoredRevision $revision;

    /** @var array<string, string> id by code */
    public array $tools = [];

    /** @var array<string, string> token by device id */
    private array $tokens = [];

    public function __construct(private FeatureTestCase $test)
    {
        $this->people = new DemoPeople;
        app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps'], [], $this->person('lead'));
        $this->joint = Joint::query()->where('name', 'Main caps')->firstOrFail();
        $this->procedure = app(AddProcedure::class)($this->joint, 'stock bolts', $this->person('lead'));
        $this->revision = $this->draft();
        app(ApproveRevision::class)($this->revision, $this->person('approver'));
        $this->tool('TW-04', ToolKind::TorqueWrench, self::range('12', '60', 'N.m'), '0.1', ['2026-03-01', '2026-09-01']);
        $this->tool('TW-07', ToolKind::TorqueWrench, self::range('15', '75', 'lbf.ft'), '0.5', ['2025-11-01', '2026-05-01']);
        $this->tool('TW-09', ToolKind::TorqueWrench, self::range('2', '20', 'N.m'), '0.1', ['2026-03-01', '2026-09-01']);
        $this->tool('AG-02', ToolKind::AngleGauge, self::range('0', '360', 'deg'), '1', ['2026-03-01', '2026-09-01']);
    }

    /** Goes on in another test of the same class. */
    public function in(FeatureTestCase $test): self
    {
        $this->test = $test;

        return $this;
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return json_decode((string) file_get_contents(base_path('database/seeders/demo/tn3-main-caps.json')), true, flags: JSON_THROW_ON_ERROR);
    }

    public function draft(): StoredRevision
    {
        return app(SubmitRevision::class)($this->procedure, self::document(), $this->person('lead'));
    }

    public function person(string $key): Person
    {
        return $this->people->get($key);
    }

    public function build(string $serial = 'TN3-26-0001', string $customer = 'Skerry Dredging'): string
    {
        return app(OpenBuild::class)(new Opening($serial, $this->people->customer($customer)), $this->person('lead'));
    }

    public function job(string $build, string $badge = '1041'): string
    {
        return app(GiveProcedure::class)($build, $this->joint->id, $this->person($badge)->id, $this->person('lead'));
    }

    public function device(string $name = 'Bench 1'): Device
    {
        ['device' => $id, 'token' => $token] = app(EnrolDevice::class)($name, $this->person('lead'));
        $this->tokens[$id] = $token;

        return Device::query()->findOrFail($id);
    }

    public function bench(?Device $device = null, string $badge = '1041'): BenchActor
    {
        $device ??= $this->device();

        return new BenchActor($this, $device, $this->person($badge), app(SignInAtBench::class)->begin($this->person($badge), $device));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    public function desk(string $who, string $method, string $path, array $body = []): TestResponse
    {
        return $this->test->actingAs($this->person($who))
            ->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->json($method, '/api/'.$path, $body);
    }

    /**
     * @param  array<string, string>  $fields
     * @return TestResponse<Response>
     */
    public function deskFile(string $who, string $path, array $fields, UploadedFile $file): TestResponse
    {
        return $this->test->actingAs($this->person($who))
            ->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post('/api/'.$path, $fields + ['file' => $file], ['Accept' => 'application/json']);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    public function atBench(Device $device, ?Person $person, ?string $sitting, string $method, string $path, array $body = []): TestResponse
    {
        $test = $this->asBench($device);
        if ($person !== null) {
            $test = $test->actingAs($person)->withSession(['kind' => 'bench', 'sitting' => $sitting, 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()]);
        }

        return $test->json($method, '/api/'.$path, $body);
    }

    public function asBench(Device $device): FeatureTestCase
    {
        return $this->test->withCredentials()->withCookie(BenchSession::cookieName(), $this->tokens[$device->id] ?? 'no such token');
    }

    public function nextSeq(Device $device): int
    {
        return app(DeviceSequence::class)->expected($device->id);
    }

    private static function range(string $low, string $high, string $unit): ToolRange
    {
        return new ToolRange(Written::fromCode($low, $unit), Written::fromCode($high, $unit));
    }

    /** @param  array{string, string}  $calibrated  on a day, until a day */
    private function tool(string $code, ToolKind $kind, ToolRange $range, string $resolution, array $calibrated): void
    {
        $id = Tools::register(new Tool($code, $kind, $range, Written::of($resolution, $range->lowest->unit)), $code, $this->person('crib'));
        Tools::calibrated($id, $calibrated[0], $calibrated[1], true, 'T-'.$code, $this->person('crib'));
        $this->tools[$code] = $id;
    }
}
