<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Planning\Shapes;
use App\View\Page\MethodForm;
use OakGloss\Method\Methods;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** A part of every method, taken through the bench from its brief to its record. */
final class EveryMethodTest extends ShopCase
{
    use LivesParts;

    private const MOST_ACTS = 120;

    public const SIZES = [
        'bent_panel' => ['length' => 400, 'top' => 200, 'flank' => 100, 'bend_deg' => 50, 'bend_radius' => 12, 'edge_radius' => 3],
        'sheet' => ['length' => 600, 'width' => 400, 'part_length' => 180, 'part_width' => 120],
        'patch' => ['damage_length' => 30, 'damage_width' => 12, 'around' => 40, 'whole_length' => 700, 'whole_width' => 400],
        'two_faces' => ['length' => 620, 'width' => 180, 'filled' => 60, 'edge_radius' => 3],
    ];

    /** Lived to their end each time; the others in the long run, and their like by the browser's tests. */
    private const SHORT_LIVES = ['flat_sheet', 'crack_or_chip', 'bagged'];

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function methods(): iterable
    {
        foreach (array_keys(Methods::all()) as $code) {
            yield $code => [$code, []];
        }
        if (! Thorough::isLong()) {
            return;
        }
        yield 'two plies into wet resin over black paint' => ['brush_on', ['plies' => '2', 'holding' => 'wet_lay', 'backing' => 'painted', 'after_wet_out' => 'second_at_tack']];
    }

    /** @param array<string, mixed> $choices */
    #[DataProvider('methods')]
    public function testIsPlannedFromItsFormAndLivedToItsEnd(string $code, array $choices): void
    {
        $part = $this->planned($this->made($code, $choices))->part;
        $isLived = Thorough::isLong() || in_array($code, self::SHORT_LIVES, true);
        foreach ($isLived ? ['', '/film', '/sand', '/clear', '/record', '/money', ...(Thorough::isLong() ? ['?priced=1'] : [])] : [''] as $page) {
            $this->get("/parts/{$part->id}{$page}")->assertOk();
        }
        if (! $isLived) {
            return;
        }
        while (($planned = $this->planned($part))->next !== null) {
            self::assertLessThan(self::MOST_ACTS, $this->acts, "{$planned->next->step->step->key} never ends");
            $this->doNext($planned);
        }
        self::assertNotNull($part->refresh()->finished_at);
        $this->get("/parts/{$part->id}/record")->assertOk();
        self::assertSame([], $part->facts()->whereNull('role')->pluck('step')->all(), 'what was recorded knows its role');
    }

    /** @param array<string, mixed> $choices */
    private function made(string $code, array $choices): Part
    {
        $method = Methods::named($code);
        $shape = Shapes::of($method)[0];
        // With what the form begins with, as a first-time user would take it.
        $stands = app(MethodForm::class)->of($method, $this->shop, null, null)['stands'];
        $own = ['shape' => $shape, 'sizes' => self::SIZES[$shape]] + array_filter($stands, is_scalar(...));
        $this->post('/parts', ['method' => $code] + $choices + $own + $this->form())->assertSessionHasNoErrors();

        return Part::query()->where('letter', 'M')->sole();
    }
}
