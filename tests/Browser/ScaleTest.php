<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** A cup on the stand-in scale, on a screen and on a phone: to the mark, over it, bumped, and with the plug pulled. */
final class ScaleTest extends BrowserCase
{
    private string $scale;

    /** @return iterable<string, array{int, int}> */
    public static function sizes(): iterable
    {
        yield 'phone' => [390, 844];
        if (getenv('OAK_LONG') !== false) {
            yield 'screen' => [1280, 800];
        }
    }

    #[DataProvider('sizes')]
    public function testTheScaleIsFollowedFromTheCupToTheMix(int $width, int $height): void
    {
        $this->reopen(false, $width, $height);
        $this->scale = $this->shop->startScale();
        $this->shop->alter("UPDATE shops SET scale_url = '{$this->scale}lines'");
        $this->do('put', 18.2);
        $this->visit('/parts/'.$this->partId('W').'/weigh/build-4');
        $this->script("document.querySelectorAll('.ready input[type=checkbox]').forEach((box) => { box.checked = true; })");
        $this->press('Ready, weigh');
        $this->waitForText('Put the cup on', '.scale');
        $this->press(Said::of('weigh.scale.from_here'));
        $this->waitForText('Pour.', '.scale');
        self::assertSame('0.0', $this->text('[data-scale-grams]'));
        self::assertLessThanOrEqual($width, (int) $this->script('return document.documentElement.scrollWidth'));

        $mark = $this->mark();
        $this->do('pour', $mark / 2);
        $this->waitForText(number_format(round($mark / 2, 1), 1), '[data-scale-grams]');
        $this->do('bump');
        $this->waitForText('It leapt', '.scale');
        $this->waitForText('Is that what was poured?', '.scale');
        self::assertSame([], $this->axe(), 'a scale in doubt');
        $this->do('clear');
        $this->waitForText('Less than where it began.', '.scale');
        $this->press(Said::of('weigh.scale.from_here'));
        $this->waitForText('Pour.', '.scale');

        $this->do('plug');
        $this->waitForText(Said::of('weigh.scale.says.lost'), '.scale');
        $this->fill('grams', '1');
        $this->press('Poured');
        $this->waitForText('1.0 g', '.jars');
        $this->do('plug');
        $this->waitForText('Pour.', '.scale');

        $this->do('pour', $this->mark());
        $this->waitForText(Said::of('weigh.scale.title', ['jar' => 'hardener']), '.scale');
        $this->waitForText('Pour.', '.scale');
        $this->do('pour', 1.4 * $this->mark());
        $this->waitForText('Over the mark by', '.scale');
        $this->waitFor('[data-scale-take] button:not([disabled])');
        $this->press('Save');
        $this->waitForText('Too much hardener.', '.pour');
        $this->waitForText('Pour.', '.scale');
        $this->do('pour', $this->mark());
        $this->waitForText('Mix two minutes');
    }

    private function mark(): float
    {
        return (float) $this->text('.scale-figure small b');
    }

    private function do(string $what, float $grams = 0.0): void
    {
        $context = stream_context_create(['http' => ['method' => 'POST', 'follow_location' => 0, 'header' => 'Content-Type: application/x-www-form-urlencoded', 'content' => http_build_query(['do' => $what, 'g' => round($grams, 1)])]]);
        file_get_contents($this->scale, false, $context);
    }
}
