<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRequest;
use App\Models\User;
use App\People\Audit;
use App\Words\Measures;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use OakGloss\Quantity\DecimalMark;

/** One's own password and sign-ins. */
final class AccountController
{
    public function show(): View
    {
        return view('people.account');
    }

    public function password(PasswordRequest $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $user->setPassword((string) $request->input('password'));
        $request->session()->put('sign_ins_void', $user->sign_ins_void);
        $audit->note($user->shop_id, 'password_set', $user, ['by' => 'self']);

        return redirect()->route('account')->with(
            'notice',
            __('people.changed'),
        );
    }

    /** What is kept stays as it is: it is read in other units. */
    public function measures(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->update($request->validate([
            'measures' => ['sometimes', 'required', Rule::in(Measures::ALL)],
            'figures' => ['sometimes', 'required', Rule::enum(DecimalMark::class)],
        ]));

        return redirect()->route('account')->with('notice', __('people.measured'));
    }

    public function everywhere(Request $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $user->voidSignIns();
        $user->shop->feeds()->where('user_id', $user->id)->whereNull('revoked_at')->update(['revoked_at' => now()]);
        $audit->note($user->shop_id, 'signed_out_everywhere', $user);
        Auth::guard('web')->logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login')->with('notice', __('people.out'));
    }
}
