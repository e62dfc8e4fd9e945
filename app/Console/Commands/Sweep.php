<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\KeptOnce;
use App\Models\Picture;
use App\Pictures\Store;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\PersonalAccessToken;

/** Clears away what has run out, a piece at a time, so that nobody waits for it. */
final class Sweep extends Command
{
    /** Days in which a deletion can be undone. */
    private const UNDO_DAYS = 30;

    /** Hours in which a deleted picture can be brought back; then its files go. */
    private const UNDO_PICTURES_HOURS = 1;

    private const UPLOAD_DAYS = 7;

    private const AT_A_TIME = 500;

    /** Longer than backups are kept. */
    private const ORPHAN_DAYS = 40;

    private const ORPHAN = '.without-an-account';

    protected $signature = 'sweep';

    protected $description = 'Clear away what has run out: sessions, kept answers, tokens, links, demo visits, and what was deleted a month ago';

    public function handle(): int
    {
        $lifetime = config('session.lifetime');
        $swept = [
            'sessions' => self::all(
                DB::table('sessions')->where(
                    'last_activity',
                    '<',
                    now()->subMinutes(is_numeric($lifetime) ? (int) $lifetime : 120)->timestamp,
                ),
            ),
            'cache' => self::all(DB::table('cache')->where('expiration', '<', now()->timestamp)) +
                self::all(DB::table('cache_locks')->where('expiration', '<', now()->timestamp)),
            'tokens' => self::all(DB::table((new PersonalAccessToken())->getTable())->where('expires_at', '<', now())),
            'links' => self::all(DB::table('password_reset_tokens')->where('created_at', '<', now()->subHours(2))),
            'demo visits' => self::all(DB::table('users')->where('demo_until', '<', now())),
            'rushes' => self::all(DB::table('rushes')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS))),
            'outings' => self::all(DB::table('outings')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS))),
            'bursts' => self::all(DB::table('bursts')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS))),
            'bench sessions' => self::all(
                DB::table('sweeps')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS)),
            ),
            'turns of practice' => self::all(
                DB::table('drills')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS)),
            ),
            'pictures' => self::pictures(),
            'steps to undo' => self::all(DB::table('undo_steps')->where('created_at', '<', now()->subHours(2))),
            'what was kept once' => self::all(
                DB::table('kept_once')->where('at', '<', now()->subSeconds(KeptOnce::KEPT_S)),
            ),
            'uploads' => self::uploads(),
            'card links' => self::all(DB::table('card_links')->where('expires_at', '<', now())),
            'copy links' => self::all(DB::table('copy_links')->where('expires_at', '<', now())),
            'kit' => self::all(DB::table('kit')->where('deleted_at', '<', now()->subDays(self::UNDO_DAYS))),
        ];
        foreach (array_filter($swept) as $what => $count) {
            $this->line("$what: $count");
        }

        return self::SUCCESS;
    }

    /** With their files; those whose person is gone have gone already. */
    private static function pictures(): int
    {
        $deleted = Picture::onlyTrashed()->where('deleted_at', '<', now()->subHours(self::UNDO_PICTURES_HOURS));
        $swept = 0;
        foreach ($deleted->lazyById(200) as $picture) {
            Store::drop($picture);
            $picture->forceDelete();
            $swept++;
        }
        self::orphans();

        return $swept;
    }

    /**
     * Files without an account: an account that is closed takes its files along, so these may belong to one that only
     * an older backup does not know. They go once no backup can bring their account back.
     */
    private static function orphans(): void
    {
        $disk = Store::disk();
        foreach ($disk->directories('pictures') as $folder) {
            $note = "$folder/".self::ORPHAN;
            if (DB::table('users')->where('id', (int) basename($folder))->exists()) {
                $disk->delete($note);
            } elseif (! $disk->exists($note)) {
                $disk->put($note, (string) now()->getTimestamp());
            } elseif ((int) $disk->get($note) < now()->subDays(self::ORPHAN_DAYS)->getTimestamp()) {
                $disk->deleteDirectory($folder);
            }
        }
    }

    /** What nobody went on sending. */
    private static function uploads(): int
    {
        $left = DB::table('uploads')
            ->where('updated_at', '<', now()->subDays(self::UPLOAD_DAYS))
            ->limit(self::AT_A_TIME)
            ->get();
        foreach ($left as $upload) {
            Store::disk()->deleteDirectory(Store::parts((int) $upload->user_id)."/$upload->sha256");
            DB::table('uploads')->where('user_id', $upload->user_id)->where('sha256', $upload->sha256)->delete();
        }

        return $left->count();
    }

    private static function all(Builder $rows): int
    {
        $swept = 0;
        do {
            $swept += $some = (clone $rows)->limit(self::AT_A_TIME)->delete();
        } while ($some === self::AT_A_TIME);

        return $swept;
    }
}
