<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Deliveries, what to buy, and a part that is quoted, made and settled. */
final class StockAndMoneyTest extends BrowserCase
{
    use LivesAPart;

    public function testADeliveryMeetsWhatWasMissingAndABadFileIsRefused(): void
    {
        $this->visit('/shelf/to-buy');
        $this->sees('Quickset 8, fast base');
        $this->visit('/shelf');
        $this->sees(Said::of('stock.says.old', ['old' => '500 g']));
        $this->press('Quickset 8, fast base');
        $this->press(Said::of('shelf.open'), '.shelf-jar[open]');
        $this->press(Said::of('stock.take_in'));
        $this->pick('jar', 'resin');
        $this->fill('mark', 'Q-77');
        $this->type('#f-quantity', '1 lb 4 stone');
        $this->press(Said::of('stock.take_in_do'));
        $this->sees('is no weight that is known');
        self::assertSame('Q-77', $this->one('[name=mark]')->getAttribute('value'), 'nothing that was typed is lost');
        $this->type('#f-quantity', '1 lb');
        $this->fill('price', '21,90');
        $this->press(Said::of('stock.take_in_do'));
        $this->sees(Said::of('stock.received'));
        $this->sees('454 g left');
        $this->sees('21.90', '.lots');
        self::assertSame([], $this->axe(), 'an item with its deliveries');
        $this->visit('/shelf/to-buy');
        $this->seesNot('Quickset 8, fast base');
        $file = tempnam(sys_get_temp_dir(), 'oak').'.csv';
        file_put_contents($file, "shelf,name,weave,fibre,areal_g_m2,width_mm,fibre_fraction,texture_ratio\ncloths,New,twill,carbon,2,1000,0.5,0.5\n");
        $this->visit('/shelf');
        $this->press(Said::of('stock.file.title'));
        $this->one('#materials')->sendKeys($file);
        $this->press(Said::of('stock.file.do'));
        $this->sees('Line 2, column areal_g_m2');
        $this->sees(Said::of('stock.file.nothing'));
        unlink($file);
    }

    private function type(string $css, string $value): void
    {
        $this->one($css)->clear();
        $this->one($css)->sendKeys($value);
    }

    #[Group('long')]
    public function testAPartIsQuotedMadeAndSettled(): void
    {
        $id = $this->alone('W');
        $this->visit("/parts/{$id}/money");
        $this->sees(Said::of('money.charge.title'));
        $this->fill('customer', 'Nell Ferryman');
        $this->press(Said::of('money.keep_quote'));
        $this->sees(Said::of('money.kept.quote', ['n' => '1']));
        $quoted = $this->text('.money .sums tr:last-child .amount');
        $this->visit("/parts/{$id}");
        $this->finish($id);
        $this->visit("/parts/{$id}/money");
        $this->sees(Said::of('money.actual'));
        $this->sees(Said::of('money.against_quote', ['n' => '1']));
        self::assertNotSame([], $this->all('.causes li'));
        self::assertSame([], $this->axe(), 'money of a finished part');
        $this->press('Settle it');
        $this->sees(Said::of('money.kept.settlement', ['n' => '1']));
        $this->press('Erase Nell Ferryman');
        $this->sees('The name is forgotten.');
        $this->seesNot('Nell Ferryman', 'main');
        self::assertNotSame('', $quoted);
    }
}
