<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OakGloss\Cost\Bill;

/**
 * @phpstan-import-type BillData from Bill
 *
 * A quote, or the settlement of a part, as it was given. Append-only; whom it was given to stands apart and can be erased.
 *
 * @property int                  $id
 * @property int                  $shop_id
 * @property int                  $part_id
 * @property string               $kind        quote or settlement
 * @property int                  $number      within the shop and kind
 * @property BillData             $bill
 * @property array<string, mixed> $terms       as ShopMoney reads it: currency, terms, what is excluded
 * @property CarbonImmutable      $made_at
 * @property CarbonImmutable|null $valid_until
 * @property int|null             $customer_id of a row that may have been erased since
 * @property Customer|null        $customer
 * @property Part                 $part
 * @property User                 $user
 */
final class KeptQuote extends Model
{
    protected $table = 'quotes';

    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'bill' => Rows::class,
            'terms' => Rows::class,
            'number' => 'integer',
            'made_at' => Moment::class.':always',
            'valid_until' => Moment::class,
        ];
    }

    public function bill(): Bill
    {
        return Bill::read($this->bill);
    }

    public function money(): ShopMoney
    {
        return ShopMoney::read($this->terms);
    }

    public function isQuote(): bool
    {
        return $this->kind === 'quote';
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
