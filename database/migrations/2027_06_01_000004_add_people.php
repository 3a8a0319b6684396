<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People with roles, one-time links, and a list of what matters for safety. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('users', 'role')) {
            Schema::table('users', function (Blueprint $table): void {
                $table->string('role')->default('finisher');
                $table->dateTime('left_at')->nullable();
                // A session or a stayed sign-in of an earlier count is over.
                $table->unsignedInteger('sign_ins_void')->default(0);
                $table->dateTime('signed_in_at')->nullable();
            });
            // Who came first owns the shop.
            DB::statement("UPDATE users SET role = 'owner' WHERE id IN (SELECT min(id) FROM users GROUP BY shop_id)");
            DB::statement('UPDATE OR IGNORE users SET email = lower(email)');
        }
        if (! Schema::hasTable('invites')) {
            Schema::create('invites', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('user_id')->constrained();
                $table->foreignId('made_by_id')->nullable()->constrained('users');
                $table->string('token_hash', 64)->unique();
                $table->dateTime('made_at');
                $table->dateTime('expires_at');
                $table->dateTime('used_at')->nullable();
            });
        }
        if (! Schema::hasTable('audit_entries')) {
            Schema::create('audit_entries', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('shop_id')->constrained();
                // Null: nobody was signed in.
                $table->foreignId('user_id')->nullable()->constrained();
                $table->string('what');
                $table->json('about');
                $table->string('address', 45)->nullable();
                $table->dateTime('happened_at');
                $table->index(['shop_id', 'happened_at']);
            });
        }
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::statement(
                "CREATE TRIGGER IF NOT EXISTS audit_entries_no_{$act} BEFORE {$act} ON audit_entries
                BEGIN SELECT RAISE(ABORT, 'the audit list is append-only'); END",
            );
        }
    }
};
