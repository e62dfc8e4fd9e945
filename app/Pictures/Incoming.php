<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use App\Models\User;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use RushHold\Refused;
use RushHold\Words\Words;

/**
 * Files on their way here: announced by their content, sent piece by piece, taken up again where they stopped, and kept
 * once.
 */
final readonly class Incoming
{
    /** Bytes of a piece. */
    public const PIECE = 4_000_000;

    /**
     * Longer than the keeping of one piece, and of the whole, takes; and for so long the next piece waits for it, s.
     */
    private const KEEPING_S = 60;

    private const PATIENCE_S = 20;

    public function __construct(private User $person)
    {
    }

    /**
     * @param  float|null  $writtenS  when the file was written, seconds since 1970
     * @param  string|null  $zone  of the device it comes from
     * @return array{picture: string|null, received: int} the picture when it is here already, and what has come of it
     *
     * @throws Refused if there is no room for it
     */
    public function announce(
        string $sha256,
        string $name,
        int $bytes,
        ?float $writtenS = null,
        ?string $zone = null,
    ): array {
        $known = Picture::withTrashed()->where('user_id', $this->person->id)->where('sha256', $sha256)->first();
        if ($known !== null && ($known->original || $known->stage !== Picture::REFUSED) && ! $known->trashed()) {
            return ['picture' => $known->id, 'received' => $bytes];
        }
        $this->makeRoom($bytes, $sha256);
        DB::table('uploads')->insertOrIgnore([
            'user_id' => $this->person->id,
            'sha256' => $sha256,
            'name' => $name,
            'bytes' => $bytes,
            'received' => 0,
            'written_at' => $writtenS === null
                    ? null
                    : Carbon::createFromTimestampMs((int) round(1000 * $writtenS))->format('Y-m-d H:i:s.v'),
            'zone' => $zone,
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        $received = (int) DB::table('uploads')
            ->where('user_id', $this->person->id)
            ->where('sha256', $sha256)
            ->value('received');

        // Where only the keeping of it is left to be done, the last byte is asked for once more.
        return ['picture' => null, 'received' => $received === $bytes ? $bytes - 1 : min($bytes, $received)];
    }

    /**
     * @param  int  $from  where this piece begins
     * @return array{picture: string|null, received: int}
     *
     * @throws LockTimeoutException if an earlier piece is still being kept
     */
    public function piece(string $sha256, int $from, string $piece): array
    {
        // Whichever server each piece comes to.
        return Cache::lock("upload {$this->person->id} $sha256", self::KEEPING_S)->block(
            self::PATIENCE_S,
            fn (): array => $this->taken($sha256, $from, $piece),
        );
    }

    /**
     * @return array{picture: string|null, received: int}
     *
     * @throws Refused
     */
    private function taken(string $sha256, int $from, string $piece): array
    {
        $upload = DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', $sha256)->first();
        if ($upload === null) {
            throw Refused::because(
                'file',
                'picture',
                problem: Words::text('pictures.incoming.this-file-was-not-announced'),
            );
        }
        [$has, $bytes] = [(int) $upload->received, (int) $upload->bytes];
        // A piece that came already, or one too far ahead, changes nothing; all may have come and not be kept yet.
        if ($has < $bytes && $from === $has && $has + strlen($piece) <= $bytes && $piece !== '') {
            Store::disk()->put($this->folder($sha256).'/'.sprintf('%012d', $from), $piece) || throw self::full();
            $has += strlen($piece);
            DB::table('uploads')
                ->where('user_id', $this->person->id)
                ->where('sha256', $sha256)
                ->update(['received' => $has, 'updated_at' => now()]);
        }

        return [
            'picture' => $has < $bytes
                    ? null
                    : $this->whole($sha256, (string) $upload->name, $bytes, [
                        'written_at' => $upload->written_at,
                        'zone' => $upload->zone,
                    ])->id,
            'received' => $has,
        ];
    }

    /**
     * @param  array{written_at: string|null, zone: string|null}  $said
     *
     * @throws Refused
     */
    private function whole(string $sha256, string $name, int $bytes, array $said): Picture
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'picture');
        try {
            $this->joined($sha256, $file, $bytes);
            if (hash_file('sha256', $file) !== $sha256) {
                $this->forget($sha256);
                throw Refused::because(
                    'file',
                    'picture',
                    problem: Words::text('pictures.incoming.it-came-through-damaged-send'),
                );
            }
            $picture = $this->kept($sha256, $name, $bytes, $file, $said);
        } finally {
            @unlink($file);
        }
        $this->forget($sha256);

        return $picture;
    }

    /**
     * All pieces one behind the other.
     *
     * @throws Refused
     */
    private function joined(string $sha256, string $file, int $bytes): void
    {
        $out = fopen($file, 'wb') ?: throw self::full();
        $written = 0;
        foreach (Store::disk()->files($this->folder($sha256)) as $piece) {
            $in = Store::disk()->readStream($piece);
            $written += $in === null ? 0 : (int) @stream_copy_to_stream($in, $out);
            is_resource($in) && fclose($in);
        }
        (@fclose($out) && $written === $bytes) || throw self::full();
    }

    private function forget(string $sha256): void
    {
        DB::table('uploads')->where('user_id', $this->person->id)->where('sha256', $sha256)->delete();
        Store::disk()->deleteDirectory($this->folder($sha256));
    }

    private static function full(): Refused
    {
        return Refused::because('file', 'picture', problem: Words::text('pictures.incoming.there-is-no-room-on'));
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

    /**
     * @param  array{written_at?: string|null, zone?: string|null}  $said  of it by whoever sent it
     *
     * @throws Refused
     */
    private function kept(string $sha256, string $name, int $bytes, string $file, array $said = []): Picture
    {
        $picture =
            Picture::withTrashed()->where('user_id', $this->person->id)->where('sha256', $sha256)->first() ??
            new Picture(['sha256' => $sha256]);
        $picture->forceFill([
            'user_id' => $this->person->id,
            'name' => $name,
            'bytes' => $bytes,
            'original' => true,
            'stage' => Picture::WAITING,
            'problem' => null,
            'deleted_at' => null,
            'lent_by' => null,
            ...$said,
        ]);
        $picture->id ??= $picture->newUniqueId();
        try {
            Store::keep($picture, Store::ORIGINAL, $file);
        } catch (RuntimeException) {
            throw self::full();
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
        $coming = (int) DB::table('uploads')
            ->where('user_id', $this->person->id)
            ->where('sha256', '!=', $announced)
            ->sum('bytes');
        $has = (int) (clone $mine)->where('original', true)->whereNull('lent_by')->sum('bytes') + $coming;
        // A visit to the demo is gone after a day and has room for a try.
        $kind = $this->person->is_demo ? 'demo_' : '';
        $most = (int) config("limits.{$kind}picture_bytes");
        if ($count >= (int) config("limits.{$kind}pictures")) {
            throw Refused::because(
                'file',
                'picture',
                problem: Words::text('pictures.incoming.you-keep-pictures-which-is', ['count' => $count]),
            );
        }
        if ($has + $bytes > $most) {
            throw Refused::because(
                'file',
                'picture',
                problem: Words::text('pictures.incoming.your-pictures-take', [
                    'has' => sprintf('%.1f', $has / 1e9),
                    'most' => sprintf('%.1f', $most / 1e9),
                ]),
            );
        }
    }

    private function folder(string $sha256): string
    {
        return Store::parts($this->person->id)."/$sha256";
    }
}
