<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cloth;
use App\Models\PartFact;
use App\Words\Measures;
use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** Metric or US, by person: what is read, what is typed, and what stays as it was. */
final class MeasuresTest extends ShopCase
{
    private function us(): void
    {
        $this->put('/account/measures', ['measures' => 'us'])->assertSessionHasNoErrors();
        $this->actingAs($this->user->refresh());
        app()->forgetScopedInstances();
    }

    /** Every figure that is typed anywhere goes through the one reader: its field says what it shows and what it keeps. */
    public function testEveryFieldForAFigureIsReadAsPeopleWriteThem(): void
    {
        $part = $this->partWithBuildCoat();
        $this->fact($part, 'ready', 'build-2', self::NOW);
        $clear = \App\Models\Clear::query()->where('shop_id', $this->shop->id)->value('id');
        $pages = ['/', '/air', '/parts/new', '/parts/choose', "/parts/{$part->id}/edit", "/parts/{$part->id}/film", "/parts/{$part->id}/sand", "/parts/{$part->id}/clear", "/parts/{$part->id}/inspect", "/parts/{$part->id}/money", "/parts/{$part->id}/weigh/build-2", '/shop/money', '/practice', '/shelf/papers/new', '/shelf/resins/new', '/shelf/fillers/new', "/shelf/clears/{$clear}", ...array_map(fn (string $of): string => "/shop?section={$of}", ['week', 'places', 'points', 'bench'])];
        foreach ($pages as $page) {
            $dom = new \DOMDocument();
            @$dom->loadHTML('<?xml encoding="utf-8"?>'.$this->get($page)->assertOk()->getContent());
            $path = new \DOMXPath($dom);
            foreach ($path->query('//input[@inputmode="decimal" or @inputmode="numeric" or @inputmode="text"]') ?: [] as $field) {
                self::assertInstanceOf(\DOMElement::class, $field);
                $name = trim(str_replace(['[', ']'], ['.', ''], $field->getAttribute('name')), '.');
                $isClock = preg_match('/^(hours\.|at$)|_at$/', $name) === 1;
                self::assertTrue($isClock || ($path->query("ancestor::*[self::form or self::fieldset][1]//input[@name='measured[{$name}]']", $field) ?: [])->length >= 1, "{$page}: {$name}");
            }
        }
    }

    /** @return iterable<string, array{string, string, float}> */
    public static function written(): iterable
    {
        yield 'thousands by a gap' => ['viscosity_ea_j_mol', '55 000', 55000.0];
        yield 'kilojoules' => ['viscosity_ea_j_mol', '55 kJ/mol', 55000.0];
        yield 'a comma' => ['density_mixed_g_cm3', '1,07', 1.07];
        yield 'hours' => ['sandable_age_min', '26 h', 1560.0];
        yield 'days' => ['full_age_min', '7 d', 10080.0];
        yield 'per cent' => ['pigment_fraction', '2 %', 0.02];
        yield 'a thousandth' => ['viscosity_pa_s', '700 mPa·s', 0.7];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('written')]
    public function testASheetTakesFiguresAsTheyAreWritten(string $field, string $typed, float $kept): void
    {
        $resin = \App\Models\Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', 'Tarn%medium%')->firstOrFail();
        $form = [];
        foreach (['sheet', '0', '1', '2', '3', '4'] as $section) {
            $form = array_replace_recursive($form, $this->fields($this->get("/shelf/resins/{$resin->id}?section={$section}")));
        }
        $form = array_diff_key($form, ['section' => '']);
        $this->put("/shelf/resins/{$resin->id}", [$field => $typed] + $form)->assertSessionHasNoErrors();
        $new = \App\Models\Resin::query()->where('shop_id', $this->shop->id)->current()->where('name', $resin->name)->sole();
        self::assertEqualsWithDelta($kept, $new->getAttribute($field), 1e-9);
    }

    /** Who says how thousands are parted is not asked again. */
    public function testADoubtfulFigureIsAskedUntilAPersonSaysHowTheyWrite(): void
    {
        $form = $this->fields($this->get('/shop?section=bench'));
        $this->put('/shop', ['lead_days' => '1,500'] + $form)->assertSessionHasErrors(['lead_days' => '“1,500” can be read in two ways: 1500, or 1.5. Write the one you mean; under your name it can be said once for all.']);
        $this->put('/account/measures', ['figures' => 'comma'])->assertSessionHasNoErrors();
        $this->actingAs($this->user->refresh());
        app()->forgetScopedInstances();
        $this->put('/shop', ['lead_days' => '7,000', 'token' => 'again'] + $form)->assertSessionHasNoErrors();
        self::assertSame(7, $this->shop->refresh()->lead_days);
    }

    /** @return array<string, mixed> what the form of a page holds, as a browser sends it */
    private function fields(TestResponse $page): array
    {
        $form = [];
        $dom = new \DOMDocument();
        @$dom->loadHTML('<?xml encoding="utf-8"?>'.$page->getContent());
        $path = new \DOMXPath($dom);
        foreach ($path->query('//input[@name]|//select[@name]') ?: [] as $field) {
            if (! $field instanceof \DOMElement || in_array($field->getAttribute('type'), ['file', 'checkbox', 'password'], true)) {
                continue;
            }
            $chosen = $path->query('.//option[@selected]', $field) ?: [];
            $first = $path->query('.//option', $field) ?: [];
            $value = $field->tagName === 'select' ? ($chosen[0] ?? $first[0] ?? null)?->getAttribute('value') : $field->getAttribute('value');
            parse_str(urlencode($field->getAttribute('name')).'='.urlencode((string) $value), $one);
            $form = array_replace_recursive($form, $one);
        }

        return $form;
    }

    public function testPagesSpeakInWhatAPersonReads(): void
    {
        $part = $this->partWithBuildCoat();
        $metric = $this->get("/parts/{$part->id}")->assertOk()->assertSee('µm')->getContent();
        self::assertStringContainsString(' g ', (string) $metric);
        $this->us();
        $page = $this->get("/parts/{$part->id}")->assertOk()->assertSee(' mil')->assertSee(' oz')->assertSee('°F');
        preg_match_all('/.{60} °C.{20}/su', (string) $this->get('/')->assertOk()->assertSee('°F')->getContent(), $metric);
        self::assertSame([], $metric[0]);
        $this->get('/shelf?kind=cloths')->assertOk()->assertSee('oz/yd²');
        unset($page);
        // Names are names.
        $this->get('/shelf?kind=cloths')->assertSee('Twill 2×2, 3K, 200 g');
        $this->actingAs($this->makeUser($this->shop, 'bo@sample.example'));
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}")->assertSee('µm')->assertDontSee(' mil');
    }

    public function testAFieldThatNobodyChangedStaysWhatItWas(): void
    {
        $cloth = Cloth::query()->where('shop_id', $this->shop->id)->orderBy('id')->firstOrFail();
        $cloth->update(['areal_g_m2' => 193.7, 'width_mm' => 1000.3]);
        $this->us();
        $form = $this->fields($this->get("/shelf/cloths/{$cloth->id}")->assertOk()->assertSee('oz/yd²'));
        self::assertSame('39.382', $form['width_mm']);
        $this->put("/shelf/cloths/{$cloth->id}", ['name' => 'Renamed'] + $form)->assertSessionHasNoErrors();
        $new = Cloth::query()->where('name', 'Renamed')->sole();
        self::assertSame([193.7, 1000.3], [$new->areal_g_m2, $new->width_mm]);
        $this->put("/shelf/cloths/{$new->id}", ['name' => 'Wider', 'width_mm' => '50', 'token' => 'another-press'] + $form)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(1270.0, Cloth::query()->where('name', 'Wider')->sole()->width_mm, 1e-9);
    }

    public function testATypedFigureMayCarryItsUnitAndIsRefusedByNameWithNothingLost(): void
    {
        $cloth = Cloth::query()->where('shop_id', $this->shop->id)->orderBy('id')->firstOrFail();
        $form = $this->fields($this->get("/shelf/cloths/{$cloth->id}"));
        $this->from("/shelf/cloths/{$cloth->id}")->put("/shelf/cloths/{$cloth->id}", ['width_mm' => '4 stone', 'name' => 'Odd'] + $form)->assertSessionHasErrors('width_mm');
        $this->get("/shelf/cloths/{$cloth->id}")->assertSee('4 stone')->assertSee('is no length that is known')->assertSee('Odd');
        $this->from("/shelf/cloths/{$cloth->id}")->put("/shelf/cloths/{$cloth->id}", ['width_mm' => '39 1/2 in', 'areal_g_m2' => '99999', 'name' => 'Odd', 'token' => 'second'] + $form)->assertSessionHasErrors('areal_g_m2');
        $this->get("/shelf/cloths/{$cloth->id}")->assertSee('39 1/2 in');
        $this->put("/shelf/cloths/{$cloth->id}", ['width_mm' => '39 1/2 in', 'areal_g_m2' => '6 oz/yd²', 'name' => 'Both', 'token' => 'third'] + $form)->assertSessionHasNoErrors();
        $new = Cloth::query()->where('name', 'Both')->sole();
        self::assertEqualsWithDelta(1003.3, $new->width_mm, 1e-6);
        self::assertEqualsWithDelta(203.43, $new->areal_g_m2, 0.01);
    }

    public function testAPouredOunceIsKeptAsGrams(): void
    {
        $part = $this->partWithBuildCoat();
        $this->us();
        $this->act($part, 'ready', 'build-2');
        $form = $this->fields($this->get("/parts/{$part->id}/weigh/build-2")->assertOk()->assertSee('>oz</span>', false));
        $this->post("/parts/{$part->id}/weigh/build-2", ['component' => 'resin', 'grams' => '0.55', 'measured' => $form['measured']])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(15.592, PartFact::query()->where('kind', 'weighed')->sole()->data['grams'], 0.001);
    }

    public function testChangingTheUnitOfNewPartTurnsWhatStandsThereAndBack(): void
    {
        $form = ['sizes' => ['length' => '400', 'width' => '250.5', 'angle_deg' => '60'], 'sizes_for' => 'bent_panel/mm', 'unit' => 'in'] + $this->form(['shape' => 'bent_panel']);
        $sizes = [];
        foreach ($this->form(['shape' => 'bent_panel'])['sizes'] as $size => $value) {
            $sizes[$size] = (string) $value;
        }
        $ask = fn (array $form): TestResponse => $this->post('/parts/answer', $form, ['HX-Request' => 'true'])->assertOk();
        $inches = $this->fields($ask(['sizes' => $sizes, 'sizes_for' => 'bent_panel/mm', 'unit' => 'in'] + $form));
        self::assertEqualsWithDelta((float) $sizes['length'] / 25.4, (float) $inches['sizes']['length'], 0.001);
        $back = $this->fields($ask(['sizes' => $inches['sizes'], 'measured' => $inches['measured'], 'sizes_for' => 'bent_panel/in', 'unit' => 'mm'] + $form));
        self::assertEquals($sizes, $back['sizes'], 'there and back');
    }

    #[TestWith(['metric'])]
    #[TestWith(['us'])]
    public function testTheMarkOfADifferenceIsNeverRead(string $measures): void
    {
        $this->user->update(['measures' => $measures]);
        $marked = 0;
        foreach (glob(lang_path('en/*.php')) ?: [] as $file) {
            $lines = Arr::dot((array) __(basename($file, '.php')));
            self::assertStringNotContainsString('Δ', implode("\n", array_filter($lines, is_string(...))), $file);
            $marked += substr_count((string) file_get_contents($file), 'Δ');
        }
        self::assertGreaterThan(10, $marked);
    }

    public function testDifferencesOfDegreesHaveNoZeroToTurn(): void
    {
        $this->us();
        self::assertSame('pace ± 12 %, part ± 2.7 °F', __('bench.window.doubts'));
        self::assertSame('the next day\'s air is 3.6 °F colder than it was expected', __('changes.colder', ['c' => 2.0]));
        self::assertStringContainsString('at 68', __('bench.if_steady', ['at' => '18:20']));
    }

    public function testEveryFieldOfUsIsSentWithWhatItIsKeptIn(): void
    {
        $measures = app(Measures::class);
        self::assertSame(['unit' => 'min', 'shown' => '5', 'sent' => 'min|min|5|5'], $measures->field('min', 5));
        self::assertSame(['unit' => 'pieces', 'shown' => '5', 'sent' => 'pieces||5|'], $measures->field('pieces', 5));
        self::assertSame(['unit' => '%', 'shown' => '2', 'sent' => '%|share|2|0.02'], $measures->field('share', 0.02));
        self::assertSame(['unit' => 'mm', 'shown' => '12.5', 'sent' => 'mm|mm|12.5|12.5'], $measures->field('mm', '12.5'));
        self::assertSame('', $measures->field('g', null)['shown']);
        $this->us();
        self::assertSame(['unit' => '°F', 'shown' => '68', 'sent' => '°F|°C|68|20'], app(Measures::class)->field('°C', 20.0));
    }
}
