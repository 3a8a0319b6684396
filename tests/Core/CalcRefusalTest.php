<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bad input is refused at its field, and before it is reckoned with (which took half a minute once). */
final class CalcRefusalTest extends TestCase
{
    private const SECONDS = 5.0;

    /** @return iterable<string, array{string, string, string}> model, input, field */
    public static function bad(): iterable
    {
        yield 'unknown model' => ['lacquer', '{}', 'model'];
        yield 'broken JSON' => ['mix', '{"total_g": 100,', 'input'];
        yield 'nothing at all' => ['mix', '', 'input'];
        yield 'a bare number' => ['mix', '7', 'input'];
        yield 'NaN is no JSON' => ['mix', '{"total_g": NaN}', 'input'];
        yield 'missing field' => ['mix', '{"scale_step_g": 1, "hardener_phr": 25}', 'total_g'];
        yield 'infinite field' => ['mix', '{"total_g": 1e999, "scale_step_g": 1, "hardener_phr": 25}', 'total_g'];
        yield 'negative field' => ['mix', '{"total_g": -5, "scale_step_g": 1, "hardener_phr": 25}', 'total_g'];
        yield 'text for a number' => ['mix', '{"total_g": "100", "scale_step_g": 1, "hardener_phr": 25}', 'total_g'];
        yield 'null for a number' => ['mix', '{"total_g": null, "scale_step_g": 1, "hardener_phr": 25}', 'total_g'];
        yield 'misspelt optional field' => ['mix', '{"total_g": 100, "scale_step_g": 1, "hardener_phr": 25, "pigment_fracton": 0.02}', 'pigment_fracton'];
        yield 'no ratio of either kind' => ['mix', '{"total_g": 100, "scale_step_g": 1}', 'hardener_phr'];
        yield 'a scale that shows no resin' => ['mix', '{"total_g": 5, "scale_step_g": 100, "hardener_phr": 25}', 'scale_step_g'];
        yield 'second of an array' => ['mix', '[{"total_g": 100, "scale_step_g": 1, "hardener_phr": 25}, {"total_g": 0, "scale_step_g": 1, "hardener_phr": 25}]', '[1].total_g'];
        yield 'resin at 400 degrees' => ['cure-window', '{"resin": {"reference_c": 400, "ages_min": {"full": 9}}, "air": [{"min": 0, "c": 20}], "applied_min": 0}', 'resin.reference_c'];
        yield 'air at 400 degrees' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}}, "air": [{"min": 0, "c": 400}], "applied_min": 0}', 'air[0].c'];
        yield 'air that runs backward' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}}, "air": [{"min": 9, "c": 20}, {"min": 9, "c": 21}], "applied_min": 0}', 'air[1].min'];
        yield 'no air' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}}, "air": [], "applied_min": 0}', 'air'];
        yield 'an age of nought' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 0}}, "air": [{"min": 0, "c": 20}], "applied_min": 0}', 'resin.ages_min.full'];
        yield 'no age' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {}}, "air": [{"min": 0, "c": 20}], "applied_min": 0}', 'resin.ages_min'];
        yield 'stall of an unknown event' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}, "stall_events": ["ful"]}, "air": [{"min": 0, "c": 20}], "applied_min": 0}', 'resin.stall_events'];
        yield 'a sheet on which cold is faster' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}, "sheet": [{"c": 10, "minutes": 50}, {"c": 30, "minutes": 90}]}, "air": [{"min": 0, "c": 20}], "applied_min": 0}', 'resin.sheet'];
        yield 'a lag of a month' => ['cure-window', '{"resin": {"reference_c": 20, "ages_min": {"full": 9}}, "air": [{"min": 0, "c": 20}], "applied_min": 0, "part_lag_min": 43200}', 'part_lag_min'];
        yield 'a face that overhangs' => ['film', self::film('"zones": [{"name": "roof", "slope_deg": 120, "length_m": 0.3}]'), 'zones[0].slope_deg'];
        yield 'a nameless zone' => ['film', self::film('"zones": [{"name": "", "slope_deg": 20, "length_m": 0.3}]'), 'zones[0].name'];
        yield 'a layer of neither kind' => ['film', self::film('"zones": [{"name": "top", "slope_deg": 20, "length_m": 0.3}], "layers": [{"gm2": 100}]'), 'layers[0].g_m2'];
        yield 'a coat of a tonne' => ['film', self::film('"zones": [{"name": "top", "slope_deg": 20, "length_m": 0.3}], "coat": {"g_m2": 1000000}'), 'coat.g_m2'];
        yield 'a paper that nobody makes' => ['grit-ladder', '{"method": "wet_block", "area_m2": 0.5, "shelf": [], "from": 333, "to": 600, "first_cut_um": 10}', 'from'];
        yield 'a shelf paper that nobody makes' => ['grit-ladder', '{"method": "wet_block", "area_m2": 0.5, "shelf": [400, 401], "from": 320, "to": 600, "first_cut_um": 10}', 'shelf[1]'];
        yield 'a ladder down' => ['grit-ladder', '{"method": "wet_block", "area_m2": 0.5, "shelf": [], "from": 600, "to": 320, "first_cut_um": 10}', 'to'];
        yield 'an unknown way to sand' => ['grit-ladder', '{"method": "belt", "area_m2": 0.5, "shelf": [], "from": 320, "to": 600, "first_cut_um": 10}', 'method'];
        yield 'paper and compound at once' => ['gloss', '{"compound": "cut", "grit": 2000}', 'grit'];
        yield 'an index below water' => ['gloss', '{"compound": "cut", "n": 0.5}', 'n'];
        yield 'a film of a metre' => ['levelling', '{"ripple_um": 10, "wavelength_mm": 3, "film_um": 1000000, "viscosity_pa_s": 1, "effective_min": 5, "density_g_cm3": 1.1, "slope_deg": 0}', 'film_um'];
        yield 'solids over one' => ['clear', '{"clear": {"wet_um": 50, "volume_solids": 1.4, "transfer": 0.6, "viscosity_pa_s": 0.3, "density_g_cm3": 1, "set_min": 3}, "final_um": 40, "cut_um": 10, "area_m2": 1, "sag_limit_mm": 2, "slope_deg": 0}', 'clear.volume_solids'];
        yield 'a check that nobody makes' => ['calibrate', '{"checks": [{"state": "gooey", "age_min": 60, "tack_from_min": 100, "tack_until_min": 200}]}', 'checks[0].state'];
        yield 'a window that closes before it opens' => ['calibrate', '{"checks": [{"state": "print", "age_min": 60, "tack_from_min": 200, "tack_until_min": 100}]}', 'checks[0].tack_until_min'];
        yield 'a sanding check with tack ages' => ['calibrate', '{"checks": [{"state": "dusts", "age_min": 900, "sandable_min": 800, "tack_from_min": 100}]}', 'checks[0].tack_from_min'];
        yield 'a cup of nothing' => ['cup', '{"resin": {"density_g_cm3": 1.1, "pot": {"mass_g": 150, "c": 23, "minutes": 35}}, "mass_g": 0, "air_c": 20}', 'mass_g'];
        yield 'a pot life of nought' => ['cup', '{"resin": {"density_g_cm3": 1.1, "pot": {"mass_g": 150, "c": 23, "minutes": 0}}, "mass_g": 100, "air_c": 20}', 'resin.pot.minutes'];
        yield 'dry air without any water' => ['dew-point', '{"air_c": 20, "rh_percent": 0}', 'rh_percent'];
        yield 'a thousand million starts' => ['run-sheet', self::sheet('"until_min": 100000, "grid_min": 0.0001'), 'grid_min'];
        yield 'a sheet of a century' => ['run-sheet', self::sheet('"until_min": 52560000, "grid_min": 15'), 'until_min'];
        yield 'a thousand million steps' => ['run-sheet', self::sheet('"until_min": 9000, "grid_min": 15', implode(',', array_fill(0, 5000, '{"id": "a", "hands_min": 1}'))), 'steps'];
        yield 'a window that ends before it begins' => ['run-sheet', str_replace('[480, 1080]', '[1080, 480]', self::sheet('"until_min": 9000, "grid_min": 15')), 'work[0]'];
        yield 'a key from minutes' => ['run-sheet', self::sheet('"until_min": 9000, "grid_min": 15', '{"id": "a", "hands_min": 1}, {"id": "b", "hands_min": 1, "after": {"kind": "minutes", "lo": 1, "key_from": 9}}'), 'steps[1].after.key_from'];
        yield 'a gap that is never' => ['run-sheet', self::sheet('"until_min": 9000, "grid_min": 15', '{"id": "a", "hands_min": 1}, {"id": "b", "hands_min": 1, "after": {"kind": "minutes", "lo": 10, "hi": 5}}'), 'steps[1].after.hi'];
    }

    #[DataProvider('bad')]
    public function testRefusesAtTheFieldAndSoon(string $model, string $input, string $field): void
    {
        $start = microtime(true);
        try {
            Calculator::run($model, $input);
            self::fail('was taken');
        } catch (BadField $e) {
            self::assertSame($field, $e->field);
            self::assertNotSame('', $e->getMessage());
        }
        self::assertLessThan(self::SECONDS, microtime(true) - $start);
    }

    private static function film(string $rest): string
    {
        return '{"resin": {"density_g_cm3": 1.1, "reference_c": 20, "viscosity_pa_s": 1.2, "viscosity_ea_j_mol": 54000, "gel_age_min": 100}, "cloth": {"areal_g_m2": 200}, "air_c": 20, "wetout_g_m2": 140, "cut_allowance_um": 20, '.$rest.'}';
    }

    private static function sheet(string $bounds, string $steps = '{"id": "a", "hands_min": 10}'): string
    {
        return '{"from_min": 0, '.$bounds.', "air": [{"min": 0, "c": 20}], "resin": {"reference_c": 20}, "work": [[480, 1080]], "steps": ['.$steps.']}';
    }

    public function testAnArrayThatTakesTooLongIsRefusedAtTheEntryThatCameTooLate(): void
    {
        $asked = 0;
        try {
            Calculator::run('dew-point', (string) json_encode(array_fill(0, 9, ['air_c' => 20, 'rh_percent' => 50])), function () use (&$asked): bool {
                return ++$asked === 4;
            });
            self::fail('it went on');
        } catch (BadField $e) {
            self::assertSame('[4]', $e->field);
        }
    }

    public function testACupAtTheEndsOfItsRangesIsReckonedInFewSteps(): void
    {
        foreach ([[0.1, 2000.0, 1.0, 10000.0], [20000.0, 10.0, 10000.0, 0.5], [0.1, 10.0, 10000.0, 10000.0], [20000.0, 2000.0, 1.0, 0.5]] as [$mass, $cup, $potG, $potMin]) {
            foreach ([-40.0, 120.0] as $air) {
                $answer = Calculator::run('cup', (string) json_encode(['resin' => ['density_g_cm3' => 1.1, 'activation_j_mol' => 300000, 'pot' => ['mass_g' => $potG, 'c' => 20, 'minutes' => $potMin]], 'mass_g' => $mass, 'air_c' => $air, 'cup_diameter_mm' => $cup]));
                self::assertTrue(is_finite((float) $answer['peak_c']));
                self::assertGreaterThanOrEqual($air - 1e-6, $answer['peak_c']);
            }
        }
    }

    public function testAWholeShopThatTakesTooLongIsRefused(): void
    {
        $parts = array_map(fn (int $p): array => ['id' => "p{$p}", 'steps' => array_map(fn (int $s): array => ['id' => "s{$s}", 'hands_min' => 10], range(1, 60))], range(1, 60));
        $this->expectException(BadField::class);
        $this->expectExceptionMessage('two seconds');
        Calculator::run('shop-sheet', (string) json_encode(['grid_min' => 10, 'from_min' => 0, 'until_min' => 100000, 'air' => [['min' => 0, 'c' => 20]], 'resin' => ['reference_c' => 20], 'people' => [['work' => [[0, 90000]]]], 'parts' => $parts]));
    }
}
