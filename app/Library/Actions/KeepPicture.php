<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Papers;
use App\Library\Pictures;
use App\People\Models\Person;
use App\Shared\Http\FileName;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Http\UploadedFile;

/** Keeps a picture that documents name by the hash of its bytes. One that is there already is not kept twice. */
final readonly class KeepPicture
{
    /** Wide enough for any screen at a bench; a camera's own is many times that. */
    private const WIDEST = 1600;

    public function __construct(private Recorder $recorder)
    {
    }

    /** @return string the hash that documents name it by */
    public function __invoke(UploadedFile $file, Person $by): string
    {
        $given = (string) $file->get();
        if (! Pictures::isOne($given)) {
            throw Refused::field('file', sprintf('"%s" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.', FileName::of($file)), FileName::of($file));
        }
        $bytes = Pictures::drawnAnew($given, self::WIDEST);
        $hash = hash('sha256', $bytes);
        if (Papers::picture($hash) !== null) {
            return $hash;
        }
        Papers::keepPicture($bytes);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'picture_kept', 'picture/'.Ids::next(), $by->id, data: [
            'digest' => $hash, 'bytes' => strlen($bytes), 'name' => FileName::of($file),
        ])));

        return $hash;
    }
}
