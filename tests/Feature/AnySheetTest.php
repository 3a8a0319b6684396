<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Resin;
use App\Models\ShelfItem;
use App\Shelf\Kind\Clears;
use App\Shelf\Kind\Cloths;
use App\Shelf\Kind\Resins;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** A sheet that the shelf takes, however thin, slow or heavy, stops no page of a part that is made with it. */
final class AnySheetTest extends ShopCase
{
    /** Flow, cups and drawings hang on them. */
    private const OFTEN = ['viscosity_pa_s', 'gel_age_min', 'pot_life_min', 'pot_mass_g', 'tack_from_age_min', 'areal_g_m2', 'texture_ratio', 'wet_um', 'volume_solids'];

    /** @return iterable<string, array{ShelfKind, string, float}> */
    public static function ends(): iterable
    {
        yield from Thorough::cases(self::everyEnd());
    }

    /** @return iterable<string, array{ShelfKind, string, float}> those that flow, cups and drawings hang on first */
    private static function everyEnd(): iterable
    {
        foreach ([new Resins(), new Cloths(), new Clears()] as $kind) {
            foreach (collect($kind->fields())->sortBy(fn ($field): bool => ! in_array($field->name, self::OFTEN, true)) as $field) {
                foreach ($field->type->isNumber() ? [$field->least, $field->most] : [] as $end) {
                    yield $kind::NAME." {$field->name} {$end}" => [$kind, $field->name, $end];
                }
            }
        }
    }

    #[DataProvider('ends')]
    public function testTheEndsOfItsRangesStopNoPage(ShelfKind $kind, string $field, float $value): void
    {
        $part = $this->partWithBuildCoat();
        $this->fact($part, 'part_weighed', 'build-1', self::NOW, ['grams' => 700.0]);
        $item = match ($kind::NAME) {
            'resins' => Resin::query()->findOrFail($part->getAttribute('skin_resin_id')),
            'cloths' => Cloth::query()->findOrFail($part->getAttribute('cloth_id')),
            default => Clear::query()->findOrFail($part->clear_id),
        };
        $new = $this->with($item, $field, $value);
        if ($new === null) {
            // The shelf refuses it in words.
            $this->get('/shelf?kind='.$kind::NAME)->assertOk();

            return;
        }
        $part->update([match ($kind::NAME) {
            'resins' => 'skin_resin_id',
            'cloths' => 'cloth_id',
            default => 'clear_id',
        } => $new->id]);
        foreach (['/', "/parts/{$part->id}", "/parts/{$part->id}/film", "/parts/{$part->id}/clear", "/parts/{$part->id}/weigh/build-2", '/shelf', '/shelf/'.$kind::NAME."/{$new->id}"] as $page) {
            app()->forgetScopedInstances();
            $answer = $this->get($page);
            self::assertContains($answer->status(), [200, 302, 422], $page.': '.$answer->exception?->getMessage());
            self::assertStringNotContainsString('rows can&#039;t be read', (string) $answer->getContent(), $page);
        }
    }

    private function with(ShelfItem $item, string $field, float $value): ?ShelfItem
    {
        $kind = ShelfKinds::named($item->getTable()) ?? self::fail('no such kind');
        $form = collect($item->getAttributes())->except(['id', 'shop_id', 'superseded_by_id', 'created_at', 'updated_at'])->all();
        if ($item instanceof Resin) {
            $form['sheet'] = $item->sheet;
        }
        $answer = $this->post('/shelf/'.$kind::NAME, [$field => $value, 'name' => 'An end'] + $form);
        self::assertSame(302, $answer->status());

        return $kind::MODEL::query()->where('name', 'An end')->first();
    }
}
