<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Models\Person;
use App\Record\Models\BuildPicture;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Pictures of an engine: as it came in, as it stands. */
final readonly class KeepBuildPicture
{
    private const MOST = 40;

    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  string  $shows  what is to be seen on it */
    public function __invoke(string $subjectId, string $shows, PaperFile $file, Person $by): void
    {
        Papers::keepPicture($file->bytes);
        $this->recorder->transaction(function () use ($subjectId, $shows, $file, $by): void {
            $subject = DescribeBuild::here($this->recorder, $subjectId);
            $there = BuildPicture::query()->where('subject', $subject->id)->where('removed_at', null)->count();
            if ($there >= self::MOST) {
                throw new Refused(ProblemType::BadValue, sprintf('%s has %d pictures; more are not kept. Take one away first.', $subject->title(), $there), 422, ['field' => 'file', 'limit' => self::MOST, 'unit' => 'pictures']);
            }
            $this->recorder->append(new Draft(Ids::next(), 'build_picture_kept', 'subject/'.$subject->id, $by->id, $file->toData() + ['shows' => $shows], new Concerns($subject->id)));
        });
    }

    /** It is shown no more; its bytes stay, and so does the entry. */
    public function remove(BuildPicture $picture, Person $by): void
    {
        $this->recorder->transaction(function () use ($picture, $by): void {
            $subject = DescribeBuild::here($this->recorder, $picture->subject);
            if ($picture->refresh()->removed_at === null) {
                $this->recorder->append(new Draft(Ids::next(), 'build_picture_removed', 'subject/'.$subject->id, $by->id, ['picture' => $picture->entry_id], new Concerns($subject->id)));
            }
        });
    }
}
