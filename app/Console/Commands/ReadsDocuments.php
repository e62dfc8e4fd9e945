<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;
use Symfony\Component\Console\Output\OutputInterface;

/** Exit codes and input of the commands that work on documents. */
trait ReadsDocuments
{
    /** The document says something that cannot be meant. */
    private const REFUSED = 2;

    /** The file is not there or not readable. */
    private const UNREADABLE = 3;

    /** @throws UnreadableFile|Refused */
    private function document(string $file): mixed
    {
        $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? @file_get_contents($file) : false);
        if ($text === false) {
            throw new UnreadableFile("Cannot read $file.");
        }

        return DocumentGate::decode($text);
    }

    /** @throws Refused if the option is not a whole number in the range */
    private function count(string $option, int $min, int $max): int
    {
        $value = filter_var($this->option($option), FILTER_VALIDATE_INT, [
            'options' => ['min_range' => $min, 'max_range' => $max],
        ]);

        return $value === false
            ? throw Refused::because("--$option", 'option', name: "--$option", min: $min, max: $max)
            : $value;
    }

    /**
     * Whether to print a page to be read: somebody sits at a terminal and did not ask for JSON, or asked for the page.
     */
    private function asPage(): bool
    {
        return $this->option('page') === true || ($this->option('json') !== true && stream_isatty(STDOUT));
    }

    /** @param  callable(): (array<array-key, mixed>|string)  $work  a document, or a page of text */
    private function answer(callable $work): int
    {
        try {
            $answer = $work();
        } catch (UnreadableFile $e) {
            $this->getOutput()->getErrorStyle()->writeln($e->getMessage());

            return self::UNREADABLE;
        } catch (Refused $refused) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln("$refused->field: ".Words::in(Units::Metric)->refused($refused));

            return self::REFUSED;
        }
        $this->output->write(
            is_string($answer)
                ? $answer
                : (string) json_encode(
                    $answer,
                    JSON_PRETTY_PRINT |
                        JSON_UNESCAPED_SLASHES |
                        JSON_UNESCAPED_UNICODE |
                        JSON_PRESERVE_ZERO_FRACTION,
                )."\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
