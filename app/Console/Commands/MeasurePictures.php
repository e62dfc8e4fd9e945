<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Pictures\Facts;
use App\Pictures\NoPicture;
use App\Pictures\Sandbox;
use Illuminate\Console\Command;
use RushHold\Blur\Verdict;
use RushHold\Refused;

/** Needs no database: pictures in, how sharp they are and how they are blurred out. */
final class MeasurePictures extends Command
{
    use ReadsDocuments;

    /** Two pixels: what may not be told apart when a picture is judged pixel for pixel. */
    private const COC_PX = 2.0;

    protected $signature = 'rush:measure
        {files* : Pictures, in the order they were taken: JPEG, TIFF, or raw with a preview}
        {--aim= : Where the subject is in the first of them, as x,y in widths and heights from the centre, y down; it is followed through the rest}
        {--coc-px=2 : Circle of confusion in pixels, 0.5 to 50; a frame is kept up to one and a half of it}
        {--json : JSON also at a terminal}';

    protected $description = 'Measure how sharp pictures are and how they are blurred; a list as JSON (exit code 2: an option refused)';

    private const MOST_FILES = 5000;

    public function handle(): int
    {
        return $this->answer(function (): array {
            /** @var list<string> $files */
            $files = array_values((array) $this->argument('files'));
            if (count($files) > self::MOST_FILES) {
                throw Refused::because('files', 'option', name: 'files', min: 1, max: self::MOST_FILES);
            }
            $coc = filter_var($this->option('coc-px') ?? self::COC_PX, FILTER_VALIDATE_FLOAT);
            if ($coc === false || $coc < 0.5 || $coc > 50) {
                throw Refused::because('--coc-px', 'option', name: '--coc-px', min: '0.5', max: 50);
            }
            $aim = $this->aim();
            $facts = Facts::of(array_values(array_filter($files, is_file(...))));
            $follow = null;
            $measured = [];
            foreach ($files as $file) {
                try {
                    $one = Sandbox::measure([
                        'file' => $file,
                        'limit_px' => Verdict::KEEPER_LIMIT * $coc,
                        'aim' => $follow === null ? $aim : null,
                        'follow' => $follow,
                    ]);
                    $follow = is_string($one['follow'] ?? null) ? $one['follow'] : $follow;
                    $measured[] = [
                        'file' => $file,
                        'taken_at' => $facts[$file]['taken_at'] ?? null,
                        ...array_diff_key($one, ['follow' => 0, 'memory_mb' => 0]),
                    ];
                } catch (NoPicture $refused) {
                    $measured[] = ['file' => $file, 'refused' => $refused->getMessage()];
                }
            }

            return $measured;
        });
    }

    /**
     * @return array{float, float}|null
     *
     * @throws Refused
     */
    private function aim(): ?array
    {
        $given = $this->option('aim');
        if ($given === null) {
            return null;
        }
        $parts = array_map(
            static fn (string $part): float|false => filter_var(trim($part), FILTER_VALIDATE_FLOAT),
            explode(',', (string) $given),
        );
        if (
            count($parts) !== 2 ||
            $parts[0] === false ||
            $parts[1] === false ||
            abs($parts[0]) > 0.5 ||
            abs($parts[1]) > 0.5
        ) {
            throw Refused::because('--aim', 'option', name: '--aim, each part', min: '-0.5', max: '0.5');
        }

        return [$parts[0], $parts[1]];
    }
}
