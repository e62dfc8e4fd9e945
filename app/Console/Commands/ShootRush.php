<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Camera\Roll;
use App\Documents\DocumentGate;
use DateTimeImmutable;
use Exception;
use Illuminate\Console\Command;
use RushHold\Camera\Hidden;
use RushHold\Camera\StandIn;
use RushHold\Kit\Body;
use RushHold\Planning\Planner;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** Needs no database: the stand-in camera shoots a rush with a hold, and writes frames and the truth about them. */
final class ShootRush extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:shoot
        {rush : A rush document, or - for standard input}
        {hold : A hold document; what it leaves out is solved for}
        {--into= : The folder for the frames; it is made, and has to be empty}
        {--frames=40 : 1 to 5000; pass after pass, until there are so many}
        {--seed=1 : The same seed gives the same frames}
        {--megapixels=3 : Pixels of the stand-in’s sensor in millions, 0.5 to 60; what counts as sharp at pixel level follows}
        {--at=2026-06-07T05:10:00Z : When the first pass begins}
        {--aim= : Hidden skill at holding the area on the subject, 0 to 1; what the rush says unless given}
        {--panning= : Hidden skill at panning, 0 to 1}
        {--hand-focus= : Hidden skill at focusing by hand, 0 to 1}
        {--finds-subjects : The camera writes where it sees the subject, as one does that finds subjects}
        {--lens-error-m=0 : How far behind what it was told the lens focuses, −5 to 5 m}';

    protected $description = 'Shoot a rush with the stand-in camera: JPEG frames, and truth.json beside them (exit code 2: document refused, 3: file unreadable)';

    private const MEGAPIXELS = [0.5, 60.0];

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $rush = $gate->rush($this->document((string) $this->argument('rush')))->rush;
            $rush = $this->withPixels($rush, $this->figure('megapixels', self::MEGAPIXELS) ?? 3.0);
            $pins = $gate->pins($this->document((string) $this->argument('hold')), $rush->kit);
            $hidden = new Hidden(
                $this->figure('aim', [0, 1]),
                $this->figure('panning', [0, 1]),
                $this->figure('hand-focus', [0, 1]),
                $this->figure('lens-error-m', [-5, 5]) ?? 0.0,
            );
            [$frames, $seed, $from] = [
                $this->count('frames', 1, 5000),
                $this->count('seed', 0, PHP_INT_MAX),
                $this->time(),
            ];
            $folder = $this->folder();
            // What is left open stands as the plan has it.
            $hold = Planner::standard()->best($rush, pins: $pins)->hold;
            $truth = [
                'seed' => $seed,
                ...(new Roll(
                    new StandIn($rush, $hold, $hidden),
                    $seed,
                    $from,
                    (bool) $this->option('finds-subjects'),
                ))->into($folder, $frames),
            ];
            file_put_contents(
                "$folder/".Roll::TRUTH,
                json_encode($truth, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ) !== false || throw new UnreadableFile("Cannot write to $folder.");
            $kept = count(array_filter($truth['frames'], static fn (array $frame): bool => $frame['kept'] === true));

            return [
                'folder' => $folder,
                'frames' => count($truth['frames']),
                'keepers' => $kept,
                'truth' => "$folder/".Roll::TRUTH,
            ];
        });
    }

    private function withPixels(Rush $rush, float $megapixels): Rush
    {
        $body = $rush->kit->body;
        $wide = (int) round(sqrt((1e6 * $megapixels * $body->sensorWidthMm) / $body->sensorHeightMm));
        $fields = [
            ...get_object_vars($body),
            'pixelsWide' => $wide,
            'pixelsHigh' => (int) round(($wide * $body->sensorHeightMm) / $body->sensorWidthMm),
        ];

        return $rush->with(
            kit: $rush->kit->with(body: new Body(...[...$fields, 'areas' => array_values($body->areas)])),
        );
    }

    /**
     * @param  array{float|int, float|int}  $range
     *
     * @throws Refused
     */
    private function figure(string $option, array $range): ?float
    {
        $given = $this->option($option);
        if ($given === null || $given === '') {
            return null;
        }
        $value = filter_var($given, FILTER_VALIDATE_FLOAT);

        return $value === false || $value < $range[0] || $value > $range[1]
            ? throw Refused::because(
                "--$option",
                'option',
                name: "--$option",
                min: (string) $range[0],
                max: (string) $range[1],
            )
            : $value;
    }

    /** @throws Refused */
    private function time(): DateTimeImmutable
    {
        try {
            return new DateTimeImmutable((string) $this->option('at'));
        } catch (Exception) {
            throw Refused::because('--at', 'not-text');
        }
    }

    /** @throws UnreadableFile */
    private function folder(): string
    {
        $folder = rtrim((string) $this->option('into'), '/');
        if ($folder === '') {
            throw new UnreadableFile('Say with --into which folder the frames go to.');
        }
        if (! is_dir($folder) && ! @mkdir($folder, 0777, true)) {
            throw new UnreadableFile("Cannot make the folder $folder.");
        }
        if ((glob("$folder/*") ?: []) !== []) {
            throw new UnreadableFile("The folder $folder is not empty; frames go to one of their own.");
        }

        return $folder;
    }
}
