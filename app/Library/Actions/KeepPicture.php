<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Models\Person;
use App\Shared\Ids;
use Illuminate\Http\UploadedFile;

/** Keeps a picture that documents name by the hash of its bytes. One that is there already is not kept twice. */
final readonly class KeepPicture
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @return string the hash that documents name it by */
    public function __invoke(UploadedFile $file, Person $by): string
    {
        $picture = PaperFile::picture($file);
        ['digest' => $hash, 'bytes' => $bytes, 'name' => $name] = $picture->toData();
        if (Papers::picture($hash) !== null) {
            return $hash;
        }
        Papers::keepPicture($picture->bytes);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'picture_kept', 'picture/'.Ids::next(), $by->id, data: [
            'digest' => $hash, 'bytes' => $bytes, 'name' => $name,
        ])));

        return $hash;
    }
}
