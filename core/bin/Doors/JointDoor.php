<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Kind;

final class JointDoor extends Door
{
    /** What each would give; those that are left out are named with it. */
    private const OPTIONS = [
        'thread' => 'the thread: M10, M10x1.25 or 3/8-16',
        'class' => 'the strength: a class such as 8.8, or SAE 5',
        'friction' => 'the friction: a number such as 0.12, or a surface condition such as "engine oil"',
        'friction-thread' => 'the friction in the thread alone, a number; with --friction-head',
        'friction-head' => 'the friction under the head alone, a number; with --friction-thread',
        'bearing' => 'the outer diameter of the bearing face, with its unit: "14.63 mm"',
        'hole' => 'the diameter of the hole, with its unit: "11 mm"',
        'grip' => 'the clamped length, with its unit: "44 mm"; for angle and stretch, shank as the thread, members of steel',
        'torque' => 'the torque, with its unit: "45 N·m"',
        'angle' => 'an angle turned after the torque: "90°"',
    ];

    /** Each is wanted for an estimate of the clamp, or for what is said beside it. */
    private const WANTED = ['thread', 'class', 'friction', 'bearing', 'hole', 'grip', 'torque'];

    protected function configure(): void
    {
        $this->setName('joint')->setDescription('What a torque does to a joint: clamp, share of proof and yield, stretch');
        foreach (self::OPTIONS as $name => $gives) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $gives);
        }
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text')
            ->setHelp('bin/tekkal core joint --thread M10 --class 8.8 --torque "45 N·m" --friction "engine oil" --bearing "14.63 mm" --hole "11 mm" --grip "44 mm"');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = self::text($input, 'format');
        $data = self::data($input);
        $torque = self::given($input, 'torque', Kind::Torque);
        $estimate = new Estimate($data, $torque, self::given($input, 'angle', Kind::Angle));
        $lacking = array_values(array_filter(self::WANTED, fn (string $o): bool => $input->getOption($o) === null && ! ($o === 'friction' && $data->friction !== null)));
        $output->writeln(match ($format) {
            'text' => [...self::known($data), ...$estimate->sentences(), ...self::wanting($lacking), ...array_map(fn (string $a): string => "Assumed: $a", $estimate->assumptions), 'The maker’s current instruction governs; this estimate replaces none.'],
            'json' => self::json(self::loads($data) + [
                'clamp_kn' => ['low' => $estimate->low?->kilonewtons(), 'nominal' => $estimate->nominal?->kilonewtons(), 'high' => $estimate->high?->kilonewtons()],
                'share_of_proof' => $estimate->proofShare(), 'share_of_yield' => $estimate->yieldShare(), 'past_proof' => $estimate->pastProof,
                'stretch_mm' => $estimate->stretch(), 'assumptions' => $estimate->assumptions, 'missing' => $estimate->missing, 'options_wanting' => array_map(fn (string $o): string => "--$o", $lacking),
            ]),
            default => throw Refusal::wrongCall("There is no format \"$format\": text or json."),
        }, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private static function data(InputInterface $input): JointData
    {
        $name = self::option($input, 'thread');
        $thread = $name === null ? null : Thread::named($name);
        $class = self::option($input, 'class');
        $grip = self::given($input, 'grip', Kind::Length);
        $body = $thread === null || $grip === null ? null : new BoltBody($thread, [[$grip, $thread->d]], 0.0);

        return new JointData(
            $thread, $thread === null || $class === null ? null : Strength::named($class, $thread), self::friction($input),
            self::given($input, 'bearing', Kind::Length), self::given($input, 'hole', Kind::Length), $body,
            $thread === null || $grip === null ? null : Clamping::memberStiffness(BoltBody::STEEL_MPA, $thread->d, $grip),
        );
    }

    private static function friction(InputInterface $input): ?Friction
    {
        [$both, $thread, $head] = [self::option($input, 'friction'), self::option($input, 'friction-thread'), self::option($input, 'friction-head')];
        if (($thread === null) !== ($head === null) || ($both !== null && $thread !== null)) {
            throw Refusal::wrongCall('Two frictions are given as --friction-thread and --friction-head together; one for both as --friction alone.');
        }

        return match (true) {
            $thread !== null && $head !== null => Friction::known(self::number($thread, '--friction-thread'), self::number($head, '--friction-head')),
            $both === null => null,
            preg_match('/^[\d.+-]/', $both) === 1 => Friction::known(self::number($both, '--friction')),
            default => Friction::ofCondition($both),
        };
    }

    private static function given(InputInterface $input, string $name, Kind $kind): ?float
    {
        $text = self::option($input, $name);

        return $text === null ? null : self::quantity($text, $kind, "--$name");
    }

    private static function yieldLoad(JointData $data): ?Force
    {
        return $data->thread === null || $data->strength === null ? null : $data->thread->load($data->strength->yield->megapascals);
    }

    /** @return list<string> what needs no torque */
    private static function known(JointData $data): array
    {
        return array_values(array_filter([
            $data->thread === null ? '' : sprintf('Stress area: %.1f mm².', $data->thread->stressArea()),
            $data->proofLoad() === null ? '' : sprintf('Proof load: %s.', $data->proofLoad()->typeset()),
            self::yieldLoad($data) === null ? '' : sprintf('Yield load: %s.', self::yieldLoad($data)->typeset()),
        ]));
    }

    /** @return array<string, float|null> */
    private static function loads(JointData $data): array
    {
        return ['stress_area_mm2' => $data->thread?->stressArea(), 'proof_load_kn' => $data->proofLoad()?->kilonewtons(), 'yield_load_kn' => self::yieldLoad($data)?->kilonewtons()];
    }

    /**
     * @param  list<string>  $lacking
     * @return list<string>
     */
    private static function wanting(array $lacking): array
    {
        return array_map(fn (string $o): string => "--$o would give ".self::OPTIONS[$o].'.', $lacking);
    }
}
