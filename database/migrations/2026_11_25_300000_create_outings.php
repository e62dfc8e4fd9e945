<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('outings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Pulled out of the document for listing.
            $table->string('name', 120);
            $table->string('place', 120);
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->unsignedSmallInteger('rushes');
            // Its rushes stand in it by their ids.
            $table->json('document');
            $table->unsignedInteger('bytes')->default(0);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'starts_at']);
        });

        Schema::create('bursts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Made where it was logged, so that it is kept once however often it is sent.
            $table->uuid('uuid');
            $table->ulid('outing_id')->nullable()->index();
            $table->ulid('rush_id')->nullable()->index();
            $table->string('rush', 120);
            $table->dateTime('shot_at');
            $table->string('kept', 10)->nullable();
            $table->unsignedInteger('frames')->nullable();
            $table->unsignedInteger('keepers')->nullable();
            $table->string('lost_to', 30)->nullable();
            $table->string('note', 500)->default('');
            $table->json('hold')->nullable();
            $table->timestamp('created_at')->nullable();
            $table->softDeletes();
            $table->unique(['user_id', 'uuid']);
            $table->index(['user_id', 'shot_at']);
        });

        Schema::create('card_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('outing_id')->constrained()->cascadeOnDelete();
            // Whoever has the address sees the card; what is kept here does not give the address away.
            $table->string('token_hash', 64)->unique();
            $table->dateTime('expires_at')->index();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('card_links');
        Schema::dropIfExists('bursts');
        Schema::dropIfExists('outings');
    }
};
