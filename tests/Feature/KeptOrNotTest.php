<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Acts\PressLog;
use App\Models\AirReading;
use App\Models\HourException;
use App\Models\Part;
use App\Models\PartFact;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What is said to be kept is kept, all of it, once; and nothing else is said. In processes of their own. */
final class KeptOrNotTest extends FileShopCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
        $this->keep();
    }

    public function testAFullDiskKeepsNothingAndSaysNothingOfIt(): void
    {
        // As much is in the log beside the file as a whole act writes, and then there is no more room.
        DB::statement('pragma wal_checkpoint(truncate)');
        $acts = [['body' => true] + $this->sends('/air', ['air_c' => '18.6', 'rh_percent' => '54'])];
        $answer = $this->together($acts, 8 * 1024)[0];

        self::assertSame(500, $answer['status']);
        self::assertNull($answer['notice'], 'nothing is said to be kept');
        self::assertStringContainsString(__('errors.not_recorded'), (string) $answer['body']);
        self::assertStringContainsString('name="air_c" value="18.6"', (string) $answer['body'], 'what was typed is there to be pressed again');
        self::assertSame(0, AirReading::query()->count());

        $again = $this->together([$this->sends('/air', ['air_c' => '18.6', 'rh_percent' => '54', 'token' => $acts[0]['data']['token']])])[0];
        self::assertSame([302, __('air.kept')], [$again['status'], $again['notice']]);
        self::assertSame(1, AirReading::query()->count());
    }

    public function testAnActThatFailsAfterItWasAnsweredIsNotAnnounced(): void
    {
        DB::statement("create trigger no_plan before insert on kept_plans begin select raise(abort, 'no room'); end");
        $response = $this->post('/air', ['air_c' => '18.6']);

        self::assertSame(500, $response->getStatusCode());
        $response->assertSessionMissing('notice')->assertSee(__('errors.not_recorded'));
        self::assertSame(0, AirReading::query()->count());
    }

    public function testTwoReadingsOfOneSecondBothStay(): void
    {
        $this->together([$this->sends('/air', ['air_c' => '18.6']), $this->sends('/air', ['air_c' => '19.2']), $this->sends('/air', ['air_c' => '18.6'])]);

        self::assertSame([18.6, 18.6, 19.2], AirReading::query()->orderBy('air_c')->pluck('air_c')->all());
    }

    public function testTheSameActOfTwoDevicesIsOneAndTheOthersAreToldWhose(): void
    {
        $other = $this->makeUser($this->shop, 'bo@sample.example');
        $seen = (string) PressLog::newest($this->shop->id);
        $coat = fn (int $by): array => ['user' => $by] + $this->sends("/parts/{$this->part->id}/facts", ['kind' => 'coat_on', 'step' => 'build-2', 'seen' => $seen]);
        $answers = $this->together([$coat($this->user->id), $coat($other->id), $coat($other->id)]);

        self::assertSame([[], [], []], array_column($answers, 'errors'));
        self::assertSame(1, PartFact::query()->where('kind', 'coat_on')->where('step', 'build-2')->count());
        $by = PartFact::query()->where('kind', 'coat_on')->where('step', 'build-2')->sole()->user_id === $other->id ? $other : $this->user;
        self::assertCount(2, array_filter($answers, fn (array $a): bool => str_contains((string) $a['notice'], $by->name)), 'the others are told whose it is');
    }

    public function testAPassFromAPageThatShowsTheFirstIsASecondPass(): void
    {
        $this->part = $this->makePart(['letter' => 'R']);
        $this->fact($this->part, 'done', 'strip', '2027-03-08 08:20');
        $this->fact($this->part, 'wiped', 'wipe-1', '2027-03-08 08:25');
        $pass = fn (int $seen): array => ['kind' => 'sanded', 'step' => 'key', 'grit' => '150', 'seen' => (string) $seen];
        $path = "/parts/{$this->part->id}/facts";
        $count = fn (): int => PartFact::query()->where('part_id', $this->part->id)->where('kind', 'sanded')->count();
        $before = PressLog::newest($this->shop->id);

        $this->post($path, $pass($before))->assertSessionHasNoErrors();
        $this->post($path, $pass($before))->assertSessionHas('notice', fn (string $said): bool => str_contains($said, $this->user->name));
        self::assertSame(1, $count(), 'pressed from a page that did not show the first');

        $fact = PartFact::query()->where('part_id', $this->part->id)->where('kind', 'sanded')->sole();
        $this->post("/parts/{$this->part->id}/facts/{$fact->id}/strike", ['reason' => 'slip'])->assertSessionHasNoErrors();
        $this->post($path, $pass($before))->assertSessionHasNoErrors();
        self::assertSame(2, $count(), 'what was struck out meanwhile is no act to join');
    }

    public function testWhoGoesHomeTwiceIsGoneOnce(): void
    {
        $seen = (string) PressLog::newest($this->shop->id);
        $go = $this->sends("/hours/home/{$this->user->id}", ['seen' => $seen]);
        $this->together([$go, ['data' => ['token' => Str::random(20)] + $go['data']] + $go, ['data' => ['token' => Str::random(20)] + $go['data']] + $go]);

        self::assertSame(1, HourException::query()->count());
    }

    /**
     * @param array<string, string> $data
     *
     * @return array{user: int, method: string, uri: string, data: array<string, string>, pause_ms: int}
     */
    private function sends(string $uri, array $data): array
    {
        return ['user' => $this->user->id, 'method' => 'POST', 'uri' => $uri, 'data' => $data + ['token' => Str::random(20)], 'pause_ms' => 200];
    }
}
