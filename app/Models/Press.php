<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A press that was kept, by the mark of its form.
 *
 * @property int             $id
 * @property int             $shop_id
 * @property int             $user_id
 * @property string          $token
 * @property string          $what     hash of the person, the address and all that was sent
 * @property string|null     $same     hash of the address and all that was sent, whoever sent it
 * @property string|null     $path     that it was sent to
 * @property User            $user
 * @property string          $leads_to where its answer sent the browser
 * @property CarbonImmutable $made_at
 */
final class Press extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['made_at' => Moment::class.':always'];
    }
}
