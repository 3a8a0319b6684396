<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Rows;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OakGloss\Practice\Lesson;

/**
 * One try at a lesson: its seed and the moves so far say all; the part is played anew from them.
 *
 * @property int                                   $id
 * @property int                                   $user_id
 * @property string                                $lesson
 * @property int                                   $seed
 * @property list<array<string, string|int|float>> $moves
 * @property bool|null                             $won     null until it is handed in
 * @property User                                  $user
 */
final class PracticeRun extends Model
{
    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['moves' => Rows::class, 'seed' => 'integer', 'won' => 'boolean'];
    }

    /** A row of no lesson is none that could be played. */
    public function lesson(): Lesson
    {
        return Lesson::tryFrom($this->lesson) ?? abort(404);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
