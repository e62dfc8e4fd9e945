<?php

declare(strict_types=1);

/* Adds up what reports of tests say, prints it as one line, and fails where anything did: totals.php REPORT... */

$passed = $failed = 0;
foreach (array_slice($argv, 1) as $file) {
    $report = simplexml_load_file($file);
    // One report has its totals on the whole, the others on the suite that holds everything.
    $totals = isset($report['tests']) ? $report : $report->testsuite;
    $bad = (int) $totals['errors'] + (int) $totals['failures'];
    $failed += $bad;
    $passed += (int) $totals['tests'] - $bad - (int) $totals['skipped'];
}
echo "\n$passed passed, $failed failed\n";
exit($failed > 0 || $passed === 0 ? 1 : 0);
