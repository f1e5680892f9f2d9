<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\CoreException;
use Tekkal\Core\Unit\Kind;

/** A window standard of the shop's: asked for by one person, approved by another. */
final readonly class SetStandard
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{code: string, quantity: string, tool: string, risk_class: string, tolerance: string, source: string}  $fields */
    public function ask(array $fields, Person $by): string
    {
        try {
            Tolerance::printed($fields['tolerance'], Kind::from($fields['quantity']));
        } catch (CoreException $e) {
            throw Refused::field('tolerance', $e->getMessage(), $fields['tolerance']);
        }
        if (! Source::query()->where('code', $fields['source'])->exists()) {
            throw Refused::field('source', sprintf('There is no source "%s". Put the paper of the standard on record first.', $fields['source']), $fields['source']);
        }

        return $this->recorder->transaction(function () use ($fields, $by): string {
            $this->recorder->lock('register/standards');
            if (Standard::query()->where('code', $fields['code'])->exists()) {
                throw Refused::field('code', sprintf('%s is taken. A standard is not changed once it is set; give the new one a code of its own.', $fields['code']), $fields['code']);
            }
            $id = Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'standard_asked', 'standard/'.$id, $by->id, data: $fields));

            return $id;
        });
    }

    public function approve(string $id, Person $by, string $signature): void
    {
        $this->recorder->transaction(function () use ($id, $by, $signature): void {
            $this->recorder->lock('standard/'.$id);
            $standard = Standard::query()->find($id) ?? throw Refused::notFound('There is no such window standard.');
            if ($standard->asked_by === $by->id) {
                throw Refused::forbidden('Nobody approves what they asked for. Ask another approver to sign.');
            }
            if ($standard->state !== 'asked') {
                throw Refused::field('standard', sprintf('%s is %s already.', $standard->code, $standard->state));
            }
            $this->recorder->append(new Draft(Ids::next(), 'standard_approved', 'standard/'.$id, $by->id, data: ['signature' => $signature, 'meaning' => 'approved as a window standard of the shop']));
        });
    }
}
