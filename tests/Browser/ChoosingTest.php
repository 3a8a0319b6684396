<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** From the door to a plan: a few plain questions, the way to take and the one beside it. */
final class ChoosingTest extends BrowserCase
{
    /** Presses and fields that a first-time user may need. */
    private const MOST_DOINGS = 12;

    private int $doings = 0;

    public function testChoosingBetweenTwoWays(): void
    {
        $this->visit('/parts');
        $this->press('New part');
        $this->sees('Brush-on skin', '.way.is-first');
        $this->pick('form', 'deep');
        $this->waitForText('Bag-assisted skin', '.way.is-first');
        $this->sees('A vacuum holds cloth in every hollow', '.way.is-first');
        $this->sees('Brush-on skin', '.way:not(.is-first)');
        $this->sees('hollows bridge', '.way:not(.is-first)');
        $figures = fn (string $way): array => array_map(fn ($dd): string => $dd->getText(), $this->all("{$way} dd"));
        [$first, $second] = [$figures('.way.is-first .way-figures'), $figures('.way:not(.is-first) .way-figures')];
        self::assertCount(4, $first);
        self::assertNotSame($first, $second, 'hours, days, grams and risk of each are its own');
        $this->pick('purpose', 'steering');
        $this->waitForText(Said::of('choose.none'), '#ways');
        $this->sees('Ask the licensed trade', '#ways .finding');
        $this->pick('purpose', 'cosmetic');
        $this->waitForText('Brush-on skin', '.way:not(.is-first)');
        $this->press(Said::of('choose.take'), '.way:not(.is-first)');
        $this->sees('Brush-on skin', '[name=method] option:checked');
        self::assertSame('box', $this->one('[name=shape]')->getAttribute('value'));
        $this->waitForText('ready by', '#answer');
        $this->fill('name', 'Winch drum cover');
        $this->press(Said::of('form.plan'));
        $this->sees('Winch drum cover is planned');
    }

    /** @return iterable<string, array{string, array<string, string>}> what a first-time user says beside what stands */
    public static function firstDays(): iterable
    {
        $all = [
            'pattern_mould' => ['lies' => 'original', 'pieces' => '12'],
            'glue_down' => ['substrate' => 'glass_fibre', 'urgent' => ''],
            'two_sided' => ['lies' => 'clothed_piece', 'both_faces' => ''],
            'both_faces' => ['both_faces' => '', 'substrate' => 'wood'], 'brush_on' => [], 'sheet_metal' => ['substrate' => 'steel'], 'bagged' => ['form' => 'deep'],
            'flat_sheet' => ['lies' => 'nothing', 'form' => 'flat'], 'lift_off_shell' => ['lies' => 'original'],
            'clear_moulding' => ['lies' => 'raw_moulding', 'substrate' => 'carbon'], 'rescue' => ['lies' => 'bad_skin', 'substrate' => 'carbon'],
            'crack_or_chip' => ['lies' => 'damaged_skin', 'substrate' => 'carbon'], 'heavy_coat' => ['lies' => 'thin_skin', 'form' => 'flat'],
        ];
        foreach (Thorough::isLong() ? $all : array_slice($all, 0, 2) as $code => $said) {
            yield $code => [$code, $said];
        }
    }

    /** @param array<string, string> $said */
    #[DataProvider('firstDays')]
    public function testFromTheDoorToAPlanInTwelve(string $code, array $said): void
    {
        // The bench asks for its calls by itself: an answer under way would bring the cookie back.
        $this->shop->browser->get('about:blank');
        Chrome::tell($this->shop->browser, 'Network.clearBrowserCookies');
        $this->signInByForm();
        $this->doings = 3;
        $this->do(fn () => $this->press('New part'), '/parts');
        foreach ($said as $field => $value) {
            $this->do(fn () => match (true) {
                $value === '' => $this->one("[name={$field}]")->click(),
                ctype_digit($value) => $this->fill($field, $value),
                default => $this->pick($field, $value),
            });
        }
        foreach (['length' => '620', 'width' => '280'] as $field => $mm) {
            $this->do(fn () => $this->fill($field, $mm));
        }
        $way = WebDriverBy::cssSelector(".way a[href*='method={$code}']");
        $this->shop->browser->wait(15, 100)->until(fn (): bool => array_filter(
            $this->shop->browser->findElements($way),
            fn ($a): bool => str_contains((string) $a->getAttribute('href'), 'length=620') && str_contains((string) $a->getAttribute('href'), 'width=280'),
        ) !== []);
        $this->do(fn () => $this->one(".way a[href*='method={$code}']")->click());
        $this->waitForText('ready by', '#answer');
        $this->do(fn () => $this->fill('name', 'First piece'));
        $this->do(fn () => $this->press(Said::of('form.plan')));
        $this->sees('First piece is planned');
        $this->sees(Said::of('parts.day.title'));
        self::assertLessThanOrEqual(self::MOST_DOINGS, $this->doings, "{$this->doings} presses and fields");
    }

    private function do(\Closure $doing, ?string $on = null): void
    {
        $on === null || $this->visit($on);
        $doing();
        $this->doings++;
    }
}
