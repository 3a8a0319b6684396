<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use Closure;
use OakGloss\Quantity\OakGlossFault;

/** All models by name, for whoever wants a number without the screens. */
final class Calculator
{
    private const MODELS = [
        'batches' => BatchesCalc::class,
        'calibrate' => CalibrateCalc::class,
        'catalyst' => CatalystCalc::class,
        'cause' => CauseCalc::class,
        'clear' => ClearCalc::class,
        'cup' => CupCalc::class,
        'cure-window' => CureWindowCalc::class,
        'dew-point' => DewPointCalc::class,
        'drain' => DrainCalc::class,
        'film' => FilmCalc::class,
        'fit' => FitCalc::class,
        'gloss' => GlossCalc::class,
        'grit-ladder' => GritLadderCalc::class,
        'laminate' => LaminateCalc::class,
        'levelling' => LevellingCalc::class,
        'mix' => MixCalc::class,
        'quote' => QuoteCalc::class,
        'run-sheet' => RunSheetCalc::class,
        'shop-sheet' => ShopSheetCalc::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::MODELS);
    }

    /**
     * @param (Closure(): bool)|null $isSpent asked before each entry of an array: whether it took too long already
     *
     * @return array<array-key, mixed> one result, or one for each of an array of inputs
     *
     * @throws BadField If the model is unknown, the text is no JSON, or an input is bad.
     */
    public static function run(string $name, string $json, ?Closure $isSpent = null): array
    {
        $class = self::MODELS[$name] ?? throw new BadField('model', "unknown model {$name}; known are ".implode(', ', self::names()));
        try {
            $input = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw new BadField('input', 'is no valid JSON: '.$e->getMessage());
        }
        $model = new $class();
        if (! is_array($input)) {
            return self::one($model, $input, '');
        }
        $results = [];
        foreach (array_values($input) as $i => $entry) {
            if ($i > 0 && $isSpent !== null && $isSpent()) {
                throw new BadField("[{$i}]", 'comes too late: so many entries take longer than two seconds; send fewer at once');
            }
            $results[] = self::one($model, $entry, "[{$i}]");
        }

        return $results;
    }

    /** @return array<string, mixed> */
    private static function one(Calculation $model, mixed $input, string $path): array
    {
        try {
            $fields = Fields::of($input, $path);

            return $model->run($fields);
        } catch (BadField $e) {
            throw $e;
        } catch (OakGlossFault $e) {
            throw new BadField($path === '' ? 'input' : $path, $e->getMessage());
        }
    }
}
