<?php

declare(strict_types=1);

/*
 * How often the cause that was planted in a burst of the stand-in camera is found, and what it is taken for.
 *
 * php ops/causes.php [bursts of each cause and rush]
 */

use RushHold\Causes\Cause;
use RushHold\Causes\Diagnosis;
use RushHold\Causes\Inquiry;
use RushHold\Focus\OneProcess;
use RushHold\Tests\Planted;

require __DIR__.'/../vendor/autoload.php';

$each = (int) ($argv[1] ?? 6);
$first = $two = $all = $askedSum = 0;
$confused = [];
foreach (Cause::cases() as $cause) {
    foreach (Planted::RUSHES as $name) {
        for ($seed = 1; $seed <= $each; $seed++) {
            $planted = Planted::burst($cause, $name, $seed);
            $answers = [];
            $asked = 0;
            while (
                ($question = ($inquiry = Inquiry::into(
                    $planted->logged($answers),
                    new OneProcess(),
                ))->diagnosis->next()) !== null &&
                $asked++ < Diagnosis::MOST_QUESTIONS
            ) {
                $answers[$question->value] = $planted->answer($question);
            }
            $order = array_keys($inquiry->diagnosis->causes);
            $all++;
            $askedSum += $asked;
            $first += $order[0] === $cause->value ? 1 : 0;
            $two += in_array($cause->value, array_slice($order, 0, 2), true) ? 1 : 0;
            $confused[$cause->value][$order[0]] = ($confused[$cause->value][$order[0]] ?? 0) + 1;
            if (isset($argv[2]) && ($argv[2] === 'all' || $argv[2] === $cause->value) && $order[0] !== $cause->value) {
                printf(
                    "%-16s %-22s %d -> %s %.2f, %s %.2f | %s\n",
                    $cause->value,
                    $name,
                    $seed,
                    $order[0],
                    $inquiry->diagnosis->causes[$order[0]],
                    $order[1],
                    $inquiry->diagnosis->causes[$order[1]],
                    json_encode($inquiry->diagnosis->answers),
                );
                echo '    ', json_encode($planted->losses()), "\n";
            }
        }
    }
}
printf(
    "%d bursts: the planted cause first in **%.1f %%**, among the first two in **%.1f %%**; %.1f questions on average.\n\n| planted | taken for |\n|---|---|\n",
    $all,
    (100 * $first) / $all,
    (100 * $two) / $all,
    $askedSum / $all,
);
foreach ($confused as $cause => $as) {
    arsort($as);
    printf(
        "| %s | %s |\n",
        $cause,
        implode(
            ', ',
            array_map(
                static fn (string $c, int $n): string => $c === $cause ? "**$c $n**" : "$c $n",
                array_keys($as),
                $as,
            ),
        ),
    );
}
