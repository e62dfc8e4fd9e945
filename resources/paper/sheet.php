<?php declare(strict_types=1);

/**
 * Eight small cards on a sheet of A4 to cut out: the rushes, then the buttons and the checklist.
 *
 * @var array<string, mixed> $card
 * @var list<array{string, int}> $pages
 * @var Closure(mixed): string $text  as HTML
 * @var Closure(mixed): string $clock
 */
use App\Outings\CardDrawing;
use App\Outings\CardPaper;
use RushHold\Words\Words;

$own = static fn (array $line): string => $text($line['own']['label'] ?? $line['label']);
$short = static fn (string $said, int $most): string => mb_strlen($said) > $most ? mb_substr($said, 0, $most - 1).'…' : $said;
$label = static fn (array $rush, string $setting): string => $text(array_column($rush['lines'], 'label', 'setting')[$setting] ?? '');
$press = static fn (array $rush): string => $rush['hold']['focus']['technique'] !== 'auto' ? $label($rush, 'focus.technique') : ($rush['by'] === null ? Words::text('paper.card.press-as-usual') : Words::text('paper.card.hold', ['button' => $text($rush['by']['own']['label'] ?? $rush['by']['name'])]));
$first = ['focus.area', 'focus.start_at_m', 'focus.detect', 'focus.mode', 'focus.range_m', 'aim', 'focus.patience_s', 'focus.nimble', 'stabiliser'];
[$wide, $high] = [297 / 4, 210 / 2];
?>
<!DOCTYPE html>
<html lang="<?= Words::language() ?>">
<head>
<meta charset="utf-8">
<title><?= $text($card['name']) ?></title>
<style>
<?php require __DIR__.'/parts.php'; ?>
@page { margin: 0; }
body { font-family: Card, CardExt, 'DejaVu Sans'; font-size: 8.2pt; line-height: 1.2; color: #000; margin: 0; }
.sheet { position: relative; width: 297mm; height: 209mm; page-break-after: always; }
.sheet.last { page-break-after: auto; }
.card { position: absolute; width: <?= $wide - 10 ?>mm; height: <?= $high - 10 ?>mm; padding: 5mm; overflow: hidden; }
.cut { position: absolute; border: 0 dashed #777; }
h1 { font-size: 11.5pt; line-height: 1.1; margin: 0 0 0.6mm; }
p { margin: 0 0 1mm; }
.when { border-bottom: 0.5mm solid #000; padding-bottom: 0.8mm; margin-bottom: 1.2mm; font-size: 7.6pt; }
.press { font-size: 11pt; font-weight: bold; margin-bottom: 1mm; }
.exposure { font-size: 13pt; font-weight: bold; line-height: 1.1; margin: 1mm 0; }
table { width: 100%; border-collapse: collapse; }
.lines td { padding: 0.25mm 0.8mm 0.25mm 0; vertical-align: top; border-bottom: 0.15mm solid #999; }
.lines td.name { width: 36%; }
.lines td.value { font-weight: bold; }
.tick { display: inline-block; width: 0.8em; height: 0.8em; border: 0.3mm solid #000; }
</style>
</head>
<body>
<?php foreach (array_chunk($pages, 8) as $n => $eight) { ?>
<div class="sheet<?= 8 * ($n + 1) >= count($pages) ? ' last' : '' ?>">
<div class="cut" style="left: 0; top: 0; width: 1mm; height: 1mm"></div>
<?php foreach ([1, 2, 3] as $line) { ?><div class="cut" style="left: <?= $line * $wide ?>mm; top: 0; height: 209mm; border-left-width: 0.2mm"></div><?php } ?>
<div class="cut" style="left: 0; top: <?= $high ?>mm; width: 297mm; border-top-width: 0.2mm"></div>
<?php foreach ($eight as $k => [$what, $i]) { ?>
<div class="card" style="left: <?= ($k % 4) * $wide ?>mm; top: <?= intdiv($k, 4) * $high ?>mm">
<?php if ($what === 'rush') {
    $rush = $card['rushes'][$i];
    $lines = array_filter($rush['lines'], static fn (array $line): bool => in_array($line['setting'], $first, true));
    usort($lines, static fn (array $a, array $b): int => array_search($a['setting'], $first, true) <=> array_search($b['setting'], $first, true));
    ?>
<h1><?= $text($short($rush['name'], 44)) ?></h1>
<p class="when"><?= $rush['planned'] === null ? Words::text('paper.card.no-time') : $clock($rush['planned']['from']).'–'.$clock($rush['planned']['to']) ?>, <?= Words::text('paper.card.best-about', ['at' => $clock($rush['best']['at'])]) ?></p>
<p class="press"><?= $press($rush) ?></p>
<img src="<?= CardDrawing::frame($rush['drawn']) ?>" style="width: 38mm">
<p class="exposure"><?= $text($rush['shutter']) ?> &nbsp;<?= $text($rush['aperture']) ?> &nbsp;<?= $text($rush['iso']) ?></p>
<table class="lines">
<?php foreach (array_slice($lines, 0, CardPaper::SHORT) as $line) { ?><tr><td class="name"><?= $text($line['name']) ?></td><td class="value"><?= $own($line) ?></td></tr><?php } ?>
</table>
<?php } elseif ($what === 'buttons') {
    $buttons = $card['buttons'][$i]; ?>
<h1><?= Words::text('paper.card.buttons') ?></h1>
<p class="when"><?= $text($short($buttons['body'], 40)) ?></p>
<table class="lines">
<tr><td class="name"><?= Words::text('paper.card.at-rest') ?></td><td class="value"><?= implode(', ', array_map($own, $buttons['rest'])) ?></td></tr>
<?php foreach (array_slice($buttons['controls'], 0, 7) as $control) { ?><tr><td class="name"><?= $text($control['own']['label'] ?? $control['name']) ?></td><td class="value"><?= $control['lines'] === [] ? $text($control['says']) : implode(', ', array_map($own, array_slice($control['lines'], 0, 4))) ?></td></tr><?php } ?>
</table>
<?php } else { ?>
<h1><?= Words::text('paper.card.before-leaving') ?></h1>
<p class="when"><?= $text($short($card['name'], 32)) ?> <?= $text(substr($card['from'], 0, 10)) ?></p>
<?php foreach (array_slice($card['checklist'], 0, CardPaper::SHORT_LIST) as $item) { ?><p><span class="tick"></span> <?= $text($short($item, 70)) ?></p><?php } ?>
<?php } ?>
</div>
<?php } ?>
</div>
<?php } ?>
</body>
</html>
