<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What must have happened before a stage, and how soon after it the stage must follow. */
final readonly class WaitingRules
{
    /**
     * @param  list<string>  $needs  keys of stages that must be complete before
     * @param  array{seconds: int, after: string}|null  $within
     * @param  list<string>  $fit  aids that go in before it
     * @param  list<string>  $remove  aids that come out before it
     */
    private function __construct(public array $needs, public ?array $within, public array $fit, public array $remove)
    {
    }

    /** @param  list<string>  $before  keys of the stages before this one */
    public static function read(ObjectReader $f, array $before): self
    {
        return new self($f->namesOf('needs', $before, 'an earlier stage'), self::within($f, $before), $f->strings('fit'), $f->strings('remove'));
    }

    /**
     * @param  list<string>  $before
     * @return array{seconds: int, after: string}|null
     */
    private static function within(ObjectReader $f, array $before): ?array
    {
        $within = $f->optionalObject('within');
        if ($within === null) {
            return null;
        }
        $limit = ['seconds' => $within->optionalDuration('time')->seconds ?? 0, 'after' => $within->oneOf('after', $before)];
        if ($limit['seconds'] === 0) {
            $within->problem('time', 'a time such as "15 min" is wanted');
        }
        $within->close();

        return $limit;
    }
}
