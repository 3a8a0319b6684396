<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\OneOf;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kinds;
use OakGloss\Fact\Targets;
use OakGloss\Method\Role;

/**
 * Something that was recorded. Append-only: a mistake is struck out by another fact.
 *
 * @property int                             $id
 * @property int                             $part_id
 * @property int                             $user_id
 * @property string                          $kind
 * @property string                          $step
 * @property CarbonImmutable                 $happened_at
 * @property CarbonImmutable                 $recorded_at
 * @property float|null                      $air_c
 * @property array<string, string|int|float> $data
 * @property string                          $token
 * @property Role|null                       $role        what the step was; null of facts that were recorded before steps had roles
 * @property int|null                        $nth         and the how manieth of its role
 * @property string|null                     $said        code of the words that the step had then; null of facts that kept none
 * @property User                            $user
 */
final class PartFact extends Model
{
    protected $table = 'facts';

    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'happened_at' => Moment::class.':always',
            'recorded_at' => Moment::class.':always',
            'air_c' => 'float',
            'data' => Rows::class,
            'role' => OneOf::class.':'.Role::class,
            'nth' => 'integer',
        ];
    }

    /** @throws \UnexpectedValueException If the row is of no kind, or not whole. */
    public function content(): Content
    {
        return Kinds::named($this->kind)::read($this->data);
    }

    /** The fact that this one is about. */
    public function target(): int
    {
        $content = $this->content();

        return $content instanceof Targets ? $content->target() : throw new \LogicException("{$this->kind} is about no other fact");
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
