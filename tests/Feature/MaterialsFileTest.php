<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Table;
use App\Models\Resin;
use App\Models\SheetFile;
use App\Models\ShelfItem;
use App\Shelf\MaterialsFile;
use App\Shelf\ShelfKinds;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** Sheets into a file and back, and makers' files beside them. */
final class MaterialsFileTest extends ShopCase
{
    private function send(string $text, string $name = 'materials.json'): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->from('/shelf')->post('/shelf/materials', ['materials' => UploadedFile::fake()->createWithContent($name, $text)]);
    }

    /** @return array<string, list<int>> */
    private function rows(): array
    {
        return array_map(fn ($kind): array => array_values($kind->of($this->shop)->map(fn (ShelfItem $i): int => $i->id)->all()), ShelfKinds::all());
    }

    /** @return iterable<string, array{string}> */
    public static function formulas(): iterable
    {
        foreach (['=1+1', ' =1+1', "\t=1+1", "\r=1+1", '@x', '  -2+3', "\tplain"] as $cell) {
            yield json_encode($cell) => [$cell];
        }
    }

    #[DataProvider('formulas')]
    public function testNoCellIsAFormulaAndComesBackAsItWas(string $cell): void
    {
        $csv = Table::write([['name'], [$cell]]);
        self::assertStringContainsString("'{$cell}", $csv);
        self::assertSame(trim($cell), trim([...Table::read($csv)][1][0]));
    }

    public function testWhatWasTakenOutComesInAsTheSame(): void
    {
        $before = $this->rows();
        $json = (string) $this->get('/shelf/materials.json')->assertOk()->getContent();
        $this->send($json)->assertSessionHasNoErrors();
        self::assertSame($before, $this->rows());
        foreach (array_keys(ShelfKinds::all()) as $kind) {
            $csv = (string) $this->get("/shelf/{$kind}.csv")->assertOk()->getContent();
            $this->send($csv, 'a.csv')->assertSessionHasNoErrors();
            self::assertSame($before, $this->rows(), $kind);
        }
        // Another shop gets the same sheets, and gives out the same file.
        $other = $this->makeShop('Other Works');
        foreach (ShelfKinds::all() as $kind) {
            $kind->of($other)->each->delete();
        }
        $this->actingAs($this->makeUser($other, 'bo@other.example'));
        $this->send($json)->assertSessionHasNoErrors();
        self::assertSame($json, $this->get('/shelf/materials.json')->getContent());
    }

    public function testTheFileKeepsThePublishedSchema(): void
    {
        $schema = (string) json_encode(MaterialsFile::schema());
        self::assertJsonStringEqualsJsonFile(base_path('docs/materials.schema.json'), $schema);
        $result = (new Validator())->validate(json_decode(MaterialsFile::json($this->shop)), $schema);
        self::assertTrue($result->isValid(), (string) json_encode($result->error()?->args()));
        $bad = json_decode(MaterialsFile::json($this->shop));
        $bad->items->resins[0]->tack_from_age_min = -1;
        self::assertFalse((new Validator())->validate($bad, $schema)->isValid());
    }

    public function testAChangedSheetOfAFileTakesThePlaceOfTheOldAndBlendsAreNotLost(): void
    {
        $old = Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', 'Tarn%medium%')->sole();
        self::assertNotNull($old->system);
        $file = json_decode(MaterialsFile::json($this->shop), true);
        foreach ($file['items']['resins'] as $i => $row) {
            $file['items']['resins'][$i]['min_c'] = $row['name'] === $old->name ? 13 : $row['min_c'];
        }
        $this->send((string) json_encode($file))->assertSessionHasNoErrors();
        $new = Resin::query()->findOrFail((int) $old->refresh()->superseded_by_id);
        self::assertSame([13.0, $old->system, $old->blend_least, $old->sheet], [$new->min_c, $new->system, $new->blend_least, $new->sheet]);
        // Nor by the form.
        $form = ShelfKinds::all()['resins']->form(ShelfKinds::all()['resins']->row($new));
        $this->put("/shelf/resins/{$new->id}", ['min_c' => '13.7'] + array_map(fn (mixed $v): mixed => is_bool($v) ? (int) $v : $v, $form))->assertSessionHasNoErrors();
        self::assertSame($old->system, Resin::query()->where('min_c', 13.7)->sole()->system);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function wrong(): iterable
    {
        $cloth = '{"name": "New twill", "weave": "twill", "fibre": "carbon", "areal_g_m2": 200, "width_mm": 1000, "fibre_fraction": 0.5, "texture_ratio": 0.5}';
        $json = fn (string $items): string => "{\"format\": \"oak-gloss-materials\", \"version\": 1,\n\"items\": {{$items}}}";
        yield 'no file of ours' => ['{"a": 1}', ['Line 1', 'format']];
        yield 'broken' => ['{"format": ', ['no JSON']];
        yield 'a kind that is none' => [$json('"spoons": [{"name": "x"}]'), ['Line 2', 'shelf', 'spoons']];
        yield 'out of range, third line' => [$json("\"cloths\": [\n{$cloth},\n".str_replace(['New', '200'], ['Other', '99999'], $cloth).']'), ['Line 4', 'areal_g_m2']];
        yield 'a field that is missing' => [$json("\"cloths\": [\n".str_replace('"width_mm": 1000, ', '', $cloth).']'), ['Line 3', 'width_mm', 'still missing']];
        yield 'a field that is none' => [$json("\"cloths\": [\n".str_replace('{', '{"colour": "red", ', $cloth).']'), ['Line 3', 'colour']];
        yield 'twice' => [$json("\"cloths\": [\n{$cloth},\n\n{$cloth}]"), ['Line 5', 'name', 'line 3']];
        yield 'a sheet that makes no sense' => [$json("\"resins\": [\n{\"name\": \"x\", \"sheet\": \"y\"}]"), ['Line 3']];
        yield 'CSV without a kind' => ["name,weave\nx,twill\n", ['Line 1', 'shelf']];
        yield 'CSV, third line' => ["shelf,name,weave,fibre,areal_g_m2,width_mm,fibre_fraction,texture_ratio\ncloths,A,twill,carbon,200,1000,0.5,0.5\ncloths,B,satin,carbon,200,1000,0.5,0.5\n", ['Line 3', 'weave']];
        yield 'CSV, more cells' => ["shelf,name\ncloths,A,b,c\n", ['Line 2']];
        yield 'nothing in it' => ["shelf,name\n", ['Line 1']];
        yield 'another code page' => ["shelf,name\n\xfc\xe4,x", ['Line 2', 'shelf', 'üä']];
    }

    /** @param list<string> $says */
    #[DataProvider('wrong')]
    public function testNothingIsTakenAndLineAndFieldAreNamed(string $text, array $says): void
    {
        $before = $this->rows();
        $this->send($text)->assertRedirect('/shelf')->assertSessionHasErrors('materials');
        foreach ($says as $word) {
            self::assertStringContainsString($word, session('errors')->first('materials'));
        }
        self::assertSame($before, $this->rows());
        $this->get('/shelf')->assertOk()->assertSee(__('stock.file.nothing'));
    }

    public function testAFileDoesNotCountWhatDeliveriesCount(): void
    {
        $paper = ShelfKinds::all()['papers']->of($this->shop)->firstOrFail();
        app(\App\Stock\Ledger::class)->receive(['shop_id' => $this->shop->id, 'kind' => 'papers', 'item_id' => $paper->id, 'jar' => '', 'mark' => 'L', 'quantity' => 50.0, 'received_at' => now()], $this->user);
        $file = json_decode(MaterialsFile::json($this->shop), true);
        $file['items']['papers'][0]['sheets'] = 3;
        self::assertSame($paper->name, $file['items']['papers'][0]['name']);
        $this->send((string) json_encode($file))->assertSessionHasNoErrors();
        self::assertSame(50, ShelfKinds::all()['papers']->of($this->shop)->firstOrFail()->getAttribute('sheets'));
    }

    public function testACellThatASpreadsheetWouldRunIsText(): void
    {
        ShelfKinds::all()['cloths']->of($this->shop)->firstOrFail()->update(['name' => '=1+1']);
        $csv = (string) $this->get('/shelf/cloths.csv')->getContent();
        self::assertStringContainsString("'=1+1", $csv);
        $before = $this->rows();
        $this->send($csv, 'a.csv')->assertSessionHasNoErrors();
        self::assertSame($before, $this->rows());
    }

    public function testAMakersFileIsToldByItsContentAndOpenedFromItsStep(): void
    {
        $part = $this->partWithBuildCoat();
        $resin = $part->resin(\OakGloss\Method\Slot::Skin);
        $keep = fn (UploadedFile $file): TestResponse => $this->from("/shelf/resins/{$resin->id}")->post("/shelf/resins/{$resin->id}/file", ['sheet_file' => $file]);
        $keep(UploadedFile::fake()->createWithContent('sheet.pdf', '<?php echo 1;'))->assertSessionHasErrors('sheet_file');
        $keep(UploadedFile::fake()->createWithContent('sheet.pdf', '<html><script>alert(1)</script></html>'))->assertSessionHasErrors('sheet_file');
        $keep(UploadedFile::fake()->create('sheet.pdf', 9000))->assertSessionHasErrors('sheet_file');
        self::assertSame(0, SheetFile::query()->count());
        $keep(UploadedFile::fake()->createWithContent('tarn "60".exe', "%PDF-1.4\n%\xe2\xe3\xcf\xd3\n1 0 obj\n<<>>\nendobj\n"))->assertSessionHasNoErrors();
        $file = SheetFile::query()->sole();
        $this->get("/sheet-files/{$file->id}")->assertOk()->assertHeader('Content-Type', 'application/pdf')->assertHeader('Content-Disposition', "inline; filename=\"sheet-{$file->id}.pdf\"");
        $this->get("/shelf/resins/{$resin->id}")->assertSee('tarn &quot;60&quot;.exe', false);
        $this->act($part, 'ready', 'build-2');
        $this->get("/parts/{$part->id}/weigh/build-2")->assertOk()->assertSee("/sheet-files/{$file->id}", false);
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'));
        $this->get("/sheet-files/{$file->id}")->assertForbidden();
    }
}
