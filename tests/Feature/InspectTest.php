<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\PhotoFile;
use App\Inspection\CausesOf;
use App\Inspection\Habits;
use App\Inspection\PricedWay;
use App\Inspection\WaysOutOfIt;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use OakGloss\Fact\Kind\Found;
use OakGloss\Inspection\Habit;
use OakGloss\Inspection\Look;
use OakGloss\Inspection\Remedy;
use OakGloss\Plan\LookDue;
use OakGloss\Plan\PlannedStep;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\RenderedPatch;

final class InspectTest extends ShopCase
{
    public function testADefectIsPutWhereItIsAndDrawnThere(): void
    {
        $part = $this->partWithBuildCoat();
        $this->get("/parts/{$part->id}/inspect")->assertOk()->assertSee(__('inspect.found_none'));
        $this->putDefect($part, ['along' => '120', 'across' => '40', 'size' => '8', 'count' => '3', 'depth' => '25'])->assertSessionHasNoErrors();
        $page = $this->get("/parts/{$part->id}/inspect")->assertOk();
        $page->assertSee(__('inspect.at', ['along' => 'top, 120', 'across' => '40']));
        $page->assertSee('class="defect-mark"', false)->assertDontSee('is-somewhere');
        $this->get("/parts/{$part->id}/record")->assertSee('found Runs, sags on top, 3 of them, 8 mm, 25 µm deep');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrongPlaces(): iterable
    {
        yield 'no such face' => [['zone' => 'lid'], 'zone'];
        yield 'off the face' => [['along' => '9000', 'across' => '10'], 'along'];
        yield 'one coordinate alone' => [['along' => '20'], 'across'];
        yield 'no such defect' => [['defect' => 'rust'], 'defect'];
        yield 'none of them' => [['count' => '0'], 'count'];
    }

    /** @param array<string, string> $with */
    #[DataProvider('wrongPlaces')]
    public function testWhatMakesNoSenseIsSaidAtItsFieldAndLosesNothing(array $with, string $field): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['size' => '8', ...$with])->assertSessionHasErrors($field)->assertSessionHasInput('size', '8');
        self::assertSame(0, $part->facts()->where('kind', 'found')->count());
    }

    public function testAPhotoIsKeptUprightSmallAndWithoutItsPlace(): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['photo' => self::file('phone.jpg', self::lyingJpeg())])->assertSessionHasNoErrors();
        $photo = Photo::query()->sole();
        self::assertSame([1200, 1600], [$photo->width, $photo->height], 'turned upright, and no longer than it needs');
        self::assertSame('blob', DB::table('photos')->selectRaw('typeof(bytes) as t')->value('t'));
        $kept = $this->get("/photos/{$photo->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertStringNotContainsString('Exif', (string) $kept);
        self::assertStringNotContainsString('Pocketphone', (string) $kept);
        $image = imagecreatefromstring((string) $kept);
        self::assertInstanceOf(\GdImage::class, $image);
        // What lay at the left of the sensor is at the top once it is turned.
        self::assertGreaterThan(200, imagecolorat($image, 600, 40) >> 16 & 255);
        self::assertLessThan(60, imagecolorat($image, 600, 1500) >> 16 & 255);
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'));
        $this->get("/photos/{$photo->id}")->assertForbidden();
        self::assertSame([], glob(public_path('*.jpg')), 'nothing lies in the web root');
    }

    public function testWhatAPartMovesAgainstItsSkinSpeaksOfItsDelamination(): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['defect' => 'delamination'])->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        $found = $planned->plan->log->all(Found::class)[0];
        $signs = [];
        foreach (CausesOf::of($planned, $found->content, $found->atMin, [])->suspects as $suspect) {
            $signs[$suspect->cause->value] = array_column($suspect->signs, 'of');
        }
        self::assertSame(['expansionIndex'], $signs['expansion']);
    }

    public function testALookComesWhenItCanHelpAndIsGoneOnceItsLayerWasSanded(): void
    {
        $part = $this->partWithBuildCoat();
        $looks = function (string $at) use ($part): array {
            config(['oak.frozen_at' => "2027-03-{$at}:00Z"]);
            $planned = $this->planned($part);

            return array_map(fn (Look $l): string => $l->value, LookDue::of($planned->plan, $planned->floor->nowMin)->looks ?? ['none']);
        };
        self::assertSame(['wet'], $looks('10T12:56'), 'in the first ten minutes, while a brush and warm air still help');
        self::assertSame([], $looks('10T13:05'));
        self::assertSame(['drips'], $looks('10T13:22'), 'what hangs there is caught');
        self::assertSame(['raking'], $looks('10T15:34'), 'dry, before the next coat');
        config(['oak.frozen_at' => '2027-03-10T12:56:00Z']);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('warm air over bubbles now');
    }

    /** @return iterable<string, array{\Closure(): UploadedFile, string}> */
    public static function lies(): iterable
    {
        yield 'a script named .jpg' => [fn (): UploadedFile => self::file('photo.jpg', '<?php echo "hello"; ?>'), 'type'];
        yield 'a page named .png' => [fn (): UploadedFile => self::file('photo.png', '<html><script>1</script></html>'), 'type'];
        yield 'a drawing with a script' => [fn (): UploadedFile => self::file('photo.jpg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'type'];
        yield 'a bomb of 900 million pixels' => [fn (): UploadedFile => self::file('photo.png', self::bomb(30000, 30000)), 'pixels'];
        yield 'broken off' => [fn (): UploadedFile => self::file('photo.jpg', substr(RenderedPatch::asJpeg(imagecreatetruecolor(300, 200), 80), 0, 90)), 'broken'];
        yield 'half of it sent' => [fn (): UploadedFile => self::file('photo.jpg', substr(self::lyingJpeg(), 0, intdiv(strlen(self::lyingJpeg()), 2))), 'broken'];
        yield '29 megapixels' => [fn (): UploadedFile => self::file('photo.png', self::bomb(6000, 4900)), 'pixels'];
        yield 'no picture behind its first bytes' => [fn (): UploadedFile => self::file('photo.jpg', "\xFF\xD8\xFF\xE0".str_repeat('x', 400)), 'broken'];
        yield '80 MB' => [fn (): UploadedFile => UploadedFile::fake()->create('photo.jpg', 80 * 1024, 'image/jpeg'), 'large'];
    }

    /** @param \Closure(): UploadedFile $file */
    #[DataProvider('lies')]
    public function testAnUploadThatLiesIsRefusedInWords(\Closure $file, string $why): void
    {
        $part = $this->partWithBuildCoat();
        $said = __("inspect.photo.{$why}", ['mp' => 28]);
        $this->putDefect($part, ['photo' => $file(), 'size' => '8'])->assertSessionHasErrors(['photo' => $said])->assertSessionHasInput('size', '8');
        $this->post("/parts/{$part->id}/weave", ['weave_zone' => 'top', 'pitch' => '4', 'weave_photo' => $file()])->assertSessionHasErrors(['weave_photo' => $said]);
        self::assertSame([0, 0], [Photo::query()->count(), $part->facts()->whereIn('kind', ['found', 'print_read'])->count()]);
        self::assertLessThanOrEqual(16 * 1024, PhotoFile::MOST_KILOBYTES);
    }

    public function testWhatIsLargerThanTheServerTakesIsSaidOnAPageOfItsOwn(): void
    {
        $part = $this->partWithBuildCoat();
        $this->call('POST', "/parts/{$part->id}/found", server: ['CONTENT_LENGTH' => (string) (80 * 1024 * 1024)])
            ->assertStatus(413)->assertSee(__('inspect.photo.large'));
    }

    public function testTheBenchAsksForTheLookAndOnePressKeepsIt(): void
    {
        $part = $this->partWithBuildCoat();
        $this->get('/')->assertOk()->assertSee('class="ask"', false)->assertSee(__('inspect.nothing'));
        $this->post("/parts/{$part->id}/looked", ['look' => 'raking'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get('/')->assertDontSee('class="ask"', false);
        $this->get("/parts/{$part->id}/record")->assertSee(__('facts.looked.record', ['look' => 'dry, in raking light']));
        // A next coat asks anew.
        $this->fact($part, 'coat_on', 'build-2', '2027-03-10 16:30', ['grams' => 22.0]);
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/inspect")->assertSee(__('inspect.look_after.coat', ['step' => 'build coat 2']));
    }

    public function testALookToldTurnsTheRanking(): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['defect' => 'fisheyes'])->assertSessionHasNoErrors();
        $fact = $this->found();
        $this->get("/parts/{$part->id}/defects/{$fact->id}")->assertSeeInOrder([__('inspect.tells.contaminated'), __('words.cause.contaminated')]);
        $this->post("/parts/{$part->id}/defects/{$fact->id}/told", ['cause' => 'contaminated', 'is_so' => '0'])->assertRedirect();
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/defects/{$fact->id}")->assertSeeInOrder([__('words.cause.airborne'), __('words.cause.contaminated'), __('inspect.told_no')]);
        $this->post("/parts/{$part->id}/defects/{$fact->id}/told", ['cause' => 'no_uv_guard', 'is_so' => '0'])->assertNotFound();
    }

    /** A wrong ratio, a cold coat: the record of this part speaks, with its figures. */
    public function testThePartsOwnRecordSpeaks(): void
    {
        $part = $this->partWithBuildCoat('2027-03-09 16:00');
        $this->fact($part, 'weighed', 'build-1', '2027-03-09 15:45', ['component' => 'resin', 'grams' => 16.0]);
        $this->fact($part, 'weighed', 'build-1', '2027-03-09 15:46', ['component' => 'hardener', 'grams' => 2.4]);
        $this->putDefect($part, ['defect' => 'soft'])->assertSessionHasNoErrors();
        $page = $this->get("/parts/{$part->id}/defects/{$this->found()->id}")->assertOk();
        $page->assertSeeInOrder([__('words.cause.ratio_off'), 'hardener weighed -']);
    }

    /** The same defect on another film has another first way out: no text stands for all. */
    public function testAnotherFilmHasAnotherFirstWay(): void
    {
        $first = function (int $coats, float $grams): Remedy {
            $part = $this->partWithBuildCoat('2027-03-08 15:30');
            for ($n = 2; $n <= $coats; $n++) {
                $this->fact($part, 'coat_on', "build-{$n}", '2027-03-08 '.(15 + 2 * ($n - 1)).':30', ['grams' => $grams]);
            }
            app()->forgetScopedInstances();
            $this->putDefect($part, ['defect' => 'hair', 'zone' => 'top', 'size' => '20', 'depth' => '45'])->assertSessionHasNoErrors();
            $remedy = $this->ways($part)[0]->offer->remedy;
            $part->update(['finished_at' => now()]);

            return $remedy;
        };
        self::assertNotSame($first(1, 22.0), $first(4, 40.0));
    }

    public function testALocalRepairStaysLocal(): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['defect' => 'dry_spot', 'zone' => 'top', 'size' => '40'])->assertSessionHasNoErrors();
        $ways = array_column(array_map(fn (PricedWay $w): array => [$w->offer->remedy->value, $w], $this->ways($part)), 1, 0);
        $spot = $ways['spot_fill'];
        self::assertTrue($spot->fits());
        self::assertEqualsWithDelta(M_PI / 4.0 * 6.4 ** 2, $spot->offer->content->patchCm2, 0.1, '40 mm and 12 around it');
        $this->post("/parts/{$part->id}/defects/{$this->found()->id}/way", ['remedy' => 'spot_fill'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $plan = $this->planned($part)->plan;
        $coat = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => str_starts_with($s->step->key, 'mend-') && $s->batch !== null))[0];
        $perM2 = ($coat->batch->totalG() - $plan->shop->cupLossG) / ($spot->offer->content->patchCm2 / 1e4);
        self::assertEqualsWithDelta($plan->buildGM2(), $perM2, 25.0, 'grams of the place, not of the face');
        $before = $this->planned($part)->plan->zonesNow[0]->after->meanUm;
        self::assertEqualsWithDelta($before, $coat->zones[0]->after->meanUm, 1e-9, 'the face is no thicker by it');
    }

    public function testAWayOutIsTakenOnceAndStruckOutLikeAnyFact(): void
    {
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['defect' => 'dry_spot', 'size' => '15'])->assertSessionHasNoErrors();
        $fact = $this->found();
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => 'accept'])->assertSessionHasErrors('act');
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => 'spot_fill'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => 'spot_fill'])->assertSessionHasErrors('act');
        $steps = fn (): int => count(array_filter($this->planned($part)->plan->steps, fn (PlannedStep $s): bool => str_starts_with($s->step->key, 'mend-')));
        app()->forgetScopedInstances();
        self::assertGreaterThan(0, $steps());
        $way = $part->facts()->where('kind', 'way_out')->sole();
        $this->post("/parts/{$part->id}/facts/{$way->id}/strike")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame(0, $steps(), 'the plan is as it was');
        self::assertSame(1, $part->facts()->where('kind', 'way_out')->count(), 'and nothing recorded is gone');
    }

    public function testAcceptanceFollowsTheClassOfTheFace(): void
    {
        $part = $this->makePart();
        foreach ([['top', 'class_show', false], ['rim', 'class_show', false]] as [$zone, $why, $fits]) {
            $this->putDefect($part, ['defect' => 'hair', 'zone' => $zone, 'size' => '5'])->assertSessionHasNoErrors();
            $accept = array_values(array_filter($this->ways($part), fn (PricedWay $w): bool => $w->offer->remedy === Remedy::Accept))[0];
            self::assertSame([$fits, $why], [$accept->fits(), $accept->why()]);
            PartFact::query()->where('kind', 'found')->get()->each(fn (PartFact $f) => $this->post("/parts/{$part->id}/facts/{$f->id}/strike"));
            app()->forgetScopedInstances();
        }
        $this->get("/parts/{$part->id}/inspect")->assertSee(__('inspect.verdict.open'));
        $this->post("/parts/{$part->id}/passed", ['zone' => 'top', 'passes' => '1'])->assertSessionHasNoErrors();
        $this->get("/parts/{$part->id}/record")->assertSee('top passes');
        $this->post("/parts/{$part->id}/passed", ['zone' => 'lid', 'passes' => '1'])->assertSessionHasErrors('zone');
    }

    public function testAReadPhotoIsKeptComparedAndStopsSanding(): void
    {
        $part = $this->partWithBuildCoat();
        $send = fn (float $amplitude, float $angle = 20.0) => $this->post("/parts/{$part->id}/weave", [
            'weave_zone' => 'top', 'pitch' => '4', 'scale' => '0.1',
            'weave_photo' => self::file('top.jpg', RenderedPatch::asJpeg(RenderedPatch::of(500, 400, 0.1, 4.0, [$amplitude, $amplitude], $angle), 92)),
        ]);
        $send(0.004)->assertSessionHasNoErrors();
        $send(0.004)->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/inspect")->assertOk()->assertSee(__('inspect.compare.same'))->assertSee('class="thread"', false)->assertSee('at least');
        $this->get("/parts/{$part->id}/sand")->assertDontSee('stop sanding');
        $send(0.02)->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/inspect")->assertSee(__('inspect.compare.worse'));
        $this->get("/parts/{$part->id}/sand")->assertSee('stop sanding');
        $read = PartFact::query()->where('kind', 'print_read')->latest('id')->first();
        self::assertEqualsWithDelta(hypot(0.02, 0.02), $read->data['telegraph'] ?? 0.0, 0.003);
        $dark = self::file('dark.jpg', RenderedPatch::asJpeg(RenderedPatch::of(300, 200, 0.1, 4.0, [0.02, 0.02], mean: 6.0), 92));
        $this->post("/parts/{$part->id}/weave", ['weave_zone' => 'top', 'pitch' => '4', 'weave_photo' => $dark])
            ->assertSessionHasErrors(['weave_photo' => __('inspect.weave_unusable', ['why' => 'too dark'])])->assertSessionHasInput('pitch', '4');
    }

    public function testACupThatWasLostIsCountedOnce(): void
    {
        $part = $this->partWithBuildCoat();
        $lost = $this->fact($part, 'went_wrong', 'build-2', '2027-03-10 16:20', ['mishap' => 'cup_kicked', 'grams' => 31.0]);
        $this->post("/parts/{$part->id}/defects/{$lost->id}/way", ['remedy' => 'new_cup'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $rows = Habits::byHabit(app(Habits::class)->cases($this->shop->refresh()));
        self::assertSame([[Habit::Mix, 1, 31.0]], array_map(fn (array $r): array => [$r['habit'], $r['n'], $r['grams']], $rows));
    }

    /** A copy of the shop that was put back has the same numbers of rows and other facts in them. */
    public function testWhatIsKeptInTheCacheIsOfTheseVeryFacts(): void
    {
        $part = $this->partWithBuildCoat();
        $seen = [];
        foreach ([['runs', Habit::Coat], ['scratch', Habit::Ladder]] as [$defect, $habit]) {
            DB::beginTransaction();
            $this->putDefect($part->fresh() ?? self::fail(), ['defect' => $defect])->assertSessionHasNoErrors();
            $seen[] = [$this->found()->id, Habits::byHabit(app(Habits::class)->cases($this->shop->refresh()))[0]['habit'] === $habit];
            DB::rollBack();
        }
        self::assertSame($seen[0][0], $seen[1][0], 'the number is the same');
        self::assertSame([true, true], array_column($seen, 1));
    }

    public function testWhatGoesWrongMostIsCountedWithItsCost(): void
    {
        $this->get('/parts/habits')->assertOk()->assertSee(__('inspect.habits_none'));
        $part = $this->partWithBuildCoat();
        $this->putDefect($part, ['defect' => 'fisheyes', 'size' => '5'])->assertSessionHasNoErrors();
        $this->post("/parts/{$part->id}/defects/{$this->found()->id}/way", ['remedy' => 'spot_fill'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'film_touched', 'zone' => 'top'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $rows = Habits::byHabit(app(Habits::class)->cases($this->shop->refresh()));
        self::assertSame([Habit::Clean, 2], [$rows[0]['habit'], $rows[0]['n']]);
        $way = $part->facts()->where('kind', 'way_out')->sole();
        self::assertEqualsWithDelta($way->data['hands_min'], $rows[0]['handsMin'], 0.01);
        self::assertEqualsWithDelta($way->data['later_min'], $rows[0]['laterMin'], 0.01);
        $this->get('/parts/habits')->assertOk()->assertSee('Wipe and water would save most: 2 defects')->assertDontSee('inspect.', false)->assertDontSee('words.', false);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function putDefect(Part $part, array $with): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();
        $answer = $this->post("/parts/{$part->id}/found", $with + ['defect' => 'runs', 'zone' => 'top', 'count' => '1']);
        app()->forgetScopedInstances();

        return $answer;
    }

    private function found(): PartFact
    {
        return PartFact::query()->where('kind', 'found')->latest('id')->firstOrFail();
    }

    /** @return list<PricedWay> of what was found last */
    private function ways(Part $part): array
    {
        app()->forgetScopedInstances();
        $planned = $this->planned($part);
        $all = $planned->plan->log->all(Found::class);

        return app(WaysOutOfIt::class)->of($planned, $all[count($all) - 1]);
    }

    private static function file(string $name, string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $content);
    }

    /** As a phone held upright writes it: lying, with a word on how to turn it, and who took it. */
    private static function lyingJpeg(): string
    {
        $image = imagecreatetruecolor(2000, 1500);
        imagefilledrectangle($image, 0, 0, 400, 1500, 0xF0F0F0);
        $jpeg = RenderedPatch::asJpeg($image, 90);
        $make = "Pocketphone\0";
        $tiff = "II*\0".pack('V', 8).pack('v', 2)
            .pack('vvVV', 0x010F, 2, strlen($make), 38)
            .pack('vvVvv', 0x0112, 3, 1, 6, 0)
            .pack('V', 0).$make;
        $exif = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A head that promises far more pixels than the file could hold. */
    private static function bomb(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NN', $width, $height)."\x08\x02\0\0\0";
        $data = 'IDAT'.gzcompress(str_repeat("\0", 1000));

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head)).pack('N', strlen($data) - 4).$data.pack('N', crc32($data));
    }
}
