<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\PartFact;
use App\Models\Resin;
use App\Shelf\FromShelf;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
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
 * made; all versions of a resin's sheet under one name learn together. Each check is judged once, when it is recorded,
 * by what those before it said; a fact that changes an earlier one has what follows it judged anew.
 */
final class PaceBook
{
    /** Less likely than this under what the others say, a check asks before it counts. */
    public const FAR_OFF = 0.002;

    /** The page of a resin shows so many, the newest. */
    public const SHOWN = 30;

    /** After so many checks the evidence is kept beside them, to begin anew from there. */
    private const CHECKPOINT = 64;

    public function __construct(private readonly Present $present)
    {
    }

    /** Something was recorded: what was judged after it is judged anew when it is next asked for. */
    public function follow(PartFact $fact): void
    {
        if (! in_array($fact->kind, self::kinds(), true)) {
            return;
        }
        $check = $fact;
        while ($check !== null && ($content = $check->content()) instanceof Targets) {
            $check = PartFact::query()->find($content->target());
        }
        $content = $check?->content();
        $row = $content instanceof ChecksCoat ? Resin::query()->find($content->resinId()) : null;
        if ($check === null || $row === null) {
            return;
        }
        $pace = $this->row($row);
        $isNewest = $check === $fact && ($pace === null
            || [$pace->last_at, $pace->last_fact_id] < [$check->getAttributes()['happened_at'], $check->id]);
        if (! $isNewest) {
            $this->judged($row)->where(fn (Builder $q) => $q->where('happened_at', '>', $check->getAttributes()['happened_at'])
                ->orWhere(
                    fn (Builder $same) => $same->where(
                        'happened_at',
                        $check->getAttributes()['happened_at'],
                    )->where('fact_id', '>=', $check->id),
                ))->delete();
            DB::table('resin_paces')->where('shop_id', $row->shop_id)->where('name', $row->name)->delete();
        }
        $this->judge($row);
    }

    public function paced(Resin $row): CoreResin
    {
        $resin = FromShelf::resin($row);
        $pace = $this->pace($row);

        return $pace === null ? $resin : $resin->paced($pace);
    }

    /** Null without a check. */
    public function pace(Resin $row): ?ShopPace
    {
        $pace = $this->judgedNow($row)['pace'];

        return $pace->checks === 0 ? null : ShopPace::of(log($pace->factor), $pace->sigma, ShopPace::CHECK_SIGMA);
    }

    /** @return array{pace: \stdClass, judged: Collection<int, \stdClass>|null} with what a page had to judge for itself */
    private function judgedNow(Resin $row): array
    {
        $pace = $this->row($row);
        if ($pace !== null && $pace->model === ModelVersion::NOW) {
            return ['pace' => $pace, 'judged' => null];
        }
        if (DB::transactionLevel() === 0) {
            return $this->present->read("judged-{$row->shop_id}-{$row->name}", fn (): array => $this->unkept($row));
        }
        if ($pace !== null) {
            $this->begin($row);
        }
        $this->judge($row);

        return ['pace' => $this->row($row) ?? throw new \LogicException('what was judged is kept'), 'judged' => null];
    }

    /**
     * For a page, which never writes: judged for it alone, until the next act keeps it.
     *
     * @return array{pace: \stdClass, judged: Collection<int, \stdClass>}
     */
    private function unkept(Resin $row): array
    {
        $found = $this->judgedAfter($row, PaceEvidence::none(), [null, 0], 0, 0);

        return [
            'pace' => (object) $this->asRow($row, $found),
            'judged' => collect($found['judged'])->map(fn (array $j): \stdClass => (object) $j),
        ];
    }

    /** @return array<string, array{int, float, float}> checks, factor and doubt by resin, of those that have any */
    public function known(int $shopId): array
    {
        return $this->rowsOf($shopId)->where('checks', '>', 0)->map(fn (\stdClass $p): array => [
            $p->checks,
            $p->factor,
            $p->sigma,
        ])->all();
    }

    /** @return array{all: int, counted: int} how many checks there are of a resin */
    public function count(Resin $row): array
    {
        $pace = $this->judgedNow($row)['pace'];

        return ['all' => $pace->checks, 'counted' => $pace->counted];
    }

    /** @return list<KeptCheck> the newest, in the order of time, each with how it stands */
    public function checks(Resin $row): array
    {
        $unkept = $this->judgedNow($row)['judged'];
        $judged = ($unkept === null
            ? $this->judged($row)->orderByDesc('happened_at')->orderByDesc('fact_id')->limit(self::SHOWN)->get()
            : $unkept->sortByDesc(fn (\stdClass $j): array => [$j->happened_at, $j->fact_id])->take(self::SHOWN))->keyBy('fact_id');
        $facts = PartFact::query()->with('user')->whereKey($judged->keys())->orderBy('happened_at')->orderBy('id')->get();
        $leftOut = CheckFacts::about($facts, LeftOut::KIND);
        $resins = Resin::query()->where('shop_id', $row->shop_id)->where('name', $row->name)->get()->keyBy('id');
        $checks = [];
        foreach ($facts as $fact) {
            $content = $fact->content();
            $of = $content instanceof ChecksCoat ? $resins->get($content->resinId()) : null;
            $verdict = $judged->get($fact->id);
            if ($content instanceof ChecksCoat && $of !== null && $verdict !== null) {
                $checks[] = new KeptCheck(
                    $fact,
                    self::check($of, $content),
                    (float) $content->ageMin(),
                    $content->found(),
                    CheckStands::tryFrom((string) $verdict->stands) ?? CheckStands::Asks,
                    $verdict->likelihood,
                    (string) CheckFacts::judgement($leftOut, $fact)?->reason,
                );
            }
        }

        return $checks;
    }

    /** Judges what is not yet, each check against what the ones before it that count say: far off, it asks. */
    private function judge(Resin $row): void
    {
        DB::transaction(function () use ($row): void {
            $pace = $this->row($row);
            [$evidence, $after, $n, $counted] = $pace === null
                ? $this->checkpoint($row)
                : [self::evidence($pace->evidence), [$pace->last_at, $pace->last_fact_id], $pace->checks, $pace->counted];
            $found = $this->judgedAfter($row, $evidence, $after, $n, $counted);
            array_map(DB::table('judged_checks')->insertOrIgnore(...), array_chunk($found['judged'], 200));
            DB::table('resin_paces')->upsert($this->asRow($row, $found), ['shop_id', 'name']);
        });
    }

    /**
     * @param array{evidence: PaceEvidence, after: array{string|null, int}, n: int, counted: int, judged: list<array<string, mixed>>} $found
     *
     * @return array<string, mixed>
     */
    private function asRow(Resin $row, array $found): array
    {
        $pace = $found['evidence']->pace();

        return [
            'shop_id' => $row->shop_id, 'name' => $row->name, 'model' => ModelVersion::NOW, 'checks' => $found['n'],
            'counted' => $found['counted'], 'factor' => $pace->factor, 'sigma' => $pace->sigma,
            'evidence' => self::kept($found['evidence'], $found['n'], $found['counted']),
            'last_at' => $found['after'][0], 'last_fact_id' => $found['after'][1],
        ];
    }

    /**
     * @param array{string|null, int} $after
     *
     * @return array{evidence: PaceEvidence, after: array{string|null, int}, n: int, counted: int, judged: list<array<string, mixed>>}
     */
    private function judgedAfter(Resin $row, PaceEvidence $evidence, array $after, int $n, int $counted): array
    {
        $facts = CheckFacts::after($row, $after);
        $struck = CheckFacts::about($facts, Struck::KIND);
        $leftOut = CheckFacts::about($facts, LeftOut::KIND);
        $resins = Resin::query()->where('shop_id', $row->shop_id)->where('name', $row->name)->get()->keyBy('id');
        $judged = [];
        foreach ($facts as $fact) {
            $content = $fact->content();
            $of = $content instanceof ChecksCoat ? $resins->get($content->resinId()) : null;
            if (! $content instanceof ChecksCoat || $of === null || $content->ageMin() <= 0.0 || $struck->has($fact->id)) {
                continue;
            }
            $check = self::check($of, $content);
            $now = $evidence->pace();
            $likelihood = $check->likelihood(log($now->factor), $now->rateSigma);
            $judgement = CheckFacts::judgement($leftOut, $fact);
            $stands = match (true) {
                $judgement?->counts === false => CheckStands::LeftOut,
                $judgement !== null || $likelihood >= self::FAR_OFF => CheckStands::Counts,
                default => CheckStands::Asks,
            };
            if ($stands === CheckStands::Counts) {
                $evidence = $evidence->with($check);
                $counted++;
            }
            $n++;
            $after = [$fact->getAttributes()['happened_at'], $fact->id];
            $judged[] = [
                'fact_id' => $fact->id, 'shop_id' => $row->shop_id, 'name' => $row->name, 'happened_at' => $after[0],
                'stands' => $stands->value, 'likelihood' => $likelihood,
                'evidence' => $n % self::CHECKPOINT === 0 ? self::kept($evidence, $n, $counted) : null,
            ];
        }

        return ['evidence' => $evidence, 'after' => $after, 'n' => $n, 'counted' => $counted, 'judged' => $judged];
    }

    /** Forgets what another version of the models has judged. */
    private function begin(Resin $row): void
    {
        $this->judged($row)->delete();
        DB::table('resin_paces')->where('shop_id', $row->shop_id)->where('name', $row->name)->delete();
    }

    /**
     * The newest evidence that was kept beside a check, which check that is, how many there were until then and how many counted.
     *
     * @return array{PaceEvidence, array{string|null, int}, int, int}
     */
    private function checkpoint(Resin $row): array
    {
        $last = $this->judged($row)->whereNotNull('evidence')->orderByDesc('happened_at')->orderByDesc('fact_id')->first();
        $after = $last === null ? [null, 0] : [$last->happened_at, $last->fact_id];
        CheckFacts::later($this->judged($row), $after, 'fact_id')->delete();

        $kept = $last === null ? ['n' => 0, 'counted' => 0] : json_decode($last->evidence, true);

        return [$last === null ? PaceEvidence::none() : self::evidence($last->evidence), $after, (int) $kept['n'], (int) $kept['counted']];
    }

    /** @return list<string> kinds of facts that a pace is learnt from */
    private static function kinds(): array
    {
        return Kinds::where(fn (string $kind): bool => is_a($kind, ChecksCoat::class, true) || is_a($kind, Targets::class, true));
    }

    private static function check(Resin $row, ChecksCoat $check): PaceCheck
    {
        return $check->paceCheck(
            (float) $check->ageMin(),
            ['tack_from' => $row->tack_from_age_min, 'tack_until' => $row->tack_until_age_min, 'sandable' => $row->sandable_age_min],
        );
    }

    private static function kept(PaceEvidence $evidence, int $n, int $counted): string
    {
        return (string) json_encode(['n' => $n, 'counted' => $counted, 'logs' => $evidence->toKeep()]);
    }

    private static function evidence(string $kept): PaceEvidence
    {
        return PaceEvidence::kept(array_values(array_map(floatval(...), json_decode($kept, true)['logs'])));
    }

    private function judged(Resin $row): Builder
    {
        return DB::table('judged_checks')->where('shop_id', $row->shop_id)->where('name', $row->name);
    }

    private function row(Resin $row): ?\stdClass
    {
        return $this->rowsOf($row->shop_id)->get($row->name);
    }

    /** @return Collection<string, \stdClass> by the resin's name */
    private function rowsOf(int $shopId): Collection
    {
        return $this->present->read(
            "paces-{$shopId}",
            fn (): Collection => DB::table('resin_paces')->where('shop_id', $shopId)->get()->keyBy('name'),
        );
    }
}
