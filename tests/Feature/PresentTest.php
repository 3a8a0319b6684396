<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Present;
use App\Models\Part;
use App\Models\PartFact;
use App\Planning\OpenParts;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** What is read once holds until a table that it rests on is written, and no longer. */
final class PresentTest extends ShopCase
{
    private Present $present;

    private int $reads = 0;

    protected function setUp(): void
    {
        parent::setUp();
        app()->forgetScopedInstances();
        $this->present = app(Present::class);
    }

    #[TestWith(["insert into presses (shop_id, user_id, token, what, path, leads_to, made_at) values (1, 1, 'a', 'b', 'c', 'd', '2027-03-10')", 1])]
    #[TestWith(['update papers set sheets = sheets + 1', 2])]
    #[TestWith(['UPDATE "papers" SET sheets = 4 WHERE id = 0', 2])]
    #[TestWith(['delete from presses where id = 0', 2])]
    #[TestWith(['update shops set name = name', 2])]
    public function testAWriteEndsWhatRestsOnIt(string $sql, int $reads): void
    {
        $this->papers();
        $this->papers();
        self::assertSame(1, $this->reads);
        DB::statement($sql);
        $this->papers();
        self::assertSame($reads, $this->reads);
    }

    public function testAReadingOfAnotherRestsOnWhatThatDoes(): void
    {
        $outer = fn (): int => $this->present->read('outer', fn (): int => 10 * $this->papers() + DB::table('resins')->count());
        $this->papers();
        $outer();
        DB::statement('update papers set sheets = 4');
        self::assertFalse($this->isKept('outer'), 'it was made of a reading that was kept already');
        $outer();
        DB::statement('update clears set name = name');
        self::assertTrue($this->isKept('outer'));
        DB::statement('update resins set name = name');
        self::assertFalse($this->isKept('outer'));
        self::assertTrue($this->isKept('papers'));
    }

    public function testWhatWasWrittenWhileItWasReadIsReadAgain(): void
    {
        $this->present->read('outer', function (): int {
            $before = $this->papers();
            DB::statement('update papers set sheets = 4');

            return $before;
        });
        self::assertFalse($this->isKept('outer'));
    }

    public function testWhoTakesTheLockReadsAnewAndSoDoesWhoGaveItUp(): void
    {
        // The test itself runs in a transaction where it has a shared database: what counts is the outermost.
        $this->papers();
        $outermost = DB::transactionLevel() === 0;
        DB::transaction(function () use ($outermost): void {
            self::assertSame(! $outermost, $this->isKept('papers'));
            $this->papers();
            DB::transaction(fn (): bool => true);
            self::assertTrue($this->isKept('papers'), 'the lock is held already');
        });
        $this->papers();
        rescue(fn () => DB::transaction(fn () => throw new \RuntimeException('given up')), report: false);
        self::assertFalse($this->isKept('papers'));
    }

    public function testAPartThatIsTakenUpAgainHasItsRecordInTheSameRequest(): void
    {
        $part = $this->partWithBuildCoat();
        $part->update(['held_at' => now()]);
        $open = app(OpenParts::class);
        self::assertNull($open->rows($this->shop)->find($part->id));
        $part->update(['held_at' => null]);
        $row = $open->rows($this->shop)->firstOrFail('id', $part->id);
        self::assertCount(PartFact::query()->where('part_id', $part->id)->count(), $row->facts);
    }

    public function testWhatIsPutIntoASlotIsNotAnothersBeforeItIsKept(): void
    {
        $part = $this->partWithBuildCoat();
        $open = app(OpenParts::class);
        $mine = $open->fill(Part::query()->findOrFail($part->id));
        $mine->setAttribute('cloth_id', null);
        self::assertNotNull($open->rows($this->shop)->find($part->id)?->cloth_id);
        self::assertNull($open->row($mine), 'it is not the one that is kept');
    }

    private function papers(): int
    {
        return $this->present->read('papers', function (): int {
            $this->reads++;

            return DB::table('papers')->count();
        });
    }

    private function isKept(string $name): bool
    {
        $isKept = true;
        $reads = function () use (&$isKept): never {
            $isKept = false;

            throw new \DomainException('to be read again, and not now');
        };
        rescue(fn () => $this->present->read($name, $reads), report: false);

        return $isKept;
    }
}
