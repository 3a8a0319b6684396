<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\RenderedPatch;

/** A part looked over at the bench and on a phone: a defect put, explained, mended, and the faces judged. */
final class InspectTest extends BrowserCase
{
    /** @return iterable<string, array{int, int}> */
    public static function widths(): iterable
    {
        yield 'at the bench' => [1280, 800];
        yield 'on a phone' => [390, 844];
    }

    #[DataProvider('widths')]
    public function testADefectIsPutByTapAndByKeyboard(int $width, int $height): void
    {
        $this->reopen(width: $width, height: $height);
        $id = $this->partId('W');
        $this->visit("/parts/{$id}/inspect");
        self::assertLessThanOrEqual($width, $this->script('return document.documentElement.scrollWidth'));
        // A tap a quarter along the ridge.
        $plate = $this->one('.plate[data-zone="ridge"]');
        $box = $plate->getSize();
        (new WebDriverActions($this->shop->browser))->moveToElement($plate, (int) (-0.25 * $box->getWidth()), 0)->click()->perform();
        self::assertSame('ridge', $this->value('zone'));
        $along = (float) $this->value('along');
        self::assertEqualsWithDelta(0.25, $along / $this->runOf('ridge'), 0.04, 'where the finger was');
        self::assertSame('defect', $this->script('return document.activeElement.name'), 'what it is comes next');
        $this->pick('defect', 'runs');
        $this->press('Save it', '#put');
        $this->sees('Runs, sags', '#defect-title');
        $this->sees(round($along).' mm from its left');
        $this->visit("/parts/{$id}/inspect");
        self::assertCount(1, $this->all('.defect-mark'));
        self::assertSame([], $this->all('.defect-mark.is-somewhere'));
        // The same by keys alone: to a face, the cross three steps right and one up, Enter, what it is, Enter.
        $this->script('document.querySelector(\'.plate[data-zone="ridge"]\').focus()');
        $keys = $this->shop->browser->getKeyboard();
        $keys->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_UP]);
        $middle = 0.5 * $this->runOf('ridge');
        self::assertEqualsWithDelta($middle + 30.0, (float) $this->value('along'), 1.5, '10 mm a step');
        $keys->sendKeys(WebDriverKeys::ENTER);
        self::assertSame('defect', $this->script('return document.activeElement.name'));
        $keys->sendKeys('Hair');
        $this->script('document.querySelector("#put button.go").focus()');
        $keys->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('Hair, bristle', '#defect-title');
        self::assertLessThanOrEqual($width, $this->script('return document.documentElement.scrollWidth'));
    }

    public function testAPartIsLookedOverExplainedMendedAndJudged(): void
    {
        $id = $this->partId('W');
        $this->visit('/');
        $this->sees(Said::of('words.look.raking'), '.asks');
        $this->visit("/parts/{$id}/inspect");
        $photo = (string) tempnam(sys_get_temp_dir(), 'photo').'.jpg';
        file_put_contents($photo, RenderedPatch::asJpeg(RenderedPatch::of(600, 450, 0.1, 4.0, [0.03, 0.02], 20.0), 92));
        // By the name of its face, with a photo.
        $this->pick('defect', 'dry_spot');
        $this->pick('zone', 'shoulders');
        $this->fill('size', '40');
        $this->one('[name=photo]')->sendKeys($photo);
        $this->press('Save it', '#put');
        $this->sees('Dry spot', '#defect-title');
        self::assertGreaterThan(0, $this->script('const i = document.querySelector(".defect-head img"); return i.decode().then(() => i.naturalWidth)'));
        $first = $this->text('.suspects li:first-child h3');
        $this->press('No', '.tell');
        self::assertNotSame($first, $this->text('.suspects li:first-child h3'), 'the look set another cause first');
        $this->sees(Said::of('inspect.told_no'), '.suspects');
        $this->sees('hands', '.way-out.is-best');
        $this->press('Take it', '.way-out.is-best');
        $this->sees('Taken:');
        $this->visit("/parts/{$id}/inspect");
        $this->sees('way out taken', '.defects');
        // It is what the bench wants next, or stands in the plan.
        $this->visit("/parts/{$id}");
        $this->sees('on shoulders');
        // The face in a photo, and the threads that were found drawn over it.
        $this->visit("/parts/{$id}/inspect");
        $this->fill('pitch', '4');
        $this->one('[name=weave_photo]')->sendKeys($photo);
        $this->press('Read it', '#weave');
        $this->sees('Read: weave 3.');
        self::assertCount(2, $this->all('.weave-photo .thread'));
        unlink($photo);
        $done = $this->partId('D');
        $this->visit("/parts/{$done}/inspect");
        $this->sees('passes', '.risk.is-fine');
        $this->press(Said::of('inspect.pass_zone'), 'main');
        $this->sees('passes.', '.notice');
        $this->sees('kept');
    }

    public function testAnUploadThatLiesLosesNothingTyped(): void
    {
        $this->visit('/parts/'.$this->partId('W').'/inspect');
        $script = (string) tempnam(sys_get_temp_dir(), 'photo').'.jpg';
        file_put_contents($script, '<?php echo 1;');
        $this->fill('size', '17');
        $this->one('[name=photo]')->sendKeys($script);
        $this->press('Save it', '#put');
        $this->sees('whatever its name says', '#put');
        self::assertSame('17', $this->value('size'));
        // What is far too large is said before it is sent.
        file_put_contents($script, str_repeat("\0", 16 * 1024 * 1024));
        $this->one('[name=photo]')->sendKeys($script);
        $this->waitForText('The picture is too large', '#put');
        self::assertSame('', $this->value('photo'));
        unlink($script);
    }

    public function testTheBenchTakesAMishapAndItsWayOut(): void
    {
        $this->press('Weigh', '.now');
        $this->press('Ready, weigh');
        $this->fill('grams', trim(str_replace('g', '', $this->text('#pour-title .num'))));
        $this->press('Poured');
        $this->press('That went wrong');
        $this->press(Said::of('words.mishap.cup_kicked'));
        $this->sees(Said::of('words.mishap.cup_kicked'), '#defect-title');
        $this->sees('Weigh it again now?');
        $this->press(Said::of('inspect.press.new_cup'), '.way-out.is-best');
        $this->sees('resin', '#pour-title');
        $this->visit('/parts/habits');
        $this->sees(Said::of('words.mishap.cup_kicked'));
    }

    private function value(string $name): string
    {
        return (string) $this->shop->browser->findElement(WebDriverBy::name($name))->getAttribute('value');
    }

    /** How far a face runs, mm, by its drawing. */
    private function runOf(string $zone): float
    {
        return (float) $this->script('return document.querySelector(`.plate[data-zone="${arguments[0]}"]`).dataset.w / document.querySelector("svg[data-place]").dataset.pxPerMm', $zone);
    }
}
