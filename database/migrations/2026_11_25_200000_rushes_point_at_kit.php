<?php

declare(strict_types=1);

use App\Models\KitType;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Rushes knew their body and lens by name; now they point at them by id: at the owner's of that name, or a sample. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('rushes')->select('id', 'user_id', 'document')->orderBy('id')->lazy(100) as $rush) {
            $document = json_decode($rush->document, true);
            foreach (['body' => 'bodies', 'lens' => 'lenses'] as $part => $type) {
                $name = $document['kit'][$part]['name'] ?? null;
                $document['kit']["{$part}_id"] ??= is_string($name)
                    ? DB::table('kit')
                        ->where('user_id', $rush->user_id)
                        ->where('type', $type)
                        ->where('name', $name)
                        ->whereNull('deleted_at')
                        ->value('id') ?? self::sample($type, $name)
                    : null;
            }
            DB::table('rushes')
                ->where('id', $rush->id)
                ->update([
                    'document' => json_encode(
                        $document,
                        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                    ),
                ]);
        }
    }

    private static function sample(string $type, string $name): ?string
    {
        return array_search(
            $name,
            array_map(static fn (array $document): mixed => $document['name'] ?? null, KitType::from($type)->samples()),
            true,
        ) ?:
            null;
    }

    public function down(): void
    {
        // The ids do no harm.
    }
};
