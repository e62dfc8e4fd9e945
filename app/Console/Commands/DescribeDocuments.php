<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Document\BodyDocument;
use RushHold\Document\BurstDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\OutingDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\Shape;
use RushHold\Document\SubjectDocument;
use RushHold\Document\SweepDocument;

/** Writes the schemas of documents from what their readers ask for. */
final class DescribeDocuments extends Command
{
    /** Where documents of each kind are, and what reads them. Each field of a list has to be in one of them. */
    private const READERS = [
        'body' => ['kit/*.body', BodyDocument::class],
        'lens' => ['kit/*.lens', LensDocument::class],
        'subject' => ['kit/*.subject', SubjectDocument::class],
        'habits' => ['kit/*habits', HabitsDocument::class],
        'hold' => ['*.hold', HoldDocument::class],
        'rush' => ['*', RushDocument::class],
        'outing' => ['outings/*', OutingDocument::class],
        'burst' => ['bursts/*', BurstDocument::class],
        'sweep' => ['sweeps/*', SweepDocument::class],
        'drill' => ['drills/*', DrillDocument::class],
    ];

    protected $signature = 'documents:describe {--check : Only say whether the schemas are what readers ask for}';

    protected $description = 'Write formats/*.schema.json from what the readers of documents ask for';

    /** @return array<string, string> the schemas as they should be, by their file */
    public static function written(): array
    {
        $written = [];
        foreach (self::READERS as $name => [$examples, $reader]) {
            $file = "formats/$name.schema.json";
            $readings = [];
            foreach (glob(base_path("formats/examples/$examples.json")) ?: [] as $example) {
                $document = json_decode((string) file_get_contents($example), true, 64, JSON_THROW_ON_ERROR);
                if (is_array($document) && ($document['format'] ?? null) === $reader::FORMAT) {
                    $readings[] = static fn (): mixed => $reader::read($document);
                }
            }
            $schema = json_decode((string) file_get_contents(base_path($file)), true, 64, JSON_THROW_ON_ERROR);
            $written[$file] = self::json(Shape::of(...$readings)->schema((array) $schema));
        }

        return $written;
    }

    /** @param  array<string, mixed>  $schema */
    private static function json(array $schema): string
    {
        $json = json_encode(
            self::objects($schema),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );

        // Two spaces, as files that people read have.
        return preg_replace('/^( +)\1/m', '$1', $json)."\n";
    }

    /**
     * What is an object with nothing in it, as one.
     *
     * @param  array<array-key, mixed>  $node
     * @return array<array-key, mixed>
     */
    private static function objects(array $node): array
    {
        foreach ($node as $name => $value) {
            $isObject = $name === 'properties' || ($name === 'default' && ($node['type'] ?? null) === 'object');
            if (is_array($value)) {
                $node[$name] = $isObject && $value === [] ? (object) [] : self::objects($value);
            }
        }

        return $node;
    }

    public function handle(): int
    {
        $old = 0;
        foreach (self::written() as $file => $text) {
            if (file_get_contents(base_path($file)) === $text) {
                continue;
            }
            $old++;
            if ($this->option('check')) {
                $this->components->error("$file is not what its reader asks for any more: run composer describe.");
            } else {
                file_put_contents(base_path($file), $text);
            }
        }

        return $old > 0 && $this->option('check') ? self::FAILURE : self::SUCCESS;
    }
}
