<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Part;
use App\Models\Role;
use App\View\Page\PartsList;
use Illuminate\Http\Request;

/** Parts by what is sought, and a part, a jar or a room from anywhere. */
final class FindTest extends ShopCase
{
    private Part $fender;

    private Part $hood;

    protected function setUp(): void
    {
        parent::setUp();
        $this->fender = $this->partWithBuildCoat();
        $this->hood = $this->makePart(['letter' => 'Q', 'name' => 'Lamp hood 50 %', 'finished_at' => '2027-02-11 09:00:00']);
        Customer::query()->create(['part_id' => $this->hood->id, 'shop_id' => $this->shop->id, 'name' => 'Nell Ferryman']);
    }

    /** @return array{list<int>, list<int>} ids of open and of finished parts */
    private function listed(string $query): array
    {
        parse_str($query, $said);
        $list = new PartsList(Request::create('/parts', 'GET', $said), $this->shop->refresh());
        $this->get("/parts?{$query}")->assertOk();

        return [
            array_map(fn ($p): int => $p->part->id, $list->planned(app(\App\Planning\Planner::class)->all($this->shop))),
            array_map(fn (Part $p): int => $p->id, $list->finished()->items()),
        ];
    }

    public function testPartsAreSoughtByWordsWayStatePersonAndMonth(): void
    {
        $open = [[$this->fender->id], []];
        $done = [[], [$this->hood->id]];
        self::assertSame([[$this->fender->id], [$this->hood->id]], $this->listed(''));
        foreach ([
            'q=ferry' => $done, 'q=hood' => $done, 'q=q' => $done, 'q=50+%25' => $done, 'q=_' => [[], []], 'q=%25%25' => [[], []],
            'q='.urlencode(mb_strtoupper($this->fender->name)) => $open,
            'state=finished' => $done, 'state=now' => $open, 'state=waits' => [[], []], 'state=lying' => [[], []],
            'person='.$this->user->id => $open, 'month=2027-02' => $done, 'month=2027-03' => $open, 'month=2026-01' => [[], []],
            'method=flat_sheet' => [[], []], 'method=none&state=none&person=999&month=9' => [[$this->fender->id], [$this->hood->id]],
        ] as $query => $listed) {
            self::assertSame($listed, $this->listed($query), $query);
        }
        $this->get('/parts?q=nothing+of+it')->assertSee(__('parts.none_fits'));
        $this->hood->update(['finished_at' => null, 'held_at' => '2027-03-01 09:00:00']);
        $this->get('/parts?state=lying')->assertSee('Lamp hood')->assertDontSee($this->fender->name);
    }

    public function testAPartAJarAndARoomAreFoundFromAnywhere(): void
    {
        $this->get('/find?q=ferryman')->assertOk()->assertSee("/parts/{$this->hood->id}")->assertDontSee("/parts/{$this->fender->id}\"", false);
        $this->get('/find?q=twill')->assertSee('/shelf/cloths/');
        $this->get('/find?q=run+sh')->assertSee(__('find.groups.rooms'))->assertSee('/run-sheet');
        $this->get('/find?q=zzz')->assertSee(__('find.nothing', ['q' => 'zzz']));
        $this->get('/find?q[]=1')->assertStatus(422);
        $this->get('/find')->assertOk();
        $this->makePart(['letter' => 'Z', 'name' => 'Zither lid', 'shop_id' => $this->makeShop('Other Works')->id]);
        $this->get('/find?q=zither')->assertSee(__('find.nothing', ['q' => 'zither']));
        $this->actingAs($this->makeUser($this->shop, 'vi@sample.example', Role::Viewer));
        $this->get('/find?q=to+buy')->assertDontSee('/shelf/to-buy"', false);
    }
}
