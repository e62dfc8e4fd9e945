<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // As the giver wants to be called there; nothing for nobody.
        Schema::table('copy_links', fn (Blueprint $table) => $table->string('from', 60)->default(''));
    }

    public function down(): void
    {
        Schema::table('copy_links', fn (Blueprint $table) => $table->dropColumn('from'));
    }
};
