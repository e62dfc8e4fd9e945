<?php declare(strict_types=1);

/**
 * A card on A6: a rush to a page, then the buttons and the checklist.
 *
 * @var array<string, mixed> $card
 * @var list<array{string, int}> $pages
 * @var list<float> $sizes  of the letters on each page
 * @var Closure(mixed): string $text  as HTML
 * @var Closure(mixed): string $clock
 */
use App\Outings\CardDrawing;
use App\Outings\CardPaper;
use RushHold\Words\Words;

$own = static fn (array $line): string => $text($line['label']).($line['own'] === null ? '' : ' <span class="own">'.$text($line['own']['label']).'</span>');
$label = static fn (array $rush, string $setting): string => $text(array_column($rush['lines'], 'label', 'setting')[$setting] ?? '');
$press = static fn (array $rush): string => $rush['hold']['focus']['technique'] !== 'auto' ? $label($rush, 'focus.technique')
    : ($rush['by'] === null ? Words::text('paper.card.press-as-usual') : Words::text('paper.card.hold', ['button' => $text($rush['by']['name'])]).($rush['by']['own'] === null ? '' : ' <span class="own">'.$text($rush['by']['own']['label']).'</span>'));
$first = ['focus.area', 'focus.mode', 'focus.detect', 'focus.start_at_m', 'focus.range_m', 'aim'];
$metres = static fn (float $m): string => ($m < 10 ? rtrim(rtrim(number_format($m, 1, '.', ''), '0'), '.') : (string) round($m)).' m';
?>
<!DOCTYPE html>
<html lang="<?= Words::language() ?>">
<head>
<meta charset="utf-8">
<title><?= $text($card['name']) ?></title>
<style>
<?php require __DIR__.'/parts.php'; ?>
@page { margin: 5mm 6mm; }
body { font-family: Card, CardExt, 'DejaVu Sans'; font-size: 10pt; line-height: 1.15; color: #000; margin: 0; }
.page.next { page-break-before: always; }
h1 { font-size: 1.55em; line-height: 1.1; margin: 0 0 0.8mm; }
p { margin: 0 0 0.8mm; }
.when { border-bottom: 0.6mm solid #000; padding-bottom: 0.6mm; margin-bottom: 1.2mm; font-size: 0.92em; }
table { width: 100%; border-collapse: collapse; }
.top td { vertical-align: middle; padding: 0; }
.press { font-size: 1.5em; line-height: 1.12; font-weight: bold; }
.exposure { font-size: 2.1em; font-weight: bold; line-height: 1.05; margin: 1.2mm 0 0.8mm; }
.exposure td { padding: 0; }
.lines td { padding: 0.35mm 1mm 0.35mm 0; vertical-align: top; border-bottom: 0.15mm solid #888; }
.lines td.name { width: 32%; }
.lines td.value { font-weight: bold; }
.lines td.line { width: 33.3%; line-height: 1.12; }
.line .name { font-size: 0.8em; }
.own { font-weight: normal; border: 0.2mm solid #000; padding: 0 0.8mm; }
.hours { margin-top: 1.4mm; font-size: 0.86em; }
.hours td { text-align: center; padding: 0.2mm 0; border-left: 0.15mm solid #888; }
.hours td:first-child { border-left: 0; }
.hours .now td, .hours td.now { font-weight: bold; }
.small { font-size: 0.84em; margin-bottom: 0.6mm; }
.tick { display: inline-block; width: 0.8em; height: 0.8em; border: 0.3mm solid #000; }
</style>
</head>
<body>
<?php foreach ($pages as $n => [$what, $i]) { ?>
<div class="page<?= $n > 0 ? ' next' : '' ?>" style="font-size: <?= round(10 * ($sizes[$n] ?? 1.0), 2) ?>pt">
<?php if ($what === 'rush') {
    $size = $sizes[$n] ?? 1.0;
    $rush = $card['rushes'][$i];
    // A quarter of an hour to the hour, four of them around its time.
    $hours = array_values(array_filter($rush['by_time'], static fn (array $at): bool => substr($at['at'], 14, 2) === '00' || substr($at['at'], 14, 2) === '30'));
    $mine = $rush['planned']['from'] ?? $rush['best']['at'];
    $from = max(0, min(count($hours) - 5, count(array_filter($hours, static fn (array $at): bool => $at['at'] <= $mine)) - 2));
    $hours = array_slice($hours, $from, 5);
    ?>
<h1><?= $text($rush['name']) ?></h1>
<p class="when"><?= $rush['planned'] === null ? Words::text('paper.card.no-time') : $clock($rush['planned']['from']).'–'.$clock($rush['planned']['to']) ?>,
<?= Words::text('paper.card.best-about', ['at' => $clock($rush['best']['at'])]) ?>. <?= Words::text('paper.card.of', ['at' => $i + 1, 'all' => count($card['rushes'])]) ?>, <?= $text($card['name']) ?> <?= $text(substr($card['from'], 0, 10)) ?></p>
<table class="top"><tr>
<td style="width: 48%"><p class="press"><?= $press($rush) ?></p><img src="<?= CardDrawing::hands($rush['hold']['focus']['technique'] === 'auto' ? $rush['by']['place'] ?? 'half-press' : 'lens') ?>" style="width: <?= round(33 * $size) ?>mm"></td>
<td style="width: 52%; text-align: right"><img src="<?= CardDrawing::frame($rush['drawn']) ?>" style="width: <?= round(46 * $size) ?>mm"></td>
</tr></table>
<table class="exposure"><tr><td><?= $text($rush['shutter']) ?></td><td style="text-align: center"><?= $text($rush['aperture']) ?></td><td style="text-align: right"><?= $text($rush['iso']) ?></td></tr></table>
<?php if ($rush['changes'] !== null && ($rush['changes']['says'] !== [] || $rush['changes']['kit'] !== [])) { ?>
<p><b><?= Words::text('paper.card.change-first') ?></b> <?= implode('; ', array_map($text, [...array_map(static fn (array $k): string => Words::text('paper.card.part-to', ['part' => $k['part'], 'to' => $k['to']]), $rush['changes']['kit']), ...$rush['changes']['says']])) ?></p>
<?php } ?>
<table class="lines">
<?php
    $leading = static fn (bool $is): array => array_values(array_filter($rush['lines'], static fn (array $line): bool => in_array($line['setting'], $first, true) === $is && ! in_array($line['setting'], ['focus.technique', 'focus.eye'], true)));
    foreach (array_chunk(array_slice([...$leading(true), ...$leading(false)], 0, $size < CardPaper::BARE ? 9 : null), 3) as $three) { ?>
<tr><?php foreach ($three as $line) { ?><td class="line"><span class="name"><?= $text($line['name']) ?></span><br><b><?= $own($line) ?></b></td><?php } ?><?= str_repeat('<td class="line"></td>', 3 - count($three)) ?></tr>
<?php } ?>
</table>
<?php if ($size >= CardPaper::PLAIN) { ?>
<table class="top" style="margin-top: 1mm"><tr>
<td style="width: 44%"><img src="<?= CardDrawing::lane($rush['drawn'], $metres) ?>" style="width: <?= round(44 * $size) ?>mm"></td>
<td style="width: 56%"><table class="hours">
<tr><?php foreach ($hours as $at) { ?><td<?= $at['at'] === $mine ? ' class="now"' : '' ?>><?= $clock($at['at']) ?></td><?php } ?></tr>
<tr><?php foreach ($hours as $at) { ?><td<?= $at['at'] === $mine ? ' class="now"' : '' ?>><?= $text(str_replace(' s', '', $at['shutter'])) ?></td><?php } ?></tr>
<tr><?php foreach ($hours as $at) { ?><td<?= $at['at'] === $mine ? ' class="now"' : '' ?>><?= $text(str_replace('ISO ', '', $at['iso'])) ?></td><?php } ?></tr>
</table></td>
</tr></table>
<?php } ?>
<?php if ($rush['habit'] !== '') { ?><p style="margin-top: 1.2mm"><b><?= Words::text('paper.card.before-it-moves') ?></b> <?= $text($rush['habit']) ?></p><?php } ?>
<?php foreach ($rush['cautions'] as $caution) { ?><p class="small"><?= $text($caution) ?></p><?php } ?>
<?php } elseif ($what === 'buttons') {
    $buttons = $card['buttons'][$i]; ?>
<h1><?= Words::text('paper.card.buttons') ?></h1>
<p class="when"><?= $text($buttons['body']) ?>, <?= $text($card['name']) ?></p>
<?php if (count($buttons['controls']) > 1) { ?><p style="text-align: center"><img src="<?= CardDrawing::hands(...array_column($buttons['controls'], 'place')) ?>" style="width: 62mm"></p><?php } ?>
<table class="lines">
<tr><td class="name"><?= Words::text('paper.card.at-rest') ?></td><td class="value"><?= implode(', ', array_map($own, $buttons['rest'])) ?></td></tr>
<?php foreach ($buttons['controls'] as $k => $control) { ?>
<tr><td class="name"><b><?= $k + 1 ?></b> <?= $text($control['name']) ?><?= $control['own'] === null ? '' : ' <span class="own">'.$text($control['own']['label']).'</span>' ?></td><td class="value"><?= $control['lines'] === [] ? $text($control['says']) : implode(', ', array_map($own, $control['lines'])) ?></td></tr>
<?php } ?>
</table>
<?php } else { ?>
<h1><?= Words::text('paper.card.before-leaving') ?></h1>
<p class="when"><?= $text($card['name']) ?> <?= $text(substr($card['from'], 0, 10)) ?></p>
<?php foreach ($card['checklist'] as $item) { ?><p><span class="tick"></span> <?= $text($item) ?></p><?php } ?>
<?php foreach ($card['cautions'] as $caution) { ?><p class="small"><?= $text($caution) ?></p><?php } ?>
<p class="small"><?= Words::text('paper.card.model') ?></p>
<?php } ?>
</div>
<?php } ?>
</body>
</html>
