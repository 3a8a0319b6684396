<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Models\Shop;
use App\Planning\Planner;

/** Every figure that stands on two pages is the same on both. */
trait ComparesFigures
{
    private const ROOMS = ['', '/film', '/sand', '/clear', '/inspect', '/record', '/money'];

    /** @return int figures that stand on more than one page */
    private function assertFiguresAgree(Shop $shop, string $when): int
    {
        app()->forgetScopedInstances();
        $pages = ['/', '/parts', '/run-sheet?span=2w'];
        foreach (app(Planner::class)->all($shop->refresh()) as $planned) {
            $next = $planned->plan->next();
            foreach ([...self::ROOMS, ...($next?->batch === null ? [] : ["/weigh/{$next->step->key}"])] as $room) {
                $pages[] = "/parts/{$planned->part->id}{$room}";
            }
        }
        foreach (Part::query()->where('shop_id', $shop->id)->whereNotNull('finished_at')->pluck('id') as $id) {
            $pages = [...$pages, ...array_map(fn (string $room): string => "/parts/{$id}{$room}", self::ROOMS)];
        }
        $seen = [];
        foreach ($pages as $page) {
            app()->forgetScopedInstances();
            preg_match_all('/data-figure="([^"]+)" data-is="([^"]*)"/', (string) $this->get($page)->assertOk()->getContent(), $found, PREG_SET_ORDER);
            foreach ($found as $nth => [, $figure, $value]) {
                $seen[$figure]["{$page}#{$nth}"] = $value;
            }
        }
        foreach ($seen as $figure => $values) {
            self::assertCount(1, array_unique($values), "{$when}: {$figure} is ".json_encode($values));
        }

        return count(array_filter($seen, fn (array $values): bool => count($values) > 1));
    }
}
