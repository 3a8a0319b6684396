<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\View\FormFields;
use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Two who have the same form open: each keeps what each changed; nobody takes back what nobody on that form touched. */
final class StaleFormTest extends ShopCase
{
    private User $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->other = $this->makeUser($this->shop, 'bo@sample.example');
        $this->other->update(['name' => 'Bo Sedge']);
    }

    /** @return iterable<string, array{string, array{string, string, string}, array{string, string}}> page, one field with two values, another field */
    public static function forms(): iterable
    {
        yield 'the shop' => ['/shop?section=bench', ['cup_loss_g', '8', '9'], ['scale_step_g', '0.5']];
        yield 'money' => ['/shop/money', ['margin', '15', '20'], ['tax', '19']];
        yield 'a part' => ['part', ['holes', '2', '5'], ['name', 'Stern cowl, left']];
    }

    /**
     * @param array{string, string, string} $one
     * @param array{string, string}         $other
     */
    #[DataProvider('forms')]
    public function testOnlyWhatWasChangedOnAFormCounts(string $page, array $one, array $other): void
    {
        $page = $page === 'part' ? "/parts/{$this->makePart()->id}/edit" : $page;
        $to = str_replace('/edit', '', $page);
        [$mine, $theirs] = [$this->sent($page), $this->sent($page)];

        $this->actingAs($this->other)->put($to, [$one[0] => $one[1]] + $theirs)->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->actingAs($this->user->refresh())->put($to, [$other[0] => $other[1]] + $mine)->assertSessionHasNoErrors()
            ->assertSessionHas('notice', fn (string $said): bool => str_contains($said, 'Bo Sedge'));

        $now = $this->sent($page);
        self::assertEquals([$one[1], $other[1]], [$now[$one[0]], $now[$other[0]]], 'both changes stand');
    }

    /**
     * @param array{string, string, string} $one
     * @param array{string, string}         $other
     */
    #[DataProvider('forms')]
    public function testAFieldThatBothChangedIsAskedAboutAndNothingTypedIsLost(string $page, array $one, array $other): void
    {
        $page = $page === 'part' ? "/parts/{$this->makePart()->id}/edit" : $page;
        $to = str_replace('/edit', '', $page);
        [$mine, $theirs] = [$this->sent($page), $this->sent($page)];
        $this->actingAs($this->other)->put($to, [$one[0] => $one[1]] + $theirs)->assertSessionHasNoErrors();
        app()->forgetScopedInstances();

        $this->actingAs($this->user->refresh())->from($page)->put($to, [$one[0] => $one[2], $other[0] => $other[1]] + $mine)->assertSessionHasErrors([$one[0] => __('form.meanwhile', ['who' => 'Bo Sedge', 'was' => (string) $mine[$one[0]], 'is' => $one[1]])]);
        app()->forgetScopedInstances();
        $back = $this->get($page)->assertOk();
        $back->assertSee('Bo Sedge changed this')->assertSee('value="'.$one[2].'"', false);
        self::assertEquals($one[1], $this->sent($page)[$one[0]], 'nothing of it was kept');
        $this->put($to, [$one[0] => $one[2], $other[0] => $other[1]] + $this->fields($back))->assertSessionHasNoErrors();

        self::assertEquals($one[2], $this->sent($page)[$one[0]], 'kept again, it counts');
    }

    public function testARoundTripOfTheFormChangesNothing(): void
    {
        $part = $this->makePart();
        foreach (['/shop', '/shop?section=hands', '/shop?section=places', '/shop?section=points', '/shop?section=bench', '/shop/money', "/parts/{$part->id}/edit"] as $page) {
            $before = $this->sent($page);
            $this->put(str_replace('/edit', '', $page), $before)->assertSessionHasNoErrors();
            $compared = array_diff_key($this->sent($page), ['token' => 0, 'seen' => 0, '_token' => 0]);
            self::assertEquals(array_diff_key($before, ['token' => 0, 'seen' => 0, '_token' => 0]), $compared, $page);
        }
    }

    /** @return array<string, mixed> what a browser would send of the page's form, untouched */
    private function sent(string $page): array
    {
        app()->forgetScopedInstances();

        return $this->fields($this->get($page)->assertOk());
    }

    /** @return array<string, mixed> */
    private function fields(TestResponse $page): array
    {
        preg_match('~<form[^>]* data-showed.*?</form>~s', (string) $page->getContent(), $form);
        preg_match_all('~<input[^>]*name="(token|seen|showed)"[^>]*value="([^"]*)"~', $form[0] ?? '', $hidden);
        $sent = Arr::undot(FormFields::of((string) $page->getContent())->values);
        preg_match_all('~name="measured\[([^"]+)\]" value="([^"]*)"~', $form[0] ?? '', $measured);

        return array_combine($hidden[1], array_map(html_entity_decode(...), $hidden[2])) + $sent + ['measured' => array_combine($measured[1], array_map(html_entity_decode(...), $measured[2]))];
    }
}
