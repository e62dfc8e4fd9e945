<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drills', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('exercise', 20);
            // The day where the person was, which sessions are counted by.
            $table->date('day');
            $table->dateTime('done_at');
            $table->json('score');
            // What was played, with what was done: it can be scored again. Long ways of a hand make it large.
            $table->json('document');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'exercise', 'done_at']);
        });
        Schema::table('users', function (Blueprint $table): void {
            // When to practise, and what of it may move plans.
            $table->json('practice')->nullable();
        });
        Schema::create('copy_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->string('name', 160);
            // As it was when it was offered: later changes stay with their person.
            $table->json('document');
            $table->char('token_hash', 64)->unique();
            $table->dateTime('expires_at');
            $table->timestamps();
        });
        Schema::create('groups', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // Who teaches it.
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('join_code', 12)->unique();
            $table->timestamps();
        });
        Schema::create('group_members', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('group_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->boolean('shares_drills')->default(false);
            // Rushes whose bursts are shared.
            $table->json('rushes');
            $table->timestamps();
            $table->unique(['group_id', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('group_members');
        Schema::dropIfExists('groups');
        Schema::dropIfExists('copy_links');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('practice'));
        Schema::dropIfExists('drills');
    }
};
