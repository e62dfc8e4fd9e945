<?php declare(strict_types=1);
/** @var array<string, mixed> $session */
/** @var Closure(mixed): string $text */
/** @var Closure(array<string, mixed>): string $plot */
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
<p class="quiet"><?= $text(implode(', ', array_filter([$session['body'], $session['lens']]))) ?><?= $session['stand_in'] ? ' (frames of the stand-in camera: made up)' : '' ?></p>
<?php if ($found === null) { ?><p>Too few frames to say anything yet.</p><?php } else { ?>
<?php if ($found['by_distance']) { ?><p>The lens stores a value for each distance: see each below.</p>
<?php } elseif ($found['across'] !== null) { ?><p class="big"><?= $signed($found['across']['value']) ?></p><p>serves all distances and focal lengths, and loses <?= $percent($found['across']['loss']) ?> of the sharpness at best.</p>
<?php } else { ?><p class="big">None</p><p>No value serves all of them: even <?= $signed($found['none_because']['value']) ?> loses <?= $percent($found['none_because']['loss']) ?> at <?= round($found['none_because']['distance_m'], 1) ?> m and <?= round($found['none_because']['focal_mm']) ?> mm.</p><?php } ?>
<?php foreach ($found['series'] as $series) { ?>
<h2><?= round($series['distance_m'], 1) ?> m, <?= round($series['focal_mm']) ?> mm</h2>
<img src="data:image/svg+xml;base64,<?= base64_encode($plot($series)) ?>" width="640">
<table><tr><?php foreach ($series['best'] as $best) { ?><td><b><?= $signed($best['value']) ?></b> best with <?= $percent($best['probability']) ?></td><?php } ?></tr></table>
<p class="quiet"><?= $series['frames'] ?> frames; as good as the best: <?= implode(', ', array_map($signed, $series['equals'])) ?>. Counts <?= $percent($series['weight']) ?>.</p>
<?php } ?>
<?php if ($found['retest'] !== []) { ?><h2>Take again</h2><p><?= implode(', ', array_map(static fn (array $r): string => "{$r['frames']} × ".$signed($r['value']).' at '.round($r['distance_m'], 1).' m', $found['retest'])) ?></p><?php } ?>
<?php } ?>
</body></html>
