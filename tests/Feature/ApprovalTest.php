<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Planning\Shapes;
use App\View\Page\MethodForm;
use OakGloss\Method\Methods;

/**
 * One job of each way of working, with a fixed brief, shelf, air and hands, against what was approved. A line that changes has
 * to be meant: `./oak approve` writes them anew, and the difference is read before it is committed.
 */
final class ApprovalTest extends ShopCase
{
    private const APPROVED = 'tests/approved-jobs.txt';

    public function testTheTwelveJobsAreWhatWasApproved(): void
    {
        $this->shop->update(['money' => ['handMinor' => 4400, 'boothMinor' => 900, 'boxMinor' => 120, 'wetMinor' => 760]]);
        $text = '';
        foreach (array_keys(Methods::all()) as $code) {
            $part = $this->made($code);
            $text .= app(ApprovedJobs::class)->text($code, $this->planned($part))."\n";
            $part->update(['finished_at' => self::NOW]);
        }
        if (getenv('OAK_APPROVE') === '1') {
            file_put_contents(base_path(self::APPROVED), $text);
        }
        self::assertSame(count(Methods::all()), substr_count($text, '== '));
        self::assertSame(
            explode("\n", (string) file_get_contents(base_path(self::APPROVED))),
            explode("\n", $text),
            'If every line of this is meant: ./oak approve, read the difference, commit it with why.',
        );
    }

    private function made(string $code): Part
    {
        $method = Methods::named($code);
        $shape = Shapes::of($method)[0];
        $stands = app(MethodForm::class)->of($method, $this->shop, null, null)['stands'];
        $own = ['shape' => $shape, 'sizes' => EveryMethodTest::SIZES[$shape]] + array_filter($stands, is_scalar(...));
        app()->forgetScopedInstances();
        $this->post('/parts', ['method' => $code, 'letter' => 'M'] + $own + $this->form())->assertSessionHasNoErrors();

        return Part::query()->whereNull('finished_at')->where('letter', 'M')->sole();
    }
}
