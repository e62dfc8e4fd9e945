<?php

declare(strict_types=1);

/* What several tests need, so that each file runs alone. */

use RushHold\Document\HoldDocument;
use RushHold\Focus\Outcome;
use RushHold\Focus\Simulator;
use RushHold\Hold\Setting;
use RushHold\Planning\Chooser;
use RushHold\Planning\HoldLine;
use RushHold\Planning\Misfit;
use RushHold\Planning\Plan;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Words;

function plan(array $changes = [], array $pins = []): Plan
{
    $rush = Rushes::with($changes);

    return Chooser::standard()->choose($rush, HoldDocument::read($pins)->fitting($rush->kit));
}

function misfit(Plan $plan, string $what): ?Misfit
{
    foreach ($plan->misfits as $misfit) {
        if ($misfit->what === $what) {
            return $misfit;
        }
    }

    return null;
}

function lineOf(Plan $plan, Setting $setting): HoldLine
{
    foreach ($plan->lines as $line) {
        if ($line->setting === $setting) {
            return $line;
        }
    }
    throw new LogicException("no line for {$setting->value}");
}

function refusal(callable $work): Refused
{
    try {
        $work();
    } catch (Refused $refused) {
        return $refused;
    }
    throw new LogicException('nothing was refused');
}

/** What people read of what the core says. */
function said(Said $said, Units $units = Units::Metric): string
{
    return Words::in($units)->say($said);
}

/** Plays a hold; what it leaves out is solved for. */
function play(Rush $rush, array $hold = [], int $runs = 200, int $seed = 1): Outcome
{
    $plan = Chooser::standard()->choose($rush, HoldDocument::read($hold)->fitting($rush->kit));

    return (new Simulator($plan->situation))->run($plan->hold, $runs, $seed);
}

/** @return array<string, mixed> */
function schemaOf(string $name): array
{
    return json_decode((string) file_get_contents(__DIR__."/../../formats/$name.schema.json"), true);
}
