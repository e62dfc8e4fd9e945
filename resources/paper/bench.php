<?php declare(strict_types=1);
/** @var array<string, mixed> $session */
/** @var Closure(mixed): string $text */
/** @var Closure(array<string, mixed>): string $plot */
use RushHold\Words\Words;

$found = $session['found'];
$signed = static fn (int $value): string => $value > 0 ? "+$value" : ($value < 0 ? '−'.abs($value) : '0');
$percent = static fn (float $share): string => round(100 * $share).'%';
?>
<!doctype html>
<html><head><meta charset="utf-8"><style>
<?php require __DIR__.'/parts.php'; ?>
body { font-family: Card, CardExt, 'DejaVu Sans'; font-size: 10pt; } h1 { font-size: 17pt; margin: 0 0 2mm } h2 { font-size: 11pt; margin: 6mm 0 1mm }
.big { font-size: 24pt; font-weight: bold } p { margin: 1mm 0 } .quiet { color: #444; font-size: 9pt } td, th { padding: 0 4mm 0 0; text-align: left }
</style></head><body>
<h1><?= $text($session['name']) ?></h1>
<p class="quiet"><?= $text(implode(', ', array_filter([$session['body'], $session['lens']]))) ?><?= $session['stand_in'] ? ' '.Words::text('paper.bench.simulated') : '' ?></p>
<?php if ($found === null) { ?><p><?= Words::text('paper.bench.too-few') ?></p><?php } else { ?>
<?php if ($found['by_distance']) { ?><p><?= Words::text('paper.bench.by-distance') ?></p>
<?php } elseif ($found['across'] !== null) { ?><p class="big"><?= $signed($found['across']['value']) ?></p><p><?= Words::text('paper.bench.across', ['loss' => $percent($found['across']['loss'])]) ?></p>
<?php } else { ?><p class="big"><?= Words::text('paper.bench.none') ?></p><p><?= Words::text('paper.bench.none-because', ['value' => $signed($found['none_because']['value']), 'loss' => $percent($found['none_because']['loss']), 'metres' => (string) round($found['none_because']['distance_m'], 1), 'mm' => (string) round($found['none_because']['focal_mm'])]) ?></p><?php } ?>
<?php foreach ($found['series'] as $series) { ?>
<h2><?= Words::text('paper.bench.series', ['metres' => (string) round($series['distance_m'], 1), 'mm' => (string) round($series['focal_mm'])]) ?></h2>
<img src="data:image/svg+xml;base64,<?= base64_encode($plot($series)) ?>" width="640">
<table><tr><?php foreach ($series['best'] as $best) { ?><td><b><?= $signed($best['value']) ?></b> <?= Words::text('paper.bench.best', ['chance' => $percent($best['probability'])]) ?></td><?php } ?></tr></table>
<p class="quiet"><?= Words::text('paper.bench.counts', ['frames' => $series['frames'], 'equals' => implode(', ', array_map($signed, $series['equals'])), 'weight' => $percent($series['weight'])]) ?></p>
<?php } ?>
<?php if ($found['retest'] !== []) { ?><h2><?= Words::text('paper.bench.again') ?></h2><p><?= implode(', ', array_map(static fn (array $r): string => Words::text('paper.bench.again-at', ['frames' => $r['frames'], 'value' => $signed($r['value']), 'metres' => (string) round($r['distance_m'], 1)]), $found['retest'])) ?></p><?php } ?>
<?php } ?>
</body></html>
