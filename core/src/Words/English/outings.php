<?php

declare(strict_types=1);

/* What is said of outings: what is looked at before leaving. */

return [
    'check.firmware' => '{name}: firmware up to date',
    'check.contacts' => '{name}: contacts clean and dry. Wipe gently with a cleaner meant for electrical contacts, or leave it to a technician.',
    'check.card' => '{name}: card empty, battery full, a spare of each in the bag',
    'check.sets' => '{name}: its buttons hold the sets of this outing',
    'check.switch' => '{name}: switched to automatic focus',
    'check.first' => 'Set for “{rush}”: {settings}, patience {seconds}',
    'check.range' => 'Range switch from {near}',
    'check.range.full' => 'Range switch open over its whole way',

    'left-out.window' => 'It takes {minutes, plural, one {a minute} other {# minutes}}, and its hours never leave it so many within the outing.',
    'left-out.nothing' => 'It keeps nothing in any of its hours: there is not light enough.',
    'left-out.room' => 'The others are worth more, and no time is left for it.',
    'left-out.order' => 'It is not in the order you set.',

    'exposure.all' => '{shutter}, {f}, ISO {iso}',
    'card.iso' => 'ISO {iso}',
];
