<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rushes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Pulled out of the document for listing and searching.
            $table->string('name', 120);
            $table->string('subject', 120);
            $table->string('kind', 20);
            $table->json('document');
            // The settings the photographer fixed, as a hold document with the rest left out.
            $table->json('pins')->nullable();
            // Counts saves, so that one window does not overwrite what another has saved.
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'deleted_at', 'updated_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rushes');
    }
};
