<?php

declare(strict_types=1);

namespace App\Shared\Models;

use Illuminate\Database\Eloquent\Model;

/** A row whose key is an opaque text id and whose times are UTC with microseconds. */
abstract class Row extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.u';

    /** What somebody is told who asks for one that is not there. */
    public static function missing(): string
    {
        return 'There is nothing at this address.';
    }
}
