<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use RushHold\Refused;

/**
 * Files on their way here: announced by their content, sent piece by piece, taken up again where they stopped, and kept once.
 */
final readonly class Incoming
{
    /** Bytes of a piece. */
    public const PIECE = 4_000_000;

    public function __construct(private User $person)
    {
    }

    /**
     * @return array{picture: string|null, received: int} the picture when it is here already, and what has come of it
     *
     * @throws Refused if there is no room for it
     */
    public function announce(string $sha256, string $name, int $bytes): array
    {
        $known = Picture::withTrashed()->where('user_id', $this->person->id)->where('sha256', $sha256)->first();
        if ($known !== null && ($known->original || $known->stage !== Picture::REFUSED) && ! $known->trashed()) {
            return ['picture' => $known->id, 'received' => $bytes];
        }
        $this->makeRoom($bytes, $sha256);
        DB::table('uploads')->insertOrIgnore(['user_id' => $this->person->id, 'sha256' => $sha256, 'name' => $name, 'bytes' => $bytes, 'received' => 0, 'created_at' => now(), 'updated_at' => now()]);
        $file = $this->file($sha256);
        $received = is_file($file) ? min($bytes, (int) filesize($file)) : 0;

        // Where only the keeping of it is left to be done, the last byte is asked for once more.
        return ['picture' => null, 'received' => $received === $bytes ? $bytes - 1 : $received];
    }

    /**
     * @param  int  $from  where this piece begins
     * @return array{picture: string|null, received: int}
     *
     * @throws Refused|RuntimeException
     */
    public function piece(string $sha256, int $from, string $piece): array
    {
        $upload = DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', $sha256)->first();
        if ($upload === null) {
            throw Refused::because('file', 'picture', problem: 'This file was not announced, or it has come already.');
        }
        $file = $this->file($sha256);
        is_dir(dirname($file)) || @mkdir(dirname($file), 0700, true);
        $out = fopen($file, 'c+b');
        if ($out === false || ! flock($out, LOCK_EX)) {
            throw new RuntimeException('There is no room on the disk.');
        }
        try {
            $has = (int) (fstat($out)['size'] ?? 0);
            // All of it came, but it could not be kept then.
            if ($has === (int) $upload->bytes) {
                return ['picture' => $this->whole($sha256, (string) $upload->name, $has, $file)->id, 'received' => $has];
            }
            // A piece that came already, or one too far ahead, changes nothing.
            if ($from !== $has || $has + strlen($piece) > (int) $upload->bytes) {
                return ['picture' => null, 'received' => min($has, (int) $upload->bytes)];
            }
            fseek($out, $has);
            if (@fwrite($out, $piece) !== strlen($piece) || ! fflush($out)) {
                ftruncate($out, $has);
                throw Refused::because('file', 'picture', problem: 'There is no room on the disk for it. What came so far is kept; go on when there is.');
            }
            $has += strlen($piece);
        } finally {
            fclose($out);
        }
        if ($has < (int) $upload->bytes) {
            return ['picture' => null, 'received' => $has];
        }

        return ['picture' => $this->whole($sha256, (string) $upload->name, (int) $upload->bytes, $file)->id, 'received' => $has];
    }

    /** @throws Refused */
    private function whole(string $sha256, string $name, int $bytes, string $file): Picture
    {
        if (hash_file('sha256', $file) !== $sha256) {
            unlink($file);
            DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', $sha256)->delete();
            throw Refused::because('file', 'picture', problem: 'It came through damaged. Send it again.');
        }
        $picture = $this->kept($sha256, $name, $bytes, $file);
        unlink($file);
        DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', $sha256)->delete();

        return $picture;
    }

    /**
     * A file of this machine, taken in as if it had been sent.
     *
     * @throws Refused if there is no room for it
     */
    public function placed(string $file): Picture
    {
        $bytes = (int) filesize($file);
        $this->makeRoom($bytes);

        return $this->kept((string) hash_file('sha256', $file), basename($file), $bytes, $file);
    }

    /** @throws Refused */
    private function kept(string $sha256, string $name, int $bytes, string $file): Picture
    {
        $picture = Picture::withTrashed()->where('user_id', $this->person->id)->where('sha256', $sha256)->first() ?? new Picture(['sha256' => $sha256]);
        $picture->forceFill(['user_id' => $this->person->id, 'name' => $name, 'bytes' => $bytes, 'original' => true, 'stage' => Picture::WAITING, 'problem' => null, 'deleted_at' => null]);
        $picture->id ??= $picture->newUniqueId();
        try {
            Store::keep($picture, Store::ORIGINAL, $file);
        } catch (RuntimeException) {
            throw Refused::because('file', 'picture', problem: 'There is no room on the disk for it. What came so far is kept; go on when there is.');
        }
        $picture->save();
        LookAt::dispatch();

        return $picture;
    }

    /**
     * @param  string  $announced  the file it is for, which counts only once
     *
     * @throws Refused
     */
    private function makeRoom(int $bytes, string $announced = ''): void
    {
        $mine = Picture::query();
        $mine->where('user_id', $this->person->id);
        $count = $mine->count();
        // What is still being sent takes room as well.
        $coming = (int) DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', '!=', $announced)->sum('bytes');
        $has = (int) (clone $mine)->where('original', true)->sum('bytes') + $coming;
        // A visit to the demo is gone after a day and has room for a try.
        $kind = $this->person->is_demo ? 'demo_' : '';
        $most = (int) config("limits.{$kind}picture_bytes");
        if ($count >= (int) config("limits.{$kind}pictures")) {
            throw Refused::because('file', 'picture', problem: "You keep $count pictures, which is as many as there is room for. Delete some that you do not need any more.");
        }
        if ($has + $bytes > $most) {
            throw Refused::because('file', 'picture', problem: sprintf('Your pictures take %.1f of at most %.1f GB. Delete some, or have originals deleted once they are measured.', $has / 1e9, $most / 1e9));
        }
    }

    private function file(string $sha256): string
    {
        return storage_path("app/uploads/{$this->person->id}/$sha256.part");
    }
}
