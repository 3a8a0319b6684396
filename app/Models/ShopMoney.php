<?php

declare(strict_types=1);

namespace App\Models;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** What a shop reckons its hours and money by: one currency, whole minor units. */
final readonly class ShopMoney
{
    /** Most that one field of money holds, minor units. */
    public const MOST_MINOR = 10 ** 12;

    /**
     * @param string $currency   of three letters
     * @param int    $digits     of its minor unit, 0 to 4
     * @param int    $handMinor  an hour of hands
     * @param int    $boothMinor an hour of the booth
     * @param int    $boxMinor   an hour of a warm box or lamp
     * @param int    $wetMinor   gloves, cloths, cups and sticks of an hour of wet work
     * @param int    $hireMinor  a day's hire of a tool that the shop lacks
     * @param float  $waste      per cent on materials
     * @param float  $margin     per cent on cost
     * @param float  $tax        per cent on net
     * @param int    $validDays  that a quote stands
     */
    public function __construct(
        public string $currency = 'EUR',
        public int $digits = 2,
        public int $handMinor = 0,
        public int $boothMinor = 0,
        public int $boxMinor = 0,
        public int $wetMinor = 0,
        public int $hireMinor = 0,
        public float $waste = 5.0,
        public float $margin = 0.0,
        public float $tax = 0.0,
        public int $validDays = 30,
        public string $terms = '',
        public string $excluded = '',
        public string $footer = '',
    ) {
    }

    public static function read(mixed $kept): self
    {
        $usual = get_object_vars(new self());
        // It went by the coat once: four of them are an hour.
        $kept = is_array($kept) ? $kept : [];
        $kept += is_numeric($kept['coatMinor'] ?? null) ? ['wetMinor' => 4 * (int) $kept['coatMinor']] : [];
        $kept = array_intersect_key($kept, $usual);
        foreach ($usual as $name => $value) {
            $given = $kept[$name] ?? $value;
            $usual[$name] = match (true) {
                ! is_scalar($given) => $value,
                is_int($value) => (int) $given,
                is_float($value) => (float) $given,
                default => (string) $given,
            };
        }

        return new self(...$usual);
    }

    /** `1 234.50`, with the minor units that the currency has. */
    public function amount(int $minor): string
    {
        $exact = (string) BigDecimal::ofUnscaledValue($minor, $this->digits);
        [$whole, $rest] = explode('.', ltrim($exact, '-')) + [1 => ''];

        return ($minor < 0 ? '−' : '').(string) preg_replace('/\B(?=(\d{3})+$)/', "\u{202F}", $whole).($rest === '' ? '' : ".{$rest}");
    }

    public function say(int $minor): string
    {
        return "{$this->amount($minor)}\u{A0}{$this->currency}";
    }

    /** As it stands in a field. */
    public function typed(?int $minor): string
    {
        return $minor === null ? '' : (string) BigDecimal::ofUnscaledValue($minor, $this->digits);
    }

    /** Minor units of what was typed; null of what is no amount, or has finer units than the currency. */
    public function minor(string $typed): ?int
    {
        try {
            $exact = BigDecimal::of(str_replace([' ', "\u{A0}", "\u{202F}", ','], ['', '', '', '.'], trim($typed)))
                ->multipliedBy(BigDecimal::of(10)->power($this->digits))->toScale(0, RoundingMode::UNNECESSARY);
        } catch (MathException) {
            return null;
        }

        return $exact->isLessThan(0) || $exact->isGreaterThan(self::MOST_MINOR) ? null : $exact->toInt();
    }
}
