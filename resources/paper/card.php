<?php declare(strict_types=1);

/**
 * A card on paper.
 *
 * @var array<string, mixed> $card
 * @var App\Outings\CardFile $paper
 * @var Closure(mixed): string $text  as HTML
 * @var Closure(mixed): string $clock
 */
$small = $paper === App\Outings\CardFile::A6;
$own = static fn (array $line): string => $text($line['label']).($line['own'] === null ? '' : ' <i>'.$text($line['own']['label']).'</i>');
$byHand = static fn (array $rush): ?string => $rush['hold']['focus']['technique'] === 'auto' ? null : $text(array_column($rush['lines'], 'label', 'setting')['focus.technique'] ?? '');
$first = ['focus.area', 'focus.mode', 'focus.detect', 'focus.start_at_m', 'focus.range_m', 'aim'];
?>
<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title><?= $text($card['name']) ?></title>
<style>
@page { margin: <?= $small ? '7mm 6mm' : '13mm' ?>; }
body { font-family: 'DejaVu Sans'; font-size: <?= $small ? '8pt' : '9pt' ?>; line-height: 1.3; color: #000; }
h1 { font-size: <?= $small ? '12pt' : '14pt' ?>; line-height: 1.15; margin: 0 0 1mm; }
h2 { font-size: 10pt; margin: 3mm 0 1mm; }
p { margin: 0 0 1.2mm; }
.when { font-size: 8pt; border-bottom: 0.6mm solid #000; padding-bottom: 1mm; margin-bottom: 2mm; }
.press { font-size: <?= $small ? '11pt' : '12pt' ?>; font-weight: bold; border: 0.5mm solid #000; padding: 1.2mm 2mm; margin-bottom: 2mm; }
.exposure { font-size: <?= $small ? '12pt' : '13pt' ?>; font-weight: bold; margin-bottom: 2mm; }
table { width: 100%; border-collapse: collapse; }
td { padding: 0.5mm 1mm 0.5mm 0; vertical-align: top; border-bottom: 0.15mm solid #999; }
td:first-child { width: 34%; }
i { font-style: italic; }
.rush { page-break-inside: avoid; <?= $small ? 'page-break-after: always;' : 'margin-bottom: 6mm;' ?> }
.tick { display: inline-block; width: 2.6mm; height: 2.6mm; border: 0.3mm solid #000; }
.small { font-size: 7pt; }
</style>
</head>
<body>
<?php foreach ($card['rushes'] as $i => $rush) { ?>
<div class="rush">
<h1><?= $text($rush['name']) ?></h1>
<p class="when"><?= $rush['planned'] === null ? 'No time planned' : $clock($rush['planned']['from']).'–'.$clock($rush['planned']['to']) ?>,
best about <?= $clock($rush['best']['at']) ?>. <?= $i + 1 ?> of <?= count($card['rushes']) ?>, <?= $text($card['name']) ?> <?= $text(substr($card['from'], 0, 10)) ?></p>
<p class="press"><?= $byHand($rush) ?? ($rush['by'] === null ? 'Press as usual' : 'Hold '.$text($rush['by']['name']).($rush['by']['own'] === null ? '' : ' <i>'.$text($rush['by']['own']['label']).'</i>')) ?></p>
<p class="exposure"><?= $text($rush['shutter']) ?> &nbsp; <?= $text($rush['aperture']) ?> &nbsp; <?= $text($rush['iso']) ?></p>
<?php if ($rush['changes'] !== null && ($rush['changes']['says'] !== [] || $rush['changes']['kit'] !== [])) { ?>
<p><b>Change first:</b> <?= implode('; ', array_map($text, [...array_map(static fn (array $k): string => "$k[part] to $k[to]", $rush['changes']['kit']), ...$rush['changes']['says']])) ?></p>
<?php } ?>
<table>
<?php foreach ([true, false] as $leading) {
    foreach ($rush['lines'] as $line) {
        if (in_array($line['setting'], $first, true) === $leading && ! in_array($line['setting'], ['focus.technique', 'focus.eye'], true)) { ?>
<tr><td><?= $text($line['name']) ?></td><td><?= $own($line) ?></td></tr>
<?php }
        }
} ?>
</table>
<?php if ($rush['habit'] !== '') { ?><p style="margin-top: 1.5mm"><b>Before it moves:</b> <?= $text($rush['habit']) ?></p><?php } ?>
<?php foreach ($rush['cautions'] as $caution) { ?><p class="small"><?= $text($caution) ?></p><?php } ?>
</div>
<?php } ?>
<?php foreach ($card['buttons'] as $buttons) { ?>
<h2>Buttons: <?= $text($buttons['body']) ?></h2>
<table>
<tr><td>At rest</td><td><?= implode(', ', array_map($own, $buttons['rest'])) ?></td></tr>
<?php foreach ($buttons['controls'] as $control) { ?>
<tr><td><?= $text($control['name']) ?></td><td><?= $control['lines'] === [] ? $text($control['says']) : implode(', ', array_map($own, $control['lines'])) ?></td></tr>
<?php } ?>
</table>
<?php } ?>
<h2>Before leaving</h2>
<?php foreach ($card['checklist'] as $item) { ?><p><span class="tick"></span> <?= $text($item) ?></p><?php } ?>
<?php foreach ($card['cautions'] as $caution) { ?><p class="small"><?= $text($caution) ?></p><?php } ?>
<p class="small">Worked out by a model: a first guess to start from.</p>
</body>
</html>
