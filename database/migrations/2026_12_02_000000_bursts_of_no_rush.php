<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** That a burst is matched to no rush was kept as a sentence; a sentence belongs to a language, so it is kept as nothing. */
return new class extends Migration
{
    private const SAID = 'Not matched to a rush';

    public function up(): void
    {
        DB::table('bursts')
            ->whereNull('rush_id')
            ->where('rush', self::SAID)
            ->update(['rush' => '']);
    }

    public function down(): void
    {
        DB::table('bursts')
            ->whereNull('rush_id')
            ->where('rush', '')
            ->update(['rush' => self::SAID]);
    }
};
