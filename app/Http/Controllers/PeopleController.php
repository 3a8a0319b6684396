<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\PasswordAgain;
use App\Http\Requests\PersonRequest;
use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use App\People\Audit;
use App\People\Invites;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Who works in the shop, what each may do, and the list of what matters for safety. For owners. */
final class PeopleController
{
    private const A_PAGE = 100;

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        return view('people.index', ['people' => $user->shop->people, 'me' => $user, 'isOpen' => PasswordAgain::isGiven($request)]);
    }

    /** The owner's own password, before roles and links. What was typed meanwhile stays. */
    public function password(Request $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        if (! Hash::check((string) $request->string('password'), $user->password)) {
            $audit->note($user->shop_id, 'password_refused', $user);

            return redirect()->route('people')->withErrors(['password' => __('people.not_yours')]);
        }
        PasswordAgain::given($request);
        $request->session()->keep(['_old_input']);

        return redirect()->route('people')->with('notice', __('people.password_taken'));
    }

    public function store(PersonRequest $request, Invites $invites, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validated();
        $person = User::query()->create($given + [
            'shop_id' => $user->shop_id,
            'password' => Str::random(60),
            'at_bench' => $given['role'] !== Role::Viewer->value,
        ]);
        $audit->note($user->shop_id, 'person_added', $user, ['for' => $person->name, 'role' => $given['role']]);

        return $this->withLink($invites->make($person, $user), $person);
    }

    public function role(Request $request, User $person, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $role = Role::from((string) $request->validate(['role' => ['required', Rule::enum(Role::class)]])['role']);
        $this->keepAnOwner($person, $role === Role::Owner);
        $before = $person->role;
        $person->update(['role' => $role] + ($role->works() ? [] : ['at_bench' => false]));
        $audit->note($user->shop_id, 'role_changed', $user, ['for' => $person->name, 'from' => $before->value, 'to' => $role->value]);

        return redirect()->route('people')->with('notice', __('people.is_now', ['name' => $person->name, 'role' => $this->a($role)]));
    }

    /** A new one-time link: the one before is void, and so are all sign-ins once it is used. */
    public function link(User $person, Invites $invites, #[CurrentUser] User $user): RedirectResponse
    {
        if ($person->left_at !== null) {
            throw ValidationException::withMessages(['act' => __('people.back_first', ['name' => $person->name])]);
        }

        return $this->withLink($invites->make($person, $user), $person);
    }

    /** Who leaves can't sign in; acts stay theirs. */
    public function leave(User $person, Invites $invites, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $this->keepAnOwner($person, false);
        $person->update(['left_at' => now(), 'at_bench' => false]);
        $person->voidSignIns();
        $invites->void($person);
        $user->shop->feeds()->where('user_id', $person->id)->whereNull('revoked_at')->update(['revoked_at' => now()]);
        $audit->note($user->shop_id, 'person_left', $user, ['for' => $person->name]);

        return redirect()->route('people')->with('notice', __('people.gone', ['name' => $person->name]));
    }

    public function back(User $person, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $person->update(['left_at' => null, 'at_bench' => $person->role->works()]);
        $audit->note($user->shop_id, 'person_back', $user, ['for' => $person->name]);

        return redirect()->route('people')->with(
            'notice',
            __('people.is_back', ['name' => $person->name]),
        );
    }

    public function audit(#[CurrentUser] User $user): View
    {
        return view(
            'people.audit',
            ['entries' => AuditEntry::query()->where('shop_id', $user->shop_id)->with('user')->latest('id')->simplePaginate(self::A_PAGE)],
        );
    }

    private function withLink(string $link, User $person): RedirectResponse
    {
        return redirect()->route('people')->with('link', ['for' => $person->name, 'address' => $link]);
    }

    private function keepAnOwner(User $person, bool $staysOwner): void
    {
        if (! $staysOwner && $person->role === Role::Owner && $person->shop->staff()->where('role', Role::Owner)->count() < 2) {
            throw ValidationException::withMessages(['act' => __('people.only_owner', ['name' => $person->name])]);
        }
    }

    private function a(Role $role): string
    {
        return $role === Role::Owner ? 'an owner' : "a {$role->value}";
    }
}
