<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What each request that carries a key has kept, written with it: asked again, it is found and not kept twice.
        Schema::create('kept_once', function (Blueprint $table): void {
            $table->char('request', 64);
            $table->unsignedSmallInteger('nth');
            $table->ulid('kept_id');
            $table->timestamp('at')->index();
            $table->primary(['request', 'nth']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_once');
    }
};
