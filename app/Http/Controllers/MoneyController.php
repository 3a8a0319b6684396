<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoneyRequest;
use App\Models\Customer;
use App\Models\KeptQuote;
use App\Models\Part;
use App\Models\User;
use App\Money\Billing;
use App\Money\Charging;
use App\Money\LackingTools;
use App\People\Audit;
use App\Planning\Planner;
use App\Planning\Trials;
use App\Time\ShopClock;
use App\View\Page\MoneyPage;
use App\Words\Formatter;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** What a part is to cost, what it has cost, and why the two differ. */
final class MoneyController
{
    public function show(Part $part, Planner $planner, Billing $billing, Trials $trials, Formatter $format): View
    {
        $planned = $planner->plan($part);
        $kept = KeptQuote::query()->with('customer')->where('part_id', $part->id)->orderBy('id')->get();
        $quoted = $billing->quoted($planned);

        return view('parts.money', [
            'planned' => $planned,
            'page' => new MoneyPage(
                $part->shop,
                $quoted,
                $part->facts->isEmpty() ? null : $billing->actual($planned),
                $kept->last(fn (KeptQuote $q): bool => $q->isQuote()),
                $format,
            ),
            'kept' => $kept,
            'customer' => Customer::of($part),
            'charging' => $kept->isEmpty() && $part->finished_at === null
                ? Charging::of($planned, $quoted, $planner, $billing) : null,
            'unpriced' => $billing->unpriced($quoted),
            'lacking' => LackingTools::of($planned, $billing, $trials),
        ]);
    }

    public function store(
        Request $request,
        Part $part,
        Planner $planner,
        Billing $billing,
        ShopClock $clock,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['kind' => ['required', 'in:quote,settlement'], 'customer' => ['nullable', 'string', 'max:80']]);
        $planned = $planner->plan($part);
        $isQuote = $given['kind'] === 'quote';
        if (! $isQuote && $part->finished_at === null) {
            throw ValidationException::withMessages(['act' => __('money.not_finished')]);
        }
        $bill = $isQuote ? $billing->quoted($planned) : $billing->actual($planned);
        $money = $part->shop->money();
        $number = 1 + (int) KeptQuote::query()->where('shop_id', $part->shop_id)->where('kind', $given['kind'])->max('number');
        $customer = $this->customer($part, array_key_exists('customer', $given) ? trim((string) $given['customer']) : null);
        KeptQuote::query()->create([
            'customer_id' => $customer?->id, 'shop_id' => $part->shop_id, 'part_id' => $part->id, 'user_id' => $user->id,
            'kind' => $given['kind'], 'number' => $number,
            'bill' => $bill->data(), 'terms' => get_object_vars($money), 'made_at' => $clock->now(),
            'valid_until' => $isQuote ? $clock->now()->addDays($money->validDays)->toDateString() : null,
        ]);

        return redirect()->route('parts.money', $part)->with('notice', __("money.kept.{$given['kind']}", ['n' => $number]));
    }

    /**
     * Whom it is given to: another name is another row, and what was given before keeps its own.
     *
     * @param string|null $typed null where the form asks for none: the one before
     */
    private function customer(Part $part, ?string $typed): ?Customer
    {
        $newest = Customer::of($part);

        return match (true) {
            $typed === '' => null,
            $typed === null || $typed === $newest?->name => $newest,
            default => Customer::query()->create(['part_id' => $part->id, 'shop_id' => $part->shop_id, 'name' => $typed]),
        };
    }

    /** The name of whom a part is made for is forgotten everywhere; what was quoted stands. */
    public function forget(Part $part, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        Customer::query()->where('part_id', $part->id)->delete();
        $audit->note($part->shop_id, 'customer_erased', $user, ['for' => $part->letter]);

        return redirect()->route('parts.money', $part)->with('notice', __('money.erased'));
    }

    public function pdf(KeptQuote $quote, Formatter $format): Response
    {
        $quote->load('part.shop', 'user', 'customer');
        $html = view('pdf.quote', [
            'quote' => $quote,
            'bill' => $quote->bill(),
            'money' => $quote->money(),
            'customer' => $quote->customer,
            'format' => $format,
        ])->render();
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans',
            // A package is left as it was installed.
            'fontCache' => storage_path('framework/cache'),
        ]));
        $pdf->loadHtml($html);
        $pdf->setPaper('A4');
        $pdf->render();

        return response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$quote->kind}-{$quote->number}.pdf\"",
        ]);
    }

    public function edit(#[CurrentUser] User $user): View
    {
        return view('shop.money', ['money' => $user->shop->money()]);
    }

    public function update(MoneyRequest $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $user->shop->update(['money' => $request->kept()]);
        $audit->note($user->shop_id, 'settings_changed', $user, ['fields' => ['money']]);

        return redirect()->route('shop.money')->with('notice', __('money.settings_kept'));
    }
}
