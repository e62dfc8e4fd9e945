<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bursts', function (Blueprint $table): void {
            // To questions about what went wrong in it.
            $table->json('answers')->nullable();
            // Said by the person to be logged wrongly: it is not learned from.
            $table->boolean('doubted')->default(false);
        });
        Schema::table('users', function (Blueprint $table): void {
            // What the log has taught, worked out in the queue; and whether plans use it.
            $table->json('learned')->nullable();
            $table->boolean('uses_learned')->default(true);
            // Bursts before are left out: it was reset then.
            $table->dateTime('learns_from')->nullable();
        });
        Schema::create('sweeps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('body', 120)->default('');
            $table->string('lens', 120)->default('');
            $table->json('document');
            // A stand-in's secret, for checking only; null for real sessions.
            $table->json('hidden')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'updated_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sweeps');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['learned', 'uses_learned', 'learns_from']));
        Schema::table('bursts', fn (Blueprint $table) => $table->dropColumn(['answers', 'doubted']));
    }
};
