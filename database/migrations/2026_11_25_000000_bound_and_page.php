<?php

declare(strict_types=1);

use App\Models\KitType;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            // Two spellings of one address are made the same before they get here; then letter by letter.
            $table->string('email')->collation('utf8mb4_bin')->change();
            $table->dateTime('demo_until')->nullable()->index();
            // Sessions carry it too; those that carry an older one have been signed out.
            $table->string('session_key', 20)->default('');
        });
        Schema::table(
            'password_reset_tokens',
            fn (Blueprint $table) => $table->string('email')->collation('utf8mb4_bin')->change(),
        );
        // Lists and sums are read from columns; documents stay where they are.
        Schema::table('rushes', function (Blueprint $table): void {
            $table->string('figure', 20)->default('plain');
            $table->float('speed_mps')->default(0);
            $table->float('start_m')->default(0);
            $table->float('focal_mm')->default(0);
            $table->unsignedInteger('bytes')->default(0);
            $table->index(['user_id', 'updated_at', 'id']);
        });
        Schema::table('kit', function (Blueprint $table): void {
            $table->json('outline')->default('{}');
            $table->unsignedInteger('bytes')->default(0);
        });

        DB::statement('UPDATE users SET email = LOWER(email)');
        DB::statement("UPDATE rushes SET
            figure = COALESCE(JSON_VALUE(document, '$.subject.figure'), 'plain'),
            speed_mps = COALESCE(JSON_VALUE(document, '$.subject.speed_mps'), 0),
            start_m = COALESCE(JSON_VALUE(document, '$.path.start_m'), 0),
            focal_mm = COALESCE(JSON_VALUE(document, '$.kit.lens.focal_mm'), 0) * COALESCE(JSON_VALUE(document, '$.kit.extender'), 1),
            bytes = LENGTH(document) + COALESCE(LENGTH(pins), 0)");
        DB::statement('UPDATE kit SET bytes = LENGTH(document) + COALESCE(LENGTH(standing), 0)');
        foreach (DB::table('kit')->orderBy('id')->lazyById(100, 'id') as $row) {
            $outline = KitType::from($row->type)->outline((array) json_decode($row->document, true));
            DB::table('kit')
                ->where('id', $row->id)
                ->update(['outline' => json_encode($outline)]);
        }
    }

    public function down(): void
    {
        Schema::table('kit', fn (Blueprint $table) => $table->dropColumn(['bytes', 'outline']));
        Schema::table('rushes', function (Blueprint $table): void {
            $table->dropIndex(['user_id', 'updated_at', 'id']);
            $table->dropColumn(['figure', 'speed_mps', 'start_m', 'focal_mm', 'bytes']);
        });
        Schema::table(
            'password_reset_tokens',
            fn (Blueprint $table) => $table->string('email')->collation('utf8mb4_uca1400_ai_ci')->change(),
        );
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['demo_until', 'session_key']);
            $table->string('email')->collation('utf8mb4_uca1400_ai_ci')->change();
        });
    }
};
