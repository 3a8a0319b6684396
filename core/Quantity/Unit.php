<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/**
 * The units that are read and shown, metric and US customary; the value is how it is written. Inch, pound and what
 * follows from them by the international yard and pound agreement of 1959, gallon of 231 cubic inches.
 */
enum Unit: string
{
    case Micrometre = 'µm';
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Mil = 'mil';
    case Inch = 'in';
    case Foot = 'ft';
    case Yard = 'yd';
    case SquareCentimetre = 'cm²';
    case SquareMetre = 'm²';
    case SquareInch = 'in²';
    case SquareFoot = 'ft²';
    case SquareYard = 'yd²';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case Millilitre = 'ml';
    case Litre = 'l';
    case FluidOunce = 'fl oz';
    case Pint = 'pt';
    case Quart = 'qt';
    case Gallon = 'gal';
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case GramsASquareMetre = 'g/m²';
    case OuncesASquareYard = 'oz/yd²';
    case Second = 's';
    case Minute = 'min';
    case Hour = 'h';
    case Day = 'd';
    case Week = 'wk';
    case Percent = '%';
    /** Of one, as it is kept; shown to everybody as percent. */
    case Share = 'share';
    case PascalSecond = 'Pa s';
    case MillipascalSecond = 'mPa s';
    case GramsACubicCentimetre = 'g/cm³';
    case KilogramsACubicMetre = 'kg/m³';
    case PoundsAGallon = 'lb/gal';
    case JoulesAMole = 'J/mol';
    case KilojoulesAMole = 'kJ/mol';
    case Millibar = 'mbar';
    case Bar = 'bar';
    case Kilopascal = 'kPa';
    case PoundsASquareInch = 'psi';
    case InchesOfMercury = 'inHg';

    /** Other ways to write it, in lower case. */
    private const ALSO = [
        'µm' => ['um', 'micron', 'microns', 'micrometre', 'micrometer'], 'mil' => ['mils', 'thou'],
        'in' => ['"', '″', 'inch', 'inches', 'ins'], 'ft' => ["'", '′', 'foot', 'feet'], 'yd' => ['yard', 'yards'],
        'mm' => ['millimetre', 'millimetres', 'millimeter', 'millimeters'], 'm' => ['metre', 'metres', 'meter', 'meters'],
        'm²' => ['sq m', 'sqm'], 'cm²' => ['sq cm'], 'in²' => ['sq in'], 'ft²' => ['sq ft', 'sqft'],
        'yd²' => ['sq yd'], 'g' => ['gr', 'gram', 'grams', 'gramme', 'grammes'], 'kg' => ['kilo', 'kilos'],
        'oz' => ['ounce', 'ounces'], 'lb' => ['lbs', 'pound', 'pounds'], 'ml' => ['cc', 'cm³', 'millilitre', 'milliliter'],
        'l' => ['litre', 'litres', 'liter', 'liters'], 'fl oz' => ['floz', 'fl. oz', 'fl.oz', 'fluid ounce', 'fluid ounces'],
        'pt' => ['pint', 'pints'], 'qt' => ['qts', 'quart', 'quarts'], 'gal' => ['gallon', 'gallons'],
        '°C' => ['c', 'degc', 'deg c', '° c', 'celsius'], '°F' => ['f', 'degf', 'deg f', '° f', 'fahrenheit'],
        'g/m²' => ['gsm'], 'oz/yd²' => ['oz/sq yd'],
        's' => ['sec', 'secs', 'second', 'seconds'], 'min' => ['mins', 'minute', 'minutes'], 'h' => ['hr', 'hrs', 'hour', 'hours'],
        'd' => ['day', 'days'], 'wk' => ['w', 'week', 'weeks'], '%' => ['percent', 'per cent', 'pct'],
        'Pa s' => ['pa·s', 'pa.s', 'pas', 'pa*s'],
        'mPa s' => ['mpa·s', 'mpa.s', 'mpas', 'mpa*s', 'cp', 'cps', 'centipoise'],
        'g/cm³' => ['g/ml', 'g/cc', 'kg/l', 'kg/dm³'], 'kg/m³' => ['g/l'],
        'J/mol' => ['j / mol'], 'kJ/mol' => ['kj / mol'], 'mbar' => ['hpa', 'millibar'], 'inHg' => ['"hg', 'in hg'],
    ];

    public function measure(): Measure
    {
        return match ($this) {
            self::Micrometre, self::Millimetre, self::Centimetre, self::Metre, self::Mil, self::Inch, self::Foot,
            self::Yard => Measure::Length,
            self::SquareCentimetre, self::SquareMetre, self::SquareInch, self::SquareFoot, self::SquareYard => Measure::Area,
            self::Gram, self::Kilogram, self::Ounce, self::Pound => Measure::Mass,
            self::Millilitre, self::Litre, self::FluidOunce, self::Pint, self::Quart, self::Gallon => Measure::Volume,
            self::Celsius, self::Fahrenheit => Measure::Temperature,
            self::GramsASquareMetre, self::OuncesASquareYard => Measure::ArealWeight,
            self::Second, self::Minute, self::Hour, self::Day, self::Week => Measure::Time,
            self::Percent, self::Share => Measure::Share,
            self::PascalSecond, self::MillipascalSecond => Measure::Viscosity,
            self::GramsACubicCentimetre, self::KilogramsACubicMetre, self::PoundsAGallon => Measure::Density,
            self::JoulesAMole, self::KilojoulesAMole => Measure::MolarEnergy,
            self::Millibar, self::Bar, self::Kilopascal, self::PoundsASquareInch, self::InchesOfMercury => Measure::Pressure,
        };
    }

    /** Of the first unit of its measure here; of a temperature, kelvins to the degree. */
    private function factor(): float
    {
        return match ($this) {
            self::Micrometre => 0.001, self::Millimetre => 1.0, self::Centimetre => 10.0, self::Metre => 1000.0,
            self::Mil => 0.001 * Inches::MM, self::Inch => Inches::MM, self::Foot => 12.0 * Inches::MM, self::Yard => 36.0 * Inches::MM,
            self::SquareCentimetre => 1e-4, self::SquareMetre => 1.0, self::SquareInch => 6.4516e-4, self::SquareFoot => 0.09290304,
            self::SquareYard => 0.83612736,
            self::Gram => 1.0, self::Kilogram => 1000.0, self::Ounce => 28.349523125, self::Pound => 453.59237,
            self::Millilitre => 1.0, self::Litre => 1000.0, self::FluidOunce => 29.5735295625, self::Pint => 473.176473,
            self::Quart => 946.352946, self::Gallon => 3785.411784,
            self::Celsius => 1.0, self::Fahrenheit => 5.0 / 9.0,
            self::GramsASquareMetre => 1.0, self::OuncesASquareYard => 28.349523125 / 0.83612736,
            self::Second => 1.0 / 60.0, self::Minute => 1.0, self::Hour => 60.0, self::Day => 1440.0, self::Week => 10080.0,
            self::Percent => 0.01, self::Share => 1.0,
            self::PascalSecond => 1.0, self::MillipascalSecond => 0.001,
            self::GramsACubicCentimetre => 1.0, self::KilogramsACubicMetre => 0.001,
            self::PoundsAGallon => 453.59237 / 3785.411784,
            self::JoulesAMole => 1.0, self::KilojoulesAMole => 1000.0,
            self::Millibar => 1.0, self::Bar => 1000.0, self::Kilopascal => 10.0, self::PoundsASquareInch => 68.947573,
            self::InchesOfMercury => 33.86389,
        };
    }

    /** @throws \LogicException If the two measure different things. */
    public function to(self $other, float $value): float
    {
        if ($other->measure() !== $this->measure()) {
            throw new \LogicException("{$this->value} can't be turned into {$other->value}");
        }
        if ($this === $other) {
            return $value;
        }
        [$zero, $zeroOther] = [$this === self::Fahrenheit ? 32.0 : 0.0, $other === self::Fahrenheit ? 32.0 : 0.0];

        return ($value - $zero) * $this->factor() / $other->factor() + $zeroOther;
    }

    /** What somebody who reads US measures is shown in its place; itself where that is one already. */
    public function us(): self
    {
        return match ($this) {
            self::Micrometre => self::Mil,
            self::Millimetre, self::Centimetre => self::Inch,
            self::Metre => self::Foot,
            self::SquareCentimetre => self::SquareInch,
            self::SquareMetre => self::SquareFoot,
            self::Gram => self::Ounce,
            self::Kilogram => self::Pound,
            self::Millilitre => self::FluidOunce,
            self::Litre => self::Quart,
            self::Celsius => self::Fahrenheit,
            self::GramsASquareMetre => self::OuncesASquareYard,
            default => $this,
        };
    }

    /** Digits behind the point with which it is shown. */
    public function digits(): int
    {
        return match ($this) {
            self::Micrometre => 0,
            self::Ounce => 3,
            self::Mil, self::Inch, self::Foot, self::SquareFoot, self::FluidOunce, self::Quart, self::Metre => 2,
            default => 1,
        };
    }

    public static function written(string $text): ?self
    {
        $text = trim(mb_strtolower($text));
        foreach (self::cases() as $unit) {
            if (mb_strtolower($unit->value) === $text || in_array($text, self::ALSO[$unit->value] ?? [], true)) {
                return $unit;
            }
        }

        return null;
    }

    /** @return list<self> */
    public static function of(Measure $measure): array
    {
        return array_values(array_filter(self::cases(), fn (self $u): bool => $u->measure() === $measure));
    }
}
