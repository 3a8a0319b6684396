<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\PaceEvidence;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Touch;
use OakGloss\Material\Resin as CoreResin;
use OakGloss\Plan\ModelVersion;

/**
 * What the shop's own checks say of each resin's pace. A check keeps the thermal age that its coat had when it was
 * made; all versions of a resin's sheet under one name learn together.
 */
final class PaceBook
{
    /** Less likely than this under what the others say, a check asks before it counts. */
    public const FAR_OFF = 0.002;

    /** What was not asked for so long is reckoned again, seconds. */
    private const KEPT_S = 30 * 86400;

    /** @var array<int, array<string, list<KeptCheck>>> by shop and resin name */
    private array $checks = [];

    /** @var array<string, ShopPace|null> by shop and resin name */
    private array $paces = [];

    public function forget(): void
    {
        $this->checks = $this->paces = [];
    }

    public function paced(Resin $row): CoreResin
    {
        $resin = FromShelf::resin($row);
        $pace = $this->pace($row);

        return $pace === null ? $resin : $resin->paced($pace);
    }

    /** Null without a check. Kept for as long as no check comes in or is judged. */
    public function pace(Resin $row): ?ShopPace
    {
        $key = "{$row->shop_id}/{$row->name}";
        if (array_key_exists($key, $this->paces)) {
            return $this->paces[$key];
        }
        $state = PartFact::query()->whereIn('part_id', Part::query()->where('shop_id', $row->shop_id)->select('id'))->whereIn('kind', ['touched', 'tried', 'left_out', 'struck'])->selectRaw('count(*) as n, max(id) as newest, max(token) as last')->toBase()->first();
        $kept = Cache::remember('pace-'.md5(serialize([ModelVersion::NOW, $key, $row->getAttributes(), (array) $state])), self::KEPT_S, function () use ($row): array {
            $pace = $this->checks($row) === [] ? null : ShopPace::learnt(self::counted($this->checks($row)));

            return $pace === null ? [] : [$pace->factor, $pace->sigma];
        });

        return $this->paces[$key] = $kept === [] ? null : ShopPace::of(log($kept[0]), $kept[1], ShopPace::CHECK_SIGMA);
    }

    /**
     * @return list<KeptCheck> in the order of time, each with how it stands
     */
    public function checks(Resin $row): array
    {
        $this->checks[$row->shop_id] ??= $this->load($row->shop_id);

        return $this->checks[$row->shop_id][$row->name] ??= [];
    }

    /** @return array<string, list<KeptCheck>> */
    private function load(int $shopId): array
    {
        $facts = PartFact::query()->whereIn('part_id', Part::query()->where('shop_id', $shopId)->select('id'))
            ->whereIn('kind', ['touched', 'tried', 'left_out', 'struck'])->with('user')->orderBy('happened_at')->orderBy('id')->get();
        if ($facts->whereIn('kind', ['touched', 'tried'])->isEmpty()) {
            return [];
        }
        $struck = $facts->where('kind', 'struck')->map(fn (PartFact $f): int => (int) $f->data['target'])->flip();
        $leftOut = $facts->where('kind', 'left_out')->reject(fn (PartFact $f): bool => $struck->has($f->id))->keyBy(fn (PartFact $f): int => (int) $f->data['target']);
        $resins = Resin::query()->where('shop_id', $shopId)->get()->keyBy('id');
        $kept = [];
        foreach ($facts->whereIn('kind', ['touched', 'tried']) as $fact) {
            $row = $resins->get((int) ($fact->data['resin_id'] ?? 0));
            $age = (float) ($fact->data['age_min'] ?? 0.0);
            if ($row !== null && $age > 0.0 && ! $struck->has($fact->id)) {
                $kept[$row->name][] = [$fact, $row, $age];
            }
        }

        return array_map(fn (array $rows): array => self::judged($rows, $leftOut), $kept);
    }

    /**
     * Each check against what the ones before it that count say: far off, it asks. Kept for as long as all of them stay.
     *
     * @param list<array{PartFact, Resin, float}> $rows
     * @param Collection<int, PartFact>           $leftOut by the check's number
     *
     * @return list<KeptCheck>
     */
    private static function judged(array $rows, Collection $leftOut): array
    {
        $state = array_map(fn (array $r): array => [$r[0]->token, $r[1]->getAttributes(), $r[2], $leftOut->get($r[0]->id)?->token], $rows);
        $verdicts = Cache::remember('judged-'.md5(serialize([ModelVersion::NOW, $state])), self::KEPT_S, fn (): array => self::verdicts($rows, $leftOut));

        return array_map(fn (array $r, array $verdict): KeptCheck => new KeptCheck($r[0], self::check(...$r), $r[2], (string) ($r[0]->data['touch'] ?? $r[0]->data['paper'] ?? ''), CheckStands::from($verdict[0]), $verdict[1], (string) ($leftOut->get($r[0]->id)->data['reason'] ?? '')), $rows, $verdicts);
    }

    /**
     * @param list<array{PartFact, Resin, float}> $rows
     * @param Collection<int, PartFact>           $leftOut
     *
     * @return list<array{string, float}> how each stands, and its likelihood
     */
    private static function verdicts(array $rows, Collection $leftOut): array
    {
        $verdicts = [];
        $evidence = PaceEvidence::none();
        foreach ($rows as [$fact, $row, $age]) {
            $check = self::check($fact, $row, $age);
            $because = $leftOut->get($fact->id);
            $pace = $evidence->pace();
            $likelihood = $check->likelihood(log($pace->factor), $pace->rateSigma);
            $stands = match (true) {
                $because !== null && ($because->data['counts'] ?? 0) == 0 => CheckStands::LeftOut,
                $because !== null || $likelihood >= self::FAR_OFF => CheckStands::Counts,
                default => CheckStands::Asks,
            };
            if ($stands === CheckStands::Counts) {
                $evidence = $evidence->with($check);
            }
            $verdicts[] = [$stands->value, $likelihood];
        }

        return $verdicts;
    }

    private static function check(PartFact $fact, Resin $row, float $age): PaceCheck
    {
        return $fact->kind === 'tried'
            ? PaceCheck::ofSanding($fact->data['paper'] === 'dusts', $age, $row->sandable_age_min)
            : PaceCheck::ofTack(Touch::from((string) $fact->data['touch']), $age, $row->tack_from_age_min, $row->tack_until_age_min);
    }

    /**
     * @param list<KeptCheck> $checks
     *
     * @return list<PaceCheck>
     */
    private static function counted(array $checks): array
    {
        return array_map(fn (KeptCheck $c): PaceCheck => $c->check, array_values(array_filter($checks, fn (KeptCheck $c): bool => $c->stands === CheckStands::Counts)));
    }
}
