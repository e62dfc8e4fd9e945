<?php

declare(strict_types=1);

/* What a terminal shows of a plan or of one hold that was played. */

return [
    'page.kept' => 'Keeps {one, select, yes {{low}} other {{low} to {high}}} of {frames, plural, one {# frame} other {# frames}} ({share}), simulated.',
    'page.important' => 'Matters most here',
    'page.focus' => 'Focus',
    'page.exposure' => 'Exposure',
    'page.shooting' => 'Shooting',
    'page.idle' => 'No effect here: {settings}.',
    'page.pinned' => 'pinned',
    'page.lost' => 'Lost frames of a pass, by cause',
    'page.others' => 'Other holds, against the first',
    'page.fewer' => '{frames, plural, one {# frame} other {# frames}} fewer',
    'page.same' => 'as many',
    'page.help' => 'What would help',
    'page.more' => '+{frames, plural, one {# frame} other {# frames}}',
    'page.misfits' => 'Won’t work here',
    'page.cautions' => 'Safety',
    'page.changes' => 'To set on the camera',
    'page.change' => '{name}: {from} → {to}',
    'page.played' => '{tried} holds simulated.',
    'page.played-once' => 'Simulated {runs} times.',
    'page.any' => 'At least one keeper in {share} of the passes; the first after {seconds} on average.',
];
