<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Takes a part through its plan by its own page: what is next, at its time, by the button that the page offers. */
trait LivesAPart
{
    /** The part has the workshop to itself: only its own steps are followed. */
    private function alone(string $letter): int
    {
        $id = $this->partId($letter);
        $this->shop->alter("UPDATE parts SET finished_at = '2027-03-09 10:00:00' WHERE id <> {$id}");

        return $id;
    }

    /** @return list<string> titles of the steps in the order in which they were done */
    private function finish(int $id, string $upTo = ''): array
    {
        $seen = [];
        for ($n = 0; $n < 60; $n++) {
            if ($this->path() !== "/parts/{$id}") {
                $this->visit("/parts/{$id}");
            }
            if ($this->all('.now') === []) {
                return $seen;
            }
            $title = $this->text('#now-title');
            if ($upTo !== '' && str_contains($title, $upTo)) {
                return $seen;
            }
            $act = $this->script(<<<'JS'
                const forms = [...document.querySelectorAll('.now-acts .acts > form')].map((f) => [f.querySelector('[name=kind]')?.value, f.querySelector('button')]);
                const ready = forms.find(([kind, button]) => kind && button && !button.disabled && button.checkVisibility());
                return ready === undefined ? null : ready[0];
                JS);
            $waits = preg_match('/ready |closes|sandable/', $this->text('.now-figures')) === 1 && ! str_contains($this->text('.now-figures'), 'window open');
            if (! $waits && $this->all('.now .fold [value=ready]') !== []) {
                $this->press('Ready check', '.now');
                foreach ($this->all('.now .fold[open] input[type=checkbox]') as $box) {
                    $box->click();
                }
                $this->press('All ready', '.now');

                continue;
            }
            if ($act === null || $waits) {
                $this->press(Said::of('app.skip_to.window'), '.clockbar');

                continue;
            }
            if ($act === 'sanded' && $this->all('.now a[href$="/sand"]') !== []) {
                $this->visit("/parts/{$id}/sand");
                $this->press('Uniformly matt', '.pass');
            } else {
                $this->script("document.querySelector('.now-acts .acts > form input[value=\"{$act}\"]').form.querySelector('button').setAttribute('data-go', '')");
                $this->press($this->text('[data-go]'), '.now-acts .acts > form');
            }
            $seen[] = $title;
        }
        self::fail('not finished after: '.implode(' · ', $seen));
    }
}
