<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shelf_items', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // What it was put up from: put up once more, it takes the place of what was there.
            $table->ulid('kit_id');
            $table->string('type', 10);
            $table->string('name', 160);
            // What it is found by: its name and the camera's own words.
            $table->text('words');
            // As its owner wants to be called; '' for nobody.
            $table->string('shown_as', 60)->default('');
            $table->json('document');
            $table->json('outline');
            $table->unsignedInteger('taken')->default(0);
            $table->boolean('hidden')->default(false);
            $table->timestamps();
            $table->unique(['user_id', 'kit_id']);
            $table->index(['type', 'hidden', 'updated_at']);
        });
        Schema::create('shelf_reports', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('shelf_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('reason', 300);
            $table->timestamps();
            $table->unique(['shelf_item_id', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf_reports');
        Schema::dropIfExists('shelf_items');
    }
};
