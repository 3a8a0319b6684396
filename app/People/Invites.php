<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Invite;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** One-time links: for a first password, and for one that was lost. */
final class Invites
{
    private const VALID_DAYS = 7;

    public function __construct(private readonly Audit $audit)
    {
    }

    /** @return string the link; it is shown once. Older ones of the person are void. */
    public function make(User $for, ?User $by): string
    {
        $token = Str::lower(Str::random(48));
        DB::transaction(function () use ($for, $by, $token): void {
            $this->void($for);
            Invite::query()->create([
                'user_id' => $for->id,
                'made_by_id' => $by?->id,
                'token_hash' => hash('sha256', $token),
                'made_at' => now(),
                'expires_at' => now()->addDays(self::VALID_DAYS),
            ]);
            $this->audit->note($for->shop_id, 'link_made', $by, ['for' => $for->name]);
        });

        return route('join', $token);
    }

    /** Links of before lead nowhere any more. */
    public function void(User $of): void
    {
        Invite::query()->where('user_id', $of->id)->whereNull('used_at')->update(['expires_at' => now()]);
    }

    /** Null for one that is unknown, used or too old, or whose person has left: they all look the same. */
    public function find(string $token): ?Invite
    {
        return Invite::query()->where('token_hash', hash('sha256', $token))->whereNull('used_at')->where('expires_at', '>', now())
            ->whereHas('user', fn ($q) => $q->whereNull('left_at'))->with('user')->first();
    }

    public function use(Invite $invite, #[\SensitiveParameter] string $password): User
    {
        return DB::transaction(function () use ($invite, $password): User {
            // Two who hold one link: the first sets the password.
            abort_if(Invite::query()->whereKey($invite->id)->whereNull('used_at')->update(['used_at' => now()]) !== 1, 404);
            $invite->user->setPassword($password);
            $this->audit->note($invite->user->shop_id, 'password_set', $invite->user, ['by' => 'link']);

            return $invite->user;
        });
    }
}
