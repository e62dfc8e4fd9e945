<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('group_tasks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('group_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->string('name', 160);
            $table->string('note', 400)->default('');
            $table->date('due_on')->nullable();
            // As it was when it was given: what its teacher changes later changes nothing here.
            $table->json('document');
            $table->timestamps();
        });
        Schema::create('group_task_done', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('group_task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // The turn that was played, or the rush it became; neither is seen unless it is shared.
            $table->ulid('drill_id')->nullable();
            $table->ulid('rush_id')->nullable();
            $table->timestamps();
            $table->unique(['group_task_id', 'user_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('group_task_done');
        Schema::dropIfExists('group_tasks');
    }
};
