<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Files on their way here, piece by piece; whoever goes on later goes on where it stopped.
        Schema::create('uploads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->string('name', 200);
            $table->unsignedBigInteger('bytes');
            $table->unsignedBigInteger('received')->default(0);
            $table->timestamps();
            $table->unique(['user_id', 'sha256']);
        });

        Schema::create('pictures', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // By what is in it: the same file is kept once.
            $table->char('sha256', 64);
            $table->string('name', 200);
            $table->unsignedBigInteger('bytes');
            $table->boolean('original')->default(true);
            $table->string('stage', 12)->default('waiting');
            $table->string('problem', 300)->nullable();
            $table->unsignedBigInteger('burst_id')->nullable()->index();
            $table->dateTime('taken_at', 3)->nullable();
            $table->unsignedSmallInteger('wide')->nullable();
            $table->unsignedSmallInteger('high')->nullable();
            $table->json('facts')->nullable();
            $table->json('measured')->nullable();
            // What the person says, whatever was measured.
            $table->boolean('kept')->nullable();
            $table->string('lost_to', 30)->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['user_id', 'sha256']);
            $table->index(['user_id', 'stage']);
        });

        Schema::table('bursts', function (Blueprint $table): void {
            // Where the subject is, marked once, and how far it has been followed.
            $table->json('mark')->nullable();
            $table->json('following')->nullable();
            // Circle of confusion by which its pictures are judged, in their pixels.
            $table->float('coc_px')->nullable();
            // What it was matched to its rush by.
            $table->string('matched', 200)->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('keeps_originals')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('keeps_originals'));
        Schema::table('bursts', fn (Blueprint $table) => $table->dropColumn(['mark', 'following', 'coc_px', 'matched']));
        Schema::dropIfExists('pictures');
        Schema::dropIfExists('uploads');
    }
};
