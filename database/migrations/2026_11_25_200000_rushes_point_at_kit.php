<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Rushes knew their body and lens by name; now they point at them by id, where one of that name is the owner's. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('rushes')->select('id', 'user_id', 'document')->orderBy('id')->lazy(100) as $rush) {
            $document = json_decode($rush->document, true);
            foreach (['body' => 'bodies', 'lens' => 'lenses'] as $part => $type) {
                $name = $document['kit'][$part]['name'] ?? null;
                $document['kit']["{$part}_id"] ??= is_string($name)
                    ? DB::table('kit')->where('user_id', $rush->user_id)->where('type', $type)->where('name', $name)->whereNull('deleted_at')->value('id') : null;
            }
            DB::table('rushes')->where('id', $rush->id)->update(['document' => json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)]);
        }
    }

    public function down(): void
    {
        // The ids do no harm.
    }
};
