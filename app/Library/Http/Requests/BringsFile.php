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

    /** @return array<string, string> */
    private static function fileRules(): array
    {
        return ['file' => 'required|file|max:20480'];
    }

    /** @return array<string, string> */
    private static function fileMessages(string $wanted = 'a PDF or a picture'): array
    {
        return ['file.required' => "Choose $wanted.", 'file.max' => 'A file has at most 20 MB. Nothing was stored.'];
    }
}
