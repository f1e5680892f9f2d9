<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use Illuminate\Http\UploadedFile;
use LogicException;

/** A request that brings one file. */
trait BringsFile
{
    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : throw new LogicException('The file was validated and is not there.');
    }
}
