<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From an empty database to a plan of one's own resin that is to be trusted: in few presses, and few fields. */
final class FirstDaysTest extends BrowserCase
{
    private const MOST_PRESSES = 30;
    private const MOST_TYPED = 30;

    private int $presses = 0;

    private int $typed = 0;

    protected function setUp(): void
    {
        $this->shop = ServedShop::openEmpty();
        $this->visit('/login');
        $this->type(['email' => 'uma@slip.example', 'password' => ServedShop::PASSWORD]);
        $this->tap('Sign in');
        $this->waitFor('.first-day');
    }

    /** @param array<string, string> $fields */
    private function type(array $fields): void
    {
        foreach ($fields as $name => $value) {
            $this->fill($name, $value);
            $this->typed++;
        }
    }

    private function tap(string $words, string $within = 'body'): void
    {
        $this->press($words, $within);
        $this->presses++;
    }

    private function choose(string $name, string $value): void
    {
        $this->pick($name, $value);
        $this->presses++;
    }

    /** What both begin with: hours and air as they stand there, a reading, and what such a shop has. */
    private function beginsWith(string $set): void
    {
        $this->tap(Said::of('bench.first_day.of.hours'), '.first-day');
        $this->tap(Said::of('bench.keep'), '.form-foot');
        $this->tap(Said::of('app.rooms.bench'), '.bar');
        $this->type(['air_c' => '19,5', 'rh_percent' => '52 %']);
        $this->tap(Said::of('bench.keep_reading'));
        self::assertSame(2, count($this->all('.first-day .is-done')), 'hours and air tick themselves');
        $this->tap(Said::of('bench.first_day.of.tools'), '.first-day');
        $this->tap(Said::of("shop.usual_sets.{$set}"));
        $this->tap(Said::of('app.rooms.bench'), '.bar');
    }

    private function cloth(): void
    {
        $this->tap(Said::of('bench.first_day.of.cloth'), '.first-day');
        $this->type(['name' => 'Kelp twill 240', 'areal_g_m2' => '240', 'width_mm' => '1,20 m']);
        $this->tap(Said::of('shelf.short.do'));
        $this->tap(Said::of('app.rooms.bench'), '.bar');
    }

    private function isTrusted(string $resin): void
    {
        $plan = $this->text('.plan');
        self::assertStringNotContainsString(Said::of('shelf.unproven.made_up'), $plan, 'nothing that nobody wrote');
        self::assertStringContainsString(Said::of('shelf.unproven.assumed_so'), $plan, 'what stands on no label says so');
        self::assertStringContainsString($resin, $plan);
        self::assertSame([], array_filter($this->all('.plan .finding.is-stop'), fn ($e): bool => $e->isDisplayed()));
        self::assertLessThanOrEqual(self::MOST_PRESSES, $this->presses);
        self::assertLessThanOrEqual(self::MOST_TYPED, $this->typed);
        fwrite(STDERR, "\n{$this->presses} presses, {$this->typed} fields\n");
        self::assertLessThan(240, 2 * $this->presses + 5 * $this->typed, 'four minutes, at two seconds a press and five a field');
        self::assertSame([], $this->axe());
    }

    /** A garage: an epoxy by weight, a trial panel before anything else. */
    public function testAGarage(): void
    {
        $this->beginsWith('garage');
        $this->tap(Said::of('bench.first_day.of.resin'), '.first-day');
        $this->type([
            'name' => 'Cove laminating, slow', 'hardener_phr' => '32', 'pot_life_min' => '40', 'pot_mass_g' => '100', 'pot_c' => '20',
            'reference_c' => '20', 'tack_from_age_min' => '2 h 30', 'tack_until_age_min' => '6 h', 'sandable_age_min' => '24 h', 'full_age_min' => '7 d',
        ]);
        $this->tap(Said::of('shelf.short.do'));
        $this->sees(Said::of('shelf.unproven.ask'));
        $this->tap(Said::of('app.rooms.bench'), '.bar');
        $this->cloth();
        $this->tap(Said::of('bench.first_day.of.trial'), '.first-day');
        $this->waitForText('ready by', '#answer');
        $this->tap(Said::of('form.plan'));
        $this->sees('Trial panel');
        $this->sees(Said::of('parts.trial.title'));
        $this->isTrusted('Cove laminating, slow');
        self::assertMatchesRegularExpression('/\d g\b/', $this->text('.plan-work'));
        $this->tap(Said::of('app.rooms.bench'), '.bar');
        $this->seesNot(Said::of('bench.first_day.title'));
    }

    /** A trade shop: an epoxy by volume whose densities nobody knows, a clear, and the first part at once. */
    public function testATradeShop(): void
    {
        $this->beginsWith('trade');
        $this->tap(Said::of('bench.first_day.of.resin'), '.first-day');
        $this->choose('ratio_kind', 'volume');
        $this->type([
            'name' => 'Weir two to one', 'volume_resin' => '2', 'volume_hardener' => '1', 'pot_life_min' => '45', 'pot_mass_g' => '150', 'pot_c' => '20',
            'reference_c' => '20', 'tack_from_age_min' => '140', 'tack_until_age_min' => '5 h', 'sandable_age_min' => '16 h', 'full_age_min' => '7 d',
        ]);
        $this->tap(Said::of('shelf.short.do'));
        $this->tap(Said::of('app.rooms.bench'), '.bar');
        $this->cloth();
        $this->tap(Said::of('bench.first_day.of.part'), '.first-day');
        $this->type(['length' => '320', 'width' => '180']);
        $this->waitFor('.way.is-first a[href*="length=320&width=180"]');
        $this->tap(Said::of('choose.take'), '.way.is-first');
        $this->waitForText('ready by', '#answer');
        $this->type(['name' => 'Tank cover']);
        $this->choose('top', 'polish_resin');
        $this->waitUntilItRests();
        $this->tap(Said::of('form.plan'));
        $this->sees('Tank cover is planned');
        $this->sees(Said::of('parts.new_here'));
        $this->isTrusted('Weir two to one');
        self::assertMatchesRegularExpression('/\d ml\b/u', $this->text('.plan-work'));
        preg_match_all('~^.*\d g(?!/)\b.*$~mu', $this->text('.plan-work'), $grams);
        self::assertSame([], array_filter($grams[0], fn (string $line): bool => ! str_contains($line, 'compound')), 'no grams of it until both jars were weighed');
    }
}
