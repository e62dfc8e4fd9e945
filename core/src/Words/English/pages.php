<?php

declare(strict_types=1);

/* What a terminal shows of a plan or of one hold that was played. */

return [
    'page.kept' => 'Keeps {low} to {high} of {frames, plural, one {# frame} other {# frames}} ({share}), by the model.',
    'page.important' => 'Matters most here',
    'page.focus' => 'Focus',
    'page.exposure' => 'Exposure',
    'page.shooting' => 'Shooting',
    'page.idle' => 'Not in play here: {settings}.',
    'page.pinned' => 'pinned',
    'page.lost' => 'What loses the rest, in frames of a pass',
    'page.others' => 'Other set-ups, against the first',
    'page.fewer' => '{frames, plural, one {# frame} other {# frames}} fewer',
    'page.same' => 'as many',
    'page.help' => 'What would help',
    'page.more' => '+{frames, plural, one {# frame} other {# frames}}',
    'page.misfits' => 'Cannot be had here',
    'page.cautions' => 'Take care',
    'page.changes' => 'To change on the camera',
    'page.change' => '{name}: {from} → {to}',
    'page.played' => '{tried} set-ups played.',
    'page.played-once' => 'Played {runs} times.',
    'page.any' => 'At least one keeper in {share} of the passes; the first after {seconds} on average.',
];
