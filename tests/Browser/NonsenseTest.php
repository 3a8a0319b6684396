<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Thorough;

/** Nonsense typed wherever a number goes: it is refused at its field, nothing that was typed is lost, nothing is on record. */
final class NonsenseTest extends BrowserCase
{
    private const NONSENSE = '-98765432109';

    private const FORMS = <<<'JS'
        const isNumber = (i) => i.checkVisibility !== undefined && ! i.disabled && ! i.readOnly && i.type !== 'hidden'
            && (i.type === 'number' || ['decimal', 'numeric'].includes(i.inputMode));
        document.querySelectorAll('details').forEach((d) => d.open = true);
        return [...document.querySelectorAll('form')].filter((f) => f.getAttribute('method') === 'post' && [...f.elements].some(isNumber));
        JS;

    public function testNothingThatMakesNoSenseIsKept(): void
    {
        [$w, $d, $e, $q] = array_map($this->partId(...), ['W', 'D', 'E', 'Q']);
        $forms = 0;
        foreach ([
            '/', "/parts/{$w}", "/parts/{$w}/weigh/build-4", "/parts/{$w}/film", "/parts/{$w}/sand", "/parts/{$q}/sand", "/parts/{$d}/clear",
            "/parts/{$w}/inspect", "/parts/{$e}/edit", '/parts/new', ...array_map(fn (string $of): string => "/shelf/resins/1?section={$of}", ['stock', 'sheet', '0', '1', '2', '3', '4']), '/shelf/clears/new', '/shelf/cloths/1', ...array_map(fn (string $of): string => "/shop?section={$of}", ['week', 'hands', 'places', 'points', 'bench', 'exceptions']), '/shop/money', '/air',
        ] as $path) {
            $this->visit($path);
            if (str_contains($path, 'weigh')) {
                $this->press('Ready, weigh');
            }
            $all = (int) $this->script('return (() => {'.self::FORMS.'})().length');
            for ($nth = 0; $nth < $all; $nth++) {
                // Each third form, all of them with the long tests.
                if ($forms++ % 3 === 0 || Thorough::isLong()) {
                    $this->refuses($path, $nth);
                }
            }
        }
        self::assertGreaterThanOrEqual(20, $forms);
    }

    private function refuses(string $path, int $nth): void
    {
        $this->visit($path);
        $before = $this->shop->record();
        $action = $this->script('window.leaving = true; const forms = (() => {'.self::FORMS.<<<'JS'
            })();
            const form = forms[arguments[0]];
            form.noValidate = true;
            [...form.elements].filter((i) => ! i.disabled && ! i.readOnly && i.type !== 'hidden' && (i.type === 'number' || ['decimal', 'numeric'].includes(i.inputMode))).forEach((i) => {
                i.value = arguments[1];
                i.dispatchEvent(new Event('input', { bubbles: true }));
            });
            const button = [...form.elements].find((b) => b.type === 'submit' && ! b.disabled);
            setTimeout(() => form.requestSubmit(button ?? null), 0);
            return form.getAttribute('action');
            JS, $nth, self::NONSENSE);
        $this->shop->browser->wait(20, 50)->until(fn (): bool => $this->script('return (window.leaving === undefined || document.querySelector(".htmx-request") === null) && document.readyState === "complete" && document.querySelector("[aria-invalid=true], .is-wrong, .wrong, [role=alert], .notice, .finding.is-danger") !== null') === true);
        self::assertStringNotContainsString('Server Error', $this->text(), "{$path}: {$action}");
        self::assertSame($before, $this->shop->record(), "{$path}: {$action} kept nonsense");
    }
}
