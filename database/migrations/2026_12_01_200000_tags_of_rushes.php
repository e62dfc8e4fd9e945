<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rushes', fn (Blueprint $table) => $table->json('tags')->nullable());
    }

    public function down(): void
    {
        Schema::table('rushes', fn (Blueprint $table) => $table->dropColumn('tags'));
    }
};
