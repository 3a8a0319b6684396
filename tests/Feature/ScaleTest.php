<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Cup;
use App\Devices\Scale;
use App\Devices\ScaleText;
use App\Devices\StreamScale;
use App\Models\Part;
use App\Models\PartFact;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** The weigh page with a scale under the cup: what is kept of it, and what never is. */
final class ScaleTest extends ShopCase
{
    private Part $part;

    private string $written = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->app->instance('cache.store', new Repository(new ArrayStore(true)));
        $this->part = $this->partWithBuildCoat();
        $this->act($this->part, 'ready', 'build-2');
        $this->shop->update(['scale_url' => 'http://meter.example/lines']);
        $this->user->refresh();
    }

    public function testAJarOnTheMarkAndAtRestIsKeptAndTheNextCountsFromThere(): void
    {
        $this->scale();
        $this->get($this->path())->assertSee(__('weigh.scale.title', ['jar' => 'resin']));
        $mark = $this->cup()->toAdd()['resin'];
        $this->begin();
        $this->rests(18.2);
        self::assertSame('pour', $this->shows()['state']);
        $this->writes(18.2 + 0.5 * $mark);
        self::assertSame(number_format(round(18.2 + 0.5 * $mark, 1) - 18.2, 1), $this->shows()['grams']);
        $this->writes(18.2 + 0.95 * $mark);
        self::assertTrue($this->shows()['isSlow']);
        $this->take()->assertSessionHasErrors('scale');
        $resin = round($mark + 0.1, 1);
        $this->rests(18.2 + $resin);
        self::assertTrue($this->shows()['isRight']);
        $this->take()->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($resin, $this->cup()->pour->resinG, 0.051);
        $fact = PartFact::query()->where('kind', 'weighed')->sole();
        self::assertSame('scale', $fact->data['by']);
        self::assertTrue($fact->happened_at <= $fact->recorded_at, 'when it came to rest');
        $this->get("/parts/{$this->part->id}/record")->assertSee('by the scale');

        $this->get($this->path())->assertSee(__('weigh.scale.title', ['jar' => 'hardener']))->assertDontSee('autofocus', false);
        $this->take()->assertSessionHasErrors('scale');
        self::assertSame('0.0', $this->shows()['grams'], 'the hardener begins where the resin ended');
        $hardener = $this->cup()->toAdd()['hardener'];
        $this->rests(18.2 + $resin + $hardener);
        $this->take('hardener')->assertSessionHasNoErrors();
        self::assertNull($this->cup()->next());
        $this->get($this->path())->assertSee('Mix two minutes')->assertDontSee('on the scale:');
    }

    /** An empty pan and a cup that was tared both show nothing: which it is, only who stands there knows. */
    public function testACupThatIsPutOnIsNoPour(): void
    {
        $this->scale();
        $this->get($this->path());
        $mark = $this->cup()->toAdd()['resin'];
        foreach ([0.0, 18.2, $mark] as $grams) {
            $this->rests($grams);
            $shown = $this->shows();
            self::assertSame(['begin', false, '', '–'], [$shown['state'], $shown['isRight'], $shown['take'], $shown['grams']]);
        }
        $this->take()->assertSessionHasErrors('scale');
        self::assertSame(0.0, $this->cup()->pour->totalG());
        $this->post($this->path(), ['component' => 'resin', 'grams' => '10', 'token' => Str::random(12)])->assertSessionHasNoErrors();
        $this->rests(18.2);
        self::assertSame('begin', $this->shows()['state'], 'weighed elsewhere so far');
    }

    public function testWhatLeaptOrWasLostIsKeptByAPressAlone(): void
    {
        $this->scale();
        $this->get($this->path());
        $mark = $this->cup()->toAdd()['resin'];
        $this->begin();
        $this->rests(0.0);
        $this->writes(0.4 * $mark);
        $this->writes(0.4 * $mark + 80.0);
        self::assertSame('jumped', $this->shows()['state']);
        $this->writes(0.4 * $mark);
        $this->past();
        $this->rests($mark);
        $shown = $this->shows();
        self::assertSame(['doubted', false], [$shown['state'], $shown['isRight']]);
        self::assertNotSame('', $shown['take'], 'a press takes it');
        $this->begin();
        $this->rests($mark);
        self::assertSame('0.0', $this->shows()['grams'], 'counted from here');
        $this->writes(0.0);
        self::assertSame('negative', $this->shows()['state']);
        $this->written .= "OL\r\n";
        self::assertSame('overloaded', $this->shows()['state']);
        $this->take()->assertSessionHasErrors('scale');
        self::assertSame(0.0, $this->cup()->pour->totalG());
    }

    public function testASilentScaleSaysSoAndTypingGoesOn(): void
    {
        Http::fake(['meter.example/*' => Http::response('junk', 503)]);
        $this->get($this->path())->assertSee(__('weigh.scale.title', ['jar' => 'resin']))->assertSee('name="grams"', false);
        $shown = $this->shows();
        self::assertSame(['lost', ''], [$shown['state'], $shown['take']]);
        $this->take()->assertSessionHasErrors('scale');
        $this->post($this->path(), ['component' => 'resin', 'grams' => '10', 'token' => Str::random(12)])->assertSessionHasNoErrors();
        self::assertSame(10.0, $this->cup()->pour->resinG);
        self::assertArrayNotHasKey('by', array_filter(PartFact::query()->where('kind', 'weighed')->sole()->data));
    }

    public function testAnAnswerOfTheScaleIsReadOnlyWhereItIsOne(): void
    {
        Http::fake(['meter.example/*' => Http::sequence()
            ->push(['from' => 0, 'next' => -1, 'text' => ''])->push(['from' => 0, 'next' => 7])->push(['from' => '0', 'next' => 7, 'text' => '1.0 g'])
            ->push(['from' => 4, 'next' => 11, 'text' => "5.0 g\r\n"])->push(['from' => 11, 'next' => 19, 'text' => "15.0 g\r\n"])]);
        $this->get($this->path());
        $this->begin();
        foreach (['lost', 'lost', 'lost', 'lost', 'settling'] as $n => $state) {
            self::assertSame($state, $this->shows()['state'], "answer {$n}: the end of a line is no weight");
        }
    }

    public function testWithoutAScaleNothingOfItIsShown(): void
    {
        $this->shop->update(['scale_url' => null]);
        $this->user->refresh();
        $this->get($this->path())->assertDontSee('on the scale');
        self::assertSame(['state' => 'none'], $this->shows());
        $this->take()->assertSessionHasErrors('scale');
    }

    public function testAScaleOnASerialLineIsFollowedAlike(): void
    {
        $this->shop->update(['scale_url' => null]);
        $this->user->refresh();
        $line = (string) tempnam(sys_get_temp_dir(), 'scale');
        $sends = function (string $text) use ($line): void {
            file_put_contents($line, $text);
            $this->artisan('oak:read-scale', ['stream' => $line])->assertSuccessful();
        };
        $sends("\xFF\x00 4 g\r\nST,+  0.0 g\r\nST,+  0.0 g\r\n");
        $this->get($this->path())->assertSee(__('weigh.scale.title', ['jar' => 'resin']));
        $this->begin();
        foreach (['ST,+  0.', "0 g\r\nST,+  0.0 g\r\n", "ST,+  0.0 g\r\n", "US,+  7.5 g\r\n"] as $text) {
            $this->shows();
            $this->travel(530)->milliseconds();
            $sends($text);
        }
        self::assertSame('7.5', $this->shows()['grams']);
        unlink($line);
        $this->artisan('oak:read-scale', ['stream' => $line])->assertFailed();
        $this->artisan('oak:read-scale', ['stream' => __FILE__, '--shop' => 999])->assertFailed();
    }

    public function testAStreamKeepsItsNewestBytesAndSaysWhatIsLost(): void
    {
        $stream = new StreamScale(new Repository(new ArrayStore()), 1);
        self::assertFalse($stream->isHeard());
        $stream->write(str_repeat('y', 4000));
        $stream->write(str_repeat('x', 4096));
        $asked = fn (?int $since): array => [$stream->since($since)->from, $stream->since($since)->next, $stream->since($since)->bytes];
        self::assertSame([4000, 8096, str_repeat('x', 4096)], $asked(3));
        self::assertSame([8090, 8096, 'xxxxxx'], $asked(8090));
        self::assertSame([8096, 8096, ''], $asked(8096));
        self::assertSame([4000, 8096], array_slice($asked(9000), 0, 2), 'it began anew');
        self::assertSame(8032, $asked(null)[0]);
    }

    public function testTheDemoLeadsToItsStandIn(): void
    {
        $this->get($this->path())->assertDontSee('Pour on the stand-in');
        config(['oak.demo' => true, 'oak.demo_scale_url' => 'http://127.0.0.1:8101/lines']);
        $this->shop->update(['scale_url' => null]);
        $this->user->refresh();
        $this->get($this->path())->assertSee('href="http://127.0.0.1:8101/"', false);
    }

    /** A scale that has written what this test wrote. */
    private function scale(): void
    {
        $this->app->bind(Scale::class, fn (): Scale => new class (fn (): string => $this->written) implements Scale {
            public function __construct(private readonly \Closure $written)
            {
            }

            public function since(?int $since): ScaleText
            {
                $all = (string) ($this->written)();

                return new ScaleText($since ?? 0, strlen($all), substr($all, $since ?? 0));
            }
        });
    }

    private function begin(): void
    {
        $this->post("{$this->path()}/scale", ['token' => Str::random(12)])->assertRedirect($this->path());
    }

    private function writes(float $grams): void
    {
        $this->written .= sprintf("US,%+8.1f g\r\n", $grams);
    }

    /** It shows the same for over a second, looked at several times. */
    private function rests(float $grams): void
    {
        foreach ([1, 2, 3] as $ignored) {
            $this->written .= sprintf("ST,%+8.1f g\r\n", $grams);
            $this->shows();
            $this->travel(530)->milliseconds();
        }
        $this->written .= sprintf("ST,%+8.1f g\r\n", $grams);
        $this->shows();
    }

    /** Until no leap is remembered. */
    private function past(): void
    {
        $this->travel(3100)->milliseconds();
    }

    /** @return array<string, mixed> */
    private function shows(): array
    {
        app()->forgetScopedInstances();

        return $this->getJson("{$this->path()}/scale")->assertOk()->json();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function take(string $component = 'resin'): TestResponse
    {
        return $this->post($this->path(), ['component' => $component, 'by' => 'scale', 'token' => Str::random(12)]);
    }

    private function cup(): Cup
    {
        app()->forgetScopedInstances();

        return Cup::forStep($this->planned(Part::query()->findOrFail($this->part->id)), 'build-2') ?? throw new \LogicException('no cup');
    }

    private function path(): string
    {
        return "/parts/{$this->part->id}/weigh/build-2";
    }
}
