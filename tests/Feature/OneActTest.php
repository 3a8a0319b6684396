<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HourException;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\PracticeRun;
use App\Models\Resin;
use PHPUnit\Framework\Attributes\DataProvider;

/** The same press sent twice is one act, whatever it was; a mark that was used for something else is refused. */
final class OneActTest extends ShopCase
{
    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (['a part', 'hours', 'a pin', 'a lesson', 'a sheet', 'staying'] as $form) {
            yield $form => [$form];
        }
    }

    #[DataProvider('forms')]
    public function testAFormSentTwiceIsOneAct(string $what): void
    {
        $part = $this->partWithBuildCoat();
        $this->keep();
        [$path, $form, $count] = match ($what) {
            'a part' => ['/parts', $this->form(), fn (): int => Part::query()->count()],
            'hours' => ['/hours', ['day' => '2027-03-12', 'spans' => '08:00-12:00'], fn (): int => HourException::query()->count()],
            'a pin' => ["/run-sheet/{$part->id}/build-2", ['at_local' => '2027-03-11T09:00'], fn (): int => PartFact::query()->where('kind', 'decided')->count()],
            'a lesson' => ['/practice', ['lesson' => 'dust'], fn (): int => PracticeRun::query()->count()],
            'a sheet' => ['/shelf/cloths', ['name' => 'Plain 160', 'weave' => 'plain', 'fibre' => 'carbon', 'areal_g_m2' => 160, 'fibre_fraction' => 0.5, 'texture_ratio' => 0.25, 'width_mm' => 1000], fn (): int => Resin::query()->getConnection()->table('cloths')->where('name', 'Plain 160')->count()],
            'staying' => ["/parts/{$part->id}/facts", ['kind' => 'coat_on', 'step' => 'build-2', 'grams' => 22], fn (): int => PartFact::query()->where('kind', 'coat_on')->where('step', 'build-2')->count()],
            default => self::fail($what),
        };
        $was = $count();

        $first = $this->post($path, $form + ['token' => 'one-press'])->assertSessionHasNoErrors();
        $second = $this->post($path, $form + ['token' => 'one-press'])->assertSessionHasNoErrors()->assertSessionHas('notice', 'Already kept.');

        self::assertSame($was + 1, $count());
        self::assertSame($first->headers->get('Location'), $second->headers->get('Location'), 'and leads where the first led');
    }

    public function testAMarkThatWasUsedForSomethingElseIsRefused(): void
    {
        $this->post('/hours', ['day' => '2027-03-12', 'spans' => '08:00-12:00', 'token' => 'mark'])->assertSessionHasNoErrors();
        $this->post('/hours', ['day' => '2027-03-13', 'spans' => '08:00-12:00', 'token' => 'mark'])->assertSessionHasErrors('act');
        $this->post('/practice', ['lesson' => 'dust', 'token' => 'mark'])->assertSessionHasErrors('act');
        $this->actingAs($this->makeUser($this->shop, 'bo@sample.example'));
        $this->post('/hours', ['day' => '2027-03-12', 'spans' => '08:00-12:00', 'token' => 'mark'])->assertSessionHasErrors('act');

        self::assertSame(1, HourException::query()->count());
        self::assertSame(0, PracticeRun::query()->count());
    }

    public function testAnActThatFailedLeavesItsMarkFree(): void
    {
        $this->post('/hours', ['day' => 'never', 'token' => 'mark'])->assertSessionHasErrors('day');
        $this->post('/hours', ['day' => '2027-03-12', 'spans' => '', 'token' => 'mark'])->assertSessionHasNoErrors();

        self::assertSame(1, HourException::query()->count());
    }

    /** @return iterable<string, array{mixed}> */
    public static function noMarks(): iterable
    {
        yield 'none' => [null];
        yield 'empty' => [''];
        yield 'a list' => [['x']];
        yield 'one that the server makes' => ['strike:1'];
        yield 'too long' => [str_repeat('x', 65)];
    }

    #[DataProvider('noMarks')]
    public function testWithoutAMarkNothingIsWritten(mixed $mark): void
    {
        $this->post('/hours', ['day' => '2027-03-12', 'spans' => '', 'token' => $mark])->assertSessionHasErrors('act');

        self::assertSame(0, HourException::query()->count());
    }

    public function testAnotherShopCantTakeAStrikesName(): void
    {
        $part = $this->partWithBuildCoat();
        $coat = PartFact::query()->where('step', 'build-1')->sole();
        $theirs = $this->makeShop('Other Works');
        $this->actingAs($this->makeUser($theirs, 'cy@other.example'));
        $own = Part::query()->create(['shop_id' => $theirs->id, 'letter' => 'A'] + collect($part->getAttributes())->except(['id', 'shop_id', 'letter'])->all());
        foreach (["strike-{$coat->id}", 'press:1', 'press'] as $name) {
            $this->post("/parts/{$own->id}/facts", ['kind' => 'done', 'step' => 'strip', 'token' => $name]);
        }

        $this->actingAs($this->user);
        $this->post("/parts/{$part->id}/facts/{$coat->id}/strike", ['reason' => 'slip', 'token' => 'press'])->assertSessionHasNoErrors();

        self::assertSame($coat->id, (int) PartFact::query()->where('part_id', $part->id)->where('kind', 'struck')->sole()->data['target']);
        self::assertFalse($this->planned($part)->plan->step('build-1')?->isDone());
    }

    public function testEveryFormOfThePagesCarriesItsMark(): void
    {
        $part = $this->partWithBuildCoat();
        $this->keep();
        $forms = 0;
        foreach (['/', '/parts', '/parts/new', "/parts/{$part->id}", "/parts/{$part->id}/record", "/parts/{$part->id}/film", "/parts/{$part->id}/sand", "/parts/{$part->id}/clear", '/run-sheet', '/shop', '/air', '/shelf/resins/new', '/practice'] as $page) {
            preg_match_all('~<form[^>]*method="post".*?</form>~s', (string) $this->get($page)->assertOk()->getContent(), $found);
            foreach ($found[0] as $form) {
                self::assertMatchesRegularExpression('/name="token" value="[A-Za-z0-9]{24}"/', $form, $page);
                $forms++;
            }
        }
        self::assertGreaterThan(40, $forms);
    }
}
