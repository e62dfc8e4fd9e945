<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // By what calendars subscribe; only the hash of the secret is kept.
        Schema::table('users', function (Blueprint $table): void {
            $table->string('calendar_hash', 64)->nullable()->unique();
            $table->timestamp('calendar_since')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['calendar_hash', 'calendar_since']));
    }
};
