<?php

declare(strict_types=1);

namespace App\Console\Commands;

use RushHold\Focus\OneProcess;
use RushHold\Focus\Stage;
use Symfony\Component\Console\Helper\ProgressBar;
use Symfony\Component\Console\Output\OutputInterface;

/** Plays in this process and tells whoever sits at a terminal how far it has come. */
final readonly class ToldStage implements Stage
{
    private const STEPS = 100;

    private OneProcess $stage;

    private ?ProgressBar $bar;

    public function __construct(OutputInterface $output)
    {
        $this->stage = new OneProcess();
        $this->bar = stream_isatty(STDERR) ? new ProgressBar($output, self::STEPS) : null;
    }

    public function play(array $plays): array
    {
        return $this->stage->play($plays);
    }

    public function reached(float $done): void
    {
        $this->bar?->setProgress((int) round($done * self::STEPS));
    }

    public function done(): void
    {
        $this->bar?->clear();
    }
}
