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

    /** @var list<string>|null */
    private static ?array $initializers = null;

    /**
     * The framework looks through every method of every model for what its traits want done at the beginning: 0.2 ms for
     * each model of a request. Those of a row bring nothing but what they all have, so the first one's answer is everybody's.
     */
    protected static function bootTraits(): void
    {
        if (self::$initializers === null) {
            parent::bootTraits();
            self::$initializers = static::$traitInitializers[static::class];
        }
        static::$traitInitializers[static::class] = self::$initializers;
    }

    /** A time as answers have it, from a text as it is stored: a list has hundreds of them. */
    public static function zulu(?string $stored): ?string
    {
        return $stored === null ? null : strtr(substr($stored, 0, 19), ' ', 'T').'Z';
    }

    /** What somebody is told who asks for one that is not there. */
    public static function missing(): string
    {
        return 'There is nothing at this address.';
    }
}
