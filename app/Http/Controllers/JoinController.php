<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\JoinRequest;
use App\Models\Invite;
use App\People\Invites;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** A one-time link: the person who holds it sets a password and is signed in. */
final class JoinController
{
    public function __construct(private readonly Invites $invites)
    {
    }

    public function show(string $token): View
    {
        return view('people.join', ['person' => $this->find($token)->user, 'token' => $token]);
    }

    public function store(JoinRequest $request, string $token): RedirectResponse
    {
        $invite = $this->find($token);
        $user = $this->invites->use($invite, (string) $request->validated('password'));
        LoginController::signIn($request, $user->refresh(), false);

        return redirect()->route('bench')->with(
            'notice',
            __('people.welcome', ['name' => $user->name]),
        );
    }

    private function find(string $token): Invite
    {
        return $this->invites->find($token) ?? abort(404);
    }
}
