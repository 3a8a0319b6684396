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
        self::assertNull($measures->field('min', 5));
        self::assertSame(['unit' => 'mm', 'shown' => '12.5', 'sent' => 'mm|mm|12.5|12.5'], $measures->field('mm', '12.5'));
        self::assertSame('', $measures->field('g', null)['shown'] ?? null);
        $this->us();
        self::assertSame(['unit' => '°F', 'shown' => '68', 'sent' => '°F|°C|68|20'], app(Measures::class)->field('°C', 20.0));
    }
}
