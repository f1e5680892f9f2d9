<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What is to be done once every step is done, before the run can be finished. */
final readonly class Finishing
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return list<NextAction> empty when nothing is */
    public function ways(): array
    {
        [$run, $names] = [$this->run, $this->run->names];
        // One look at its scale is enough for all that was pulled with it.
        $ways = array_map(fn (string $step): NextAction => self::readAgain($names, $step), array_map(strval(...), array_keys(array_unique($run->state->facts(StepBook::SETTING_OPEN)))));
        foreach ($run->aids->left() as $key => $aid) {
            $ways[] = new NextAction('remove_aid', (string) $key, "Take out $aid.");
        }
        foreach (array_map(strval(...), array_keys($run->plan->stages)) as $stage) {
            $unlooked = $run->steps->unlooked($stage);
            if ($unlooked !== []) {
                $ways[] = self::secondLook($names, $stage, $unlooked);
            }
        }
        foreach ($run->marks->wanting() as $mark) {
            $ways[] = self::mark($names, $mark);
        }

        return $ways === [] ? $this->looks() : $ways;
    }

    /** @return list<NextAction> the last look, by whoever did it; then, of a joint of class A, by somebody else */
    private function looks(): array
    {
        $unseen = $this->run->looks->unseen();

        return match (true) {
            $this->run->looks->isWanting() => [new NextAction('final_look', '', 'Compare each head with its picture.')],
            $unseen !== [] => [new NextAction('second_look', 'joint', sprintf('A second person looks at %s.', $this->run->names->places(array_map(fn (string $id): string => $this->run->plan->step($id)->position, $unseen))))],
            $this->run->paper->card() !== null => [new NextAction('compare', 'joint', sprintf('Card %s is put down once all that stands on it is typed in.', $this->run->paper->card()))],
            $this->run->paper->uncompared() !== [] => [new NextAction('compare', 'joint', sprintf('Somebody else compares what was typed in with %s.', $this->run->paper->cardsInWords()))],
            $this->run->supervision->isUnsigned() => [new NextAction('supervisor_signs', '', 'Whoever stood beside you signs for it, then you do.')],
            default => [],
        };
    }

    public static function mark(Names $names, Mark $mark): NextAction
    {
        return new NextAction('mark', $mark->position, sprintf('Mark %s%s.', $names->place($mark->position), $mark->looks === null ? '' : ": a $mark->looks"));
    }

    /** @param  list<string>  $steps */
    public static function secondLook(Names $names, string $stage, array $steps): NextAction
    {
        return new NextAction('second_look', $stage, sprintf('A second person looks at %s.', $names->roundAt($steps)));
    }

    public static function readAgain(Names $names, string $step): NextAction
    {
        return new NextAction('read_setting', $step, sprintf('Read the setting of the tool again, with its adapter on, after %s.', $names->stepOf($step)));
    }
}
