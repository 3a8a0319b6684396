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
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Kind\LeftOut;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kinds;
use OakGloss\Fact\Targets;
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
        $state = PartFact::query()->whereIn('part_id', Part::query()->where('shop_id', $row->shop_id)->select('id'))->whereIn('kind', self::kinds())->selectRaw('count(*) as n, max(id) as newest, max(token) as last')->toBase()->first();
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
            ->whereIn('kind', self::kinds())->with('user')->orderBy('happened_at')->orderBy('id')->get();
        $targets = fn (string $kind): Collection => $facts->where('kind', $kind)->keyBy(fn (PartFact $f): int => $f->target());
        $struck = $targets(Struck::KIND);
        $leftOut = $targets(LeftOut::KIND)->reject(fn (PartFact $f): bool => $struck->has($f->id));
        $resins = Resin::query()->where('shop_id', $shopId)->get()->keyBy('id');
        $kept = [];
        foreach ($facts as $fact) {
            $check = $fact->content();
            $row = $check instanceof ChecksCoat ? $resins->get($check->resinId()) : null;
            if ($check instanceof ChecksCoat && $row !== null && $check->ageMin() > 0.0 && ! $struck->has($fact->id)) {
                $kept[$row->name][] = [$fact, $row, $check];
            }
        }

        return array_map(fn (array $rows): array => self::judged($rows, $leftOut), $kept);
    }

    /** @return list<string> kinds of facts that a pace is learnt from */
    private static function kinds(): array
    {
        return Kinds::where(fn (string $kind): bool => is_a($kind, ChecksCoat::class, true) || is_a($kind, Targets::class, true));
    }

    /**
     * Each check against what the ones before it that count say: far off, it asks. Kept for as long as all of them stay.
     *
     * @param list<array{PartFact, Resin, ChecksCoat}> $rows
     * @param Collection<int, PartFact>                $leftOut by the check's number
     *
     * @return list<KeptCheck>
     */
    private static function judged(array $rows, Collection $leftOut): array
    {
        $state = array_map(fn (array $r): array => [$r[0]->token, $r[1]->getAttributes(), $r[2]->ageMin(), $leftOut->get($r[0]->id)?->token], $rows);
        $verdicts = Cache::remember('judged-'.md5(serialize([ModelVersion::NOW, $state])), self::KEPT_S, fn (): array => self::verdicts($rows, $leftOut));

        return array_map(fn (array $r, array $verdict): KeptCheck => new KeptCheck(
            $r[0],
            self::check($r[1], $r[2]),
            (float) $r[2]->ageMin(),
            $r[2]->found(),
            CheckStands::from($verdict[0]),
            $verdict[1],
            (string) self::judgement($leftOut, $r[0])?->reason,
        ), $rows, $verdicts);
    }

    /**
     * @param list<array{PartFact, Resin, ChecksCoat}> $rows
     * @param Collection<int, PartFact>                $leftOut
     *
     * @return list<array{string, float}> how each stands, and its likelihood
     */
    private static function verdicts(array $rows, Collection $leftOut): array
    {
        $verdicts = [];
        $evidence = PaceEvidence::none();
        foreach ($rows as [$fact, $row, $content]) {
            $check = self::check($row, $content);
            $judged = self::judgement($leftOut, $fact);
            $pace = $evidence->pace();
            $likelihood = $check->likelihood(log($pace->factor), $pace->rateSigma);
            $stands = match (true) {
                $judged?->counts === false => CheckStands::LeftOut,
                $judged !== null || $likelihood >= self::FAR_OFF => CheckStands::Counts,
                default => CheckStands::Asks,
            };
            if ($stands === CheckStands::Counts) {
                $evidence = $evidence->with($check);
            }
            $verdicts[] = [$stands->value, $likelihood];
        }

        return $verdicts;
    }

    /** @param Collection<int, PartFact> $leftOut */
    private static function judgement(Collection $leftOut, PartFact $check): ?LeftOut
    {
        $content = $leftOut->get($check->id)?->content();

        return $content instanceof LeftOut ? $content : null;
    }

    private static function check(Resin $row, ChecksCoat $check): PaceCheck
    {
        return $check->paceCheck((float) $check->ageMin(), ['tack_from' => $row->tack_from_age_min, 'tack_until' => $row->tack_until_age_min, 'sandable' => $row->sandable_age_min]);
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
