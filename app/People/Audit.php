<?php

declare(strict_types=1);

namespace App\People;

use App\Models\AuditEntry;
use App\Models\User;
use Illuminate\Http\Request;

/** Writes the list of what matters for safety. Times are the machine's: no demo's skipping touches them. */
final class Audit
{
    public function __construct(private readonly Request $request)
    {
    }

    /** @param array<string, string|int|float|bool|list<string>|null> $about */
    public function note(int $shopId, string $what, ?User $by, array $about = []): void
    {
        AuditEntry::query()->create([
            'shop_id' => $shopId,
            'user_id' => $by?->id,
            'what' => $what,
            'about' => $about,
            'address' => app()->runningInConsole() && ! app()->runningUnitTests() ? null : $this->request->ip(),
            'happened_at' => now(),
        ]);
    }
}
