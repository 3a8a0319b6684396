<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** A part from its flatting to the gloss in four finishes, and the practice room, as hands would. */
final class SurfaceTest extends BrowserCase
{
    use LivesAPart;

    private const PART = 'Q';

    /** @return iterable<string, array{string, string|null, list<string>, list<string>, string}> columns of the part, its clear, steps that are passed, steps that are not, gloss at its end */
    public static function finishes(): iterable
    {
        yield 'polished resin' => ["finish = 'gloss', choices = json_set(choices, '\$.top', 'polish_resin')", null, ['Wet-flat', 'Cut and polish'], ['Clear,', 'Flat the clear'], '88'];
        yield '2K gloss' => ["finish = 'gloss', choices = json_set(choices, '\$.top', 'clear')", "name LIKE '%2K gloss'", ['Clear,', 'Flat the clear', 'Cut and polish'], ['Varnish'], '88'];
        yield '2K matt' => ["finish = 'matt', choices = json_set(choices, '\$.top', 'clear')", "name LIKE '%2K matt'", ['Clear,'], ['Cut and polish', 'Flat the clear'], '13'];
        yield 'brushed varnish' => ["finish = 'gloss', choices = json_set(choices, '\$.top', 'clear')", "kind = 'varnish'", ['Varnish coat 1', 'Varnish coat 2'], ['Clear,', 'Flat the clear', 'Cut and polish'], '87'];
    }

    /**
     * @param string|null  $clear  which of the shelf's; none for null
     * @param list<string> $passed
     * @param list<string> $never
     */
    #[DataProvider('finishes')]
    #[Group('long')]
    public function testAFullFinish(string $columns, ?string $clear, array $passed, array $never, string $gloss): void
    {
        $id = $this->alone(self::PART);
        $this->shop->alter("UPDATE parts SET {$columns}, needed_by = NULL WHERE id = {$id}");
        $this->shop->alter("DELETE FROM part_slots WHERE part_id = {$id} AND slot = 'clear'");
        if ($clear !== null) {
            $this->shop->alter("INSERT INTO part_slots (part_id, slot, clear_id) SELECT {$id}, 'clear', id FROM clears WHERE {$clear}");
        }
        $seen = $this->finish($id);
        foreach ($passed as $step) {
            self::assertNotSame([], array_filter($seen, fn (string $s): bool => str_contains($s, $step)), "{$step} was passed: ".implode(' · ', $seen));
        }
        foreach ($never as $step) {
            self::assertSame([], array_filter($seen, fn (string $s): bool => str_contains($s, $step)), "{$step} was not");
        }
        $this->visit("/parts/{$id}/clear");
        $this->fill('gu', $gloss);
        $this->press('Save gloss');
        $this->sees(Said::of('clear.says.within'));
        $this->sees("{$gloss}.0", '.gloss-readings');
        $this->visit("/parts/{$id}");
        $this->sees('finished', '.part-figures');
    }

    public function testTheSandRoomFollowsPassesByZoneAndStopsWhenTheWeaveShows(): void
    {
        $id = $this->partId(self::PART);
        $this->visit("/parts/{$id}/sand");
        $this->pick('zone', 'flank');
        $this->fill('minutes', '3');
        $this->press(Said::of('sand.ends.lows'), '.pass');
        $this->sees('shiny lows', '.ladder.is-next');
        self::assertNotSame([], $this->all('.ladder.is-next .now-mark'));
        $this->pick('zone', 'flank');
        $this->press('Weave shows', '.pass');
        $this->sees(Said::of('words.film_answer.stop_bare.what'), '.answer-line');
        $this->press(Said::of('sand.one_more'));
        $this->press(Said::of('film.more.finish_coats', ['n' => '2']));
        $this->sees('Taken.');
        $this->visit("/parts/{$id}/sand");
        $this->press('Fresh paper', '.reminders');
        self::assertMatchesRegularExpression('/Fresh paper\s+1/', $this->text('.reminders'));
    }

    public function testTheScaleIsReadByKeyboardAlone(): void
    {
        $id = $this->partId(self::PART);
        $this->visit("/parts/{$id}/film");
        $this->one('[name="part_g"]')->sendKeys('845'.WebDriverKeys::ENTER);
        $this->waitForText('Kept.');
        $this->sees('845 g', '.measure');
        $this->fill('um', '0.7');
        $this->press('Save thickness');
        $this->sees('or 0.001 and 5 mm', '.measure .is-wrong');
        self::assertSame('0.7', $this->one('[name="um"]')->getAttribute('value'));
    }

    public function testTheGlossMeterIsReadAndComparedOrSaidToBeSilent(): void
    {
        $id = $this->partId(self::PART);
        $url = $this->shop->startMeter('matt');
        $this->shop->alter("UPDATE shops SET meter_url = '{$url}'");
        $this->visit("/parts/{$id}/clear");
        $this->press(Said::of('clear.read_meter'));
        self::assertMatchesRegularExpression('/1[2-5]\.\d meter, three places [+-]\d\.\d, within/', preg_replace('/\s+/', ' ', $this->text('.gloss-readings')) ?? '');
        $this->shop->stopDevice();
        $this->press(Said::of('clear.read_meter'));
        $this->sees(Said::of('clear.meter_gives', ['what' => 'no answer that can be used']));
    }

    public function testALessonIsLostAndThenWonOnTheSamePart(): void
    {
        $this->press('Practice');
        $this->script("document.querySelector('#seed-dust').value = '42'; document.querySelector('#seed-dust').form.requestSubmit()");
        $this->waitFor('canvas[data-drawn]');
        $sanded = $this->lamp();
        $this->fill('mix_amount', '20');
        $this->press('Mix', '.acts-card');
        $this->press(Said::of('practice.coat'));
        $this->sees('ran to the lower edges', '.answers');
        $this->waitFor('canvas[data-drawn]');
        self::assertGreaterThan($sanded + 10.0, $this->lamp(), 'a wet coat throws the lamp back');
        $this->press(Said::of('practice.hand_in'));
        $this->sees('Not yet.', '#verdict');
        $this->sees('Dust sealed in.', '#verdict');
        $this->press(Said::of('practice.again'));
        $this->press(Said::of('practice.wipe'));
        $this->fill('mix_amount', '20');
        $this->press('Mix', '.acts-card');
        $this->press(Said::of('practice.coat'));
        $this->press(Said::of('practice.hand_in'));
        $this->sees('Won.', '#verdict');
        $this->press('All lessons');
        $this->sees('Won on part 42.');
    }

    public function testFilmSandAndPracticeFitAPhone(): void
    {
        $this->reopen(width: 390, height: 844);
        $id = $this->partId(self::PART);
        $this->visit('/practice');
        $this->press(Said::of('practice.take'));
        foreach (['', "/parts/{$id}/film", "/parts/{$id}/sand", "/parts/{$id}/clear", '/practice'] as $path) {
            $path === '' ?: $this->visit($path);
            self::assertLessThanOrEqual(390, $this->script('return document.documentElement.scrollWidth'), "{$path} is wider than the phone");
        }
    }

    /** Mean brightness of the drawn patch, 0 to 255. */
    private function lamp(): float
    {
        return (float) $this->script(<<<'JS'
            const canvas = document.querySelector('canvas.patch');
            const data = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
            let sum = 0;
            for (let i = 0; i < data.length; i += 4) { sum += data[i] + data[i + 1] + data[i + 2]; }
            return sum / (data.length / 4) / 3;
            JS);
    }
}
