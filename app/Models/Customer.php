<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Whom a part is made for: a name, the only personal datum beside the shop's own people. A quote names the row
 * that it was given to; erased by deleting all of the part.
 *
 * @property int    $id
 * @property int    $part_id
 * @property string $name
 */
final class Customer extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    /** Whom a part is for now; null where nobody was named, or the name was erased. */
    public static function of(Part $part): ?self
    {
        return self::query()->where('part_id', $part->id)->latest('id')->first();
    }
}
