<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a burst was matched by, as it was written out before. */
    private const SIGNS = [
        'an outing of that day' => 'day',
        'its hour' => 'hour',
        'the order of the day' => 'turn',
        'the focal length' => 'focal-length',
        'the distance' => 'distance',
        'said by you' => 'said',
    ];

    public function up(): void
    {
        // What was done a moment ago, and how it was before.
        Schema::create('undo_steps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->longText('rows');
            $table->dateTime('created_at');
        });
        foreach (['uploads', 'pictures'] as $table) {
            Schema::table($table, function (Blueprint $table): void {
                // When the file was written, and the zone of the device it came from: for frames that do not say.
                $table->dateTime('written_at', 3)->nullable();
                $table->string('zone', 40)->nullable();
            });
        }
        // Whose files a picture is shown from, where they are not its owner’s.
        Schema::table('pictures', fn (Blueprint $table) => $table->unsignedBigInteger('lent_by')->nullable());
        // What tells when it was shot, where the frames do not.
        Schema::table('bursts', fn (Blueprint $table) => $table->string('clocked', 12)->nullable());
        foreach (DB::table('bursts')->whereNotNull('matched')->distinct()->pluck('matched') as $written) {
            $signs = array_map(
                static fn (string $sign): string => self::SIGNS[trim($sign)] ?? 'said',
                explode(',', (string) $written),
            );
            DB::table('bursts')
                ->where('matched', $written)
                ->update(['matched' => implode(',', $signs)]);
        }
    }

    public function down(): void
    {
        Schema::table('bursts', fn (Blueprint $table) => $table->dropColumn('clocked'));
        Schema::table('pictures', fn (Blueprint $table) => $table->dropColumn(['written_at', 'zone', 'lent_by']));
        Schema::table('uploads', fn (Blueprint $table) => $table->dropColumn(['written_at', 'zone']));
        Schema::dropIfExists('undo_steps');
    }
};
