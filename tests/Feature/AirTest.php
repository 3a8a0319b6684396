<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\AirProbe;
use App\Devices\DeviceSilent;
use App\Devices\ProbePoller;
use App\Devices\ProbeReading;
use App\Devices\StandInProbe;
use App\Models\AirReading;
use App\Planning\Planner;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;

final class AirTest extends ShopCase
{
    public function testAProbesReadingMovesTheForecastAndSaysItsAge(): void
    {
        $this->shop->update(['probe_url' => 'http://probe.test/air']);
        Http::fake(['probe.test/*' => Http::response(['air_c' => 16.0, 'rh_percent' => 60, 'measured_at' => '2027-03-10T15:30:00Z'])]);
        $this->post('/air/poll')->assertSessionHas('notice', 'One new reading.');
        $floor = app(Planner::class)->floor($this->shop->refresh());
        self::assertEqualsWithDelta(16.0, $floor->airNowC(), 0.2);
        self::assertEqualsWithDelta(4.0, $floor->readingAgeMin(), 1e-9);
        $this->get('/air')->assertSee('4 min ago')->assertSee('It answers');
        $this->post('/air/poll')->assertSessionHas('notice', 'Nothing new.');
        self::assertSame(1, AirReading::query()->count());
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function lies(): iterable
    {
        yield 'a hot one' => [['air_c' => 85.0], 'no workshop is that warm'];
        yield 'not a number' => [['air_c' => 'NaN'], 'no temperature'];
        yield 'null' => [['air_c' => null], 'no temperature'];
        yield 'the future' => [['air_c' => 20.0, 'measured_at' => '2027-03-11T15:30:00Z'], 'still ahead'];
        yield 'a jump' => [[['air_c' => 20.0, 'measured_at' => '2027-03-10T15:25:00Z'], ['air_c' => 33.0, 'measured_at' => '2027-03-10T15:30:00Z']], 'jumps by 13'];
    }

    #[DataProvider('lies')]
    public function testALieIsShownAndLeftOut(mixed $answer, string $why): void
    {
        $part = $this->partWithBuildCoat();
        $before = $this->planned($part)->schedule->readyMin();
        $this->shop->update(['probe_url' => 'http://probe.test/air']);
        Http::fake(['probe.test/*' => Http::response(json_encode($answer))]);
        $this->post('/air/poll')->assertRedirect();
        app()->forgetScopedInstances();
        $page = $this->get('/air')->assertSee($why);
        if (str_contains($why, 'ahead')) {
            return;
        }
        $page->assertSee('Left out');
        self::assertEqualsWithDelta(20.0, app(Planner::class)->floor($this->shop->refresh())->airNowC(), 0.1);
        self::assertSame($before, $this->planned($part)->schedule->readyMin());
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function silences(): iterable
    {
        yield 'nothing listens' => [fn () => throw new ConnectionException('refused')];
        yield 'too slow' => [fn () => throw new ConnectionException('cURL error 28: timed out')];
        yield 'an error' => [fn () => Http::response('', 503)];
        yield 'a page' => [fn () => Http::response('<html>')];
        yield 'other JSON' => [fn () => Http::response(['temperature' => 20])];
        yield 'a list of junk' => [fn () => Http::response([1, 2])];
    }

    #[DataProvider('silences')]
    public function testASilentProbeIsSaidAndBreaksNoPlan(\Closure $answer): void
    {
        $part = $this->partWithBuildCoat();
        $this->shop->update(['probe_url' => 'http://probe.test/air']);
        Http::fake(['probe.test/*' => $answer]);
        $this->post('/air/poll')->assertRedirect('/air');
        app()->forgetScopedInstances();
        $this->get('/air')->assertSee('Silent')->assertSee('no answer that can be used');
        $this->get('/')->assertOk()->assertSee('Probe silent');
        self::assertNotNull($this->planned($part)->schedule->readyMin());
        self::assertSame(0, AirReading::query()->count());
    }

    public function testTheStandInBehavesLikeAProbe(): void
    {
        $from = (new \DateTimeImmutable('2027-03-01T00:00:00Z'))->getTimestamp();
        $week = StandInProbe::between($from, $from + 7 * 86400);
        self::assertSame($week, StandInProbe::between($from, $from + 7 * 86400));
        $said = array_column($week, 'air_c');
        $believed = array_filter($said, fn (float|string $c): bool => is_float($c) && $c < 50.0);
        self::assertGreaterThan(count($believed), count($said), 'it lies now and then');
        self::assertGreaterThan(1500, count($week));
        self::assertLessThan(2016, count($week), 'it falls silent now and then');
        self::assertGreaterThan(10.0, min($believed));
        self::assertLessThan(26.0, max($believed));
        $gaps = array_map(fn (array $a, array $b): int => strtotime($b['measured_at']) - strtotime($a['measured_at']), array_slice($week, 0, -1), array_slice($week, 1));
        self::assertGreaterThanOrEqual(3600, max($gaps));
    }

    public function testADeviceThatThrowsIsNotedByThePoller(): void
    {
        $probe = new class () implements AirProbe {
            public function readings(CarbonImmutable $since, CarbonImmutable $now): array
            {
                throw new DeviceSilent();
            }
        };
        self::assertSame(0, app(ProbePoller::class)->poll($this->shop, $probe));
        self::assertSame('no answer that can be used', $this->shop->refresh()->probe_silent_because);
        $this->expectException(DeviceSilent::class);
        ProbeReading::from([], CarbonImmutable::now());
    }

    public function testAWrongAddressIsRefusedAtItsField(): void
    {
        $this->from('/air')->put('/air/probe', ['probe_url' => 'file:///etc/passwd'])->assertRedirect('/air')->assertSessionHasErrors('probe_url');
        $this->put('/air/probe', ['probe_url' => 'http://192.168.0.20/air'])->assertSessionHasErrors('probe_url');
        $this->shop->update(['device_ranges' => ['private']]);
        $this->user->refresh();
        $this->put('/air/probe', ['probe_url' => 'http://192.168.0.20/air'])->assertSessionHasNoErrors();
        self::assertSame('http://192.168.0.20/air', $this->shop->refresh()->probe_url);
    }

    public function testAFileOfAnyHeaderOrderIsTakenPastAndAhead(): void
    {
        $this->import("%RH;°C;time\n55;16,5;2027-03-10 14:00\n;17,0;2027-03-10T14:00:00Z\n60;12,25;11.03.2027 02:00\n58;13;11.03.2027 06:00\n")
            ->assertSessionHas('notice', __('air.taken', ['new' => '2', 'ahead' => '2']));
        self::assertSame([16.5, 17.0], AirReading::query()->orderBy('measured_at')->pluck('air_c')->all());
        self::assertEqualsWithDelta(12.25, app(Planner::class)->floor($this->shop->refresh())->dayCurve->at($this->minute('2027-03-11 02:00')), 1e-6);
        $this->import("time,air_c\n2027-03-10 14:00,16.5\n")->assertSessionHas('notice', __('air.same', ['n' => 'Taken: 0 readings, 0 points of forecast. 1']));
        $this->delete('/air/forecast');
        self::assertSame([], $this->shop->refresh()->typed_air);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badFiles(): iterable
    {
        yield 'no time' => ["c\n20\n", 'Line 1: no column is called time'];
        yield 'no temperature' => ["time,rh\n2027-03-10 14:00,50\n", 'Line 1: no column is called °C'];
        yield 'twice in the header' => ["time,c,temp\n", 'Line 1, column temp: stands twice'];
        yield 'a word' => ["time,c\n2027-03-10 14:00,20\n2027-03-10 15:00,warm\n", 'Line 3, column °C: “warm” is no number'];
        yield 'a decimal comma between commas' => ["time,c\n2027-03-10 14:00,\"20,5\"\n", 'Line 2, column °C: “20,5” is no number'];
        yield 'too hot' => ["time,c\n2027-03-10 14:00,85\n", 'Line 2, column °C: 85 lies outside'];
        yield 'a wet joke' => ["time,c,rh\n2027-03-10 14:00,20,140\n", 'Line 2, column %RH: 140 lies outside'];
        yield 'no such day' => ["time,c\n2027-02-30 14:00,20\n", 'Line 2, column time: “2027-02-30 14:00” is no time there is'];
        yield 'an hour that the clock skips' => ["time,c\n2027-03-28 02:30,20\n", 'Line 2, column time: “2027-03-28 02:30” is no time there is'];
        yield 'the same time twice' => ["time,c\n2027-03-10 14:00,20\n2027-03-10 13:00,19\n2027-03-10 14:00,21\n", 'Line 4, column time: is the same as in line 2'];
        yield 'an empty temperature' => ["time,c\n2027-03-10 14:00,\n", 'Line 2, column °C: is empty'];
        yield 'a header alone' => ["time,c\n", 'Line 2: the file has a header and nothing else'];
    }

    #[DataProvider('badFiles')]
    public function testABadLineIsNamedAndNothingIsTaken(string $csv, string $message): void
    {
        $this->import($csv)->assertSessionHasErrors('file');
        self::assertStringContainsString($message, (string) session('errors')?->first('file'));
        self::assertStringEndsWith('Nothing was taken.', (string) session('errors')?->first('file'));
        self::assertSame(0, AirReading::query()->count());
        self::assertSame([], $this->shop->refresh()->typed_air);
    }

    public function testTimesWithoutAZoneAreInTheOneChosen(): void
    {
        $this->import("time,c\n2027-03-10 14:00,16\n", 'UTC');
        self::assertSame('2027-03-10 14:00', AirReading::query()->sole()->measured_at->format('Y-m-d H:i'));
        $this->import("time,c\n2027-03-10 14:00,16\n", 'Nowhere/Land')->assertSessionHasErrors('zone');
    }

    public function testSilenceIsAGapInTheChart(): void
    {
        foreach ([300, 290, 280, 120, 110] as $ago) {
            AirReading::query()->create(['shop_id' => $this->shop->id, 'source' => 'probe', 'measured_at' => CarbonImmutable::parse(self::NOW, 'Europe/Vienna')->subMinutes($ago)->utc(), 'air_c' => 19.0]);
        }
        $page = $this->get('/air')->assertOk();
        $page->assertSee('silent 11:54 to 14:34')->assertSee('silent since 14:44');
        self::assertSame(2, substr_count((string) $page->getContent(), 'class="measured-line"'));
    }

    public function testManyPointsFromAFileSurviveTheShopsForm(): void
    {
        $lines = implode("\n", array_map(fn (int $h): string => sprintf('2027-03-%02d %02d:00,18', 11 + intdiv($h, 24), $h % 24), range(0, 47)));
        $this->import("time,c\n{$lines}\n");
        $page = $this->get('/shop?section=points')->assertSee('48 points stand');
        self::assertStringNotContainsString('name="typed[0][at]"', (string) $page->getContent());
        $shop = $this->shop->refresh();
        $this->put('/shop', ['hours' => array_fill(1, 7, [['08:00', '18:00'], [null, null]]), 'air' => $shop->day_curves, 'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1])->assertSessionHasNoErrors();
        self::assertCount(48, $this->shop->refresh()->typed_air);
        self::assertSame(ShopTime::minutes(CarbonImmutable::parse('2027-03-11 00:00', 'Europe/Vienna')), $this->minute($this->shop->typed_air[0]['at']));
    }

    /** @return iterable<string, array{\Closure(string): string}> */
    public static function encodings(): iterable
    {
        yield 'UTF-8' => [fn (string $s): string => $s];
        yield 'UTF-8 with a mark' => [fn (string $s): string => "\xEF\xBB\xBF{$s}"];
        yield 'Latin-1' => [fn (string $s): string => mb_convert_encoding($s, 'ISO-8859-1')];
        yield 'Windows' => [fn (string $s): string => mb_convert_encoding($s, 'Windows-1252')];
        yield 'UTF-16, little end first' => [fn (string $s): string => "\xFF\xFE".mb_convert_encoding($s, 'UTF-16LE')];
        yield 'UTF-16, big end first' => [fn (string $s): string => "\xFE\xFF".mb_convert_encoding($s, 'UTF-16BE')];
        yield 'UTF-16 without a mark' => [fn (string $s): string => mb_convert_encoding($s, 'UTF-16LE')];
    }

    /** @param \Closure(string): string $as */
    #[DataProvider('encodings')]
    public function testAFileIsReadInTheEncodingThatItHas(\Closure $as): void
    {
        $this->import($as("Gerät für Öl;Zeit;Temperatur (°C);Feuchte\r\nFühler süd;10.03.2027 14:00;16,5;55\r\nFühler süd;10.03.2027 14:05;17,0;\r\n"))->assertSessionHas('notice', __('air.taken', ['new' => '2', 'ahead' => '0']));
        self::assertSame([16.5, 17.0], AirReading::query()->orderBy('measured_at')->pluck('air_c')->all());
    }

    public function testALongFileIsTakenWholeAndDatesFarOffAreNot(): void
    {
        $lines = "time,°C\n";
        for ($i = 0; $i < 19000; $i++) {
            $lines .= gmdate('Y-m-d\TH:i:s\Z', 1778000000 + 1300 * $i).",18.4\n";
        }
        $this->import($lines)->assertSessionHas('notice', __('air.taken', ['new' => '19000', 'ahead' => '0']));
        $this->import($lines)->assertSessionHas('notice', __('air.same', ['n' => 'Taken: 0 readings, 0 points of forecast. 19000']));
        foreach (['0001-01-01 00:00', '2025-01-01 00:00', '2031-01-01 00:00', '9999-12-31 23:59'] as $far) {
            $this->import("time,c\n{$far},18\n2027-03-10 10:00,18\n")->assertSessionHasErrors('file');
        }
        self::assertSame(19000, AirReading::query()->count());
    }

    private function import(string $csv, string $zone = 'Europe/Vienna'): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post('/air/file', ['file' => UploadedFile::fake()->createWithContent('air.csv', $csv), 'zone' => $zone]);
    }
}
