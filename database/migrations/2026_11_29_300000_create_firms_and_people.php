<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A firm, its people, and to whom everything belongs: what was there before belongs to the first firm. */
return new class extends Migration
{
    /** What belongs to a firm by itself; all the rest does by its job. */
    private const OWNED = ['jobs', 'kits', 'parts', 'prices', 'house_rules', 'edits', 'shop_settings'];

    /** What is unique in a firm, and was unique in all. */
    private const NAMED = ['kits' => 'key', 'parts' => 'key', 'prices' => 'key', 'shop_settings' => 'name'];

    /** What somebody did. */
    private const DONE = ['revisions', 'log_entries', 'edits', 'offers'];

    public function up(): void
    {
        Schema::create('firms', function (Blueprint $table) {
            $table->id();
            $table->string('name', 120)->default('');
            $table->timestamps();
        });
        DB::table('firms')->insert(['created_at' => now(), 'updated_at' => now()]);
        Schema::create('users', function (Blueprint $table) {
            $table->id();
            $table->foreignId('firm_id')->constrained();
            $table->string('name', 60);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 12);
            // What a telephone makes the codes of the second step from, and the last one that was taken.
            $table->text('second_secret')->nullable();
            $table->unsignedBigInteger('second_count')->default(0);
            // Who has left signs in no more; what they did keeps their name.
            $table->timestamp('left_at')->nullable();
            $table->timestamps();
        });
        Schema::create('invitations', function (Blueprint $table) {
            $table->id();
            $table->foreignId('firm_id')->constrained();
            $table->string('role', 12);
            $table->string('name', 60);
            // The link itself is told once and kept nowhere.
            $table->char('token_hash', 64)->unique();
            // Of somebody who is here already: a new password.
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('expires_at');
            $table->timestamp('created_at');
        });
        Schema::create('crews', function (Blueprint $table) {
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->primary(['job_id', 'user_id']);
            $table->index('user_id');
        });
        foreach (self::OWNED as $owned) {
            Schema::table($owned, fn (Blueprint $table) => $table->unsignedBigInteger('firm_id')->default(1)->index());
        }
        foreach (self::NAMED as $named => $by) {
            Schema::table($named, function (Blueprint $table) use ($by) {
                $table->dropUnique([$by]);
                $table->unique(['firm_id', $by]);
            });
        }
        foreach (self::DONE as $done) {
            Schema::table($done, fn (Blueprint $table) => $table->unsignedBigInteger('user_id')->nullable());
        }
        if (! Schema::connection($this->ofSessions())->hasTable('sessions')) {
            Schema::connection($this->ofSessions())->create('sessions', function (Blueprint $table) {
                $table->string('id')->primary();
                $table->unsignedBigInteger('user_id')->nullable()->index();
                $table->string('ip_address', 45)->nullable();
                $table->text('user_agent')->nullable();
                $table->longText('payload');
                $table->integer('last_activity')->index();
            });
        }
    }

    public function down(): void
    {
        Schema::connection($this->ofSessions())->dropIfExists('sessions');
        foreach (self::DONE as $done) {
            Schema::table($done, fn (Blueprint $table) => $table->dropColumn('user_id'));
        }
        foreach (self::NAMED as $named => $by) {
            Schema::table($named, function (Blueprint $table) use ($by) {
                $table->dropUnique(['firm_id', $by]);
                $table->unique($by);
            });
        }
        foreach (self::OWNED as $owned) {
            Schema::table($owned, function (Blueprint $table) {
                $table->dropIndex(['firm_id']);
                $table->dropColumn('firm_id');
            });
        }
        foreach (['crews', 'invitations', 'users', 'firms'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private function ofSessions(): ?string
    {
        return config('session.connection');
    }
};
