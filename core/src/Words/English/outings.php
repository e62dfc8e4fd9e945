<?php

declare(strict_types=1);

/* What is said of outings: what is looked at before leaving. */

return [
    'check.firmware' => '{name}: firmware up to date',
    'check.contacts' => '{name}: contacts clean and dry. Wipe gently with a cleaner meant for electrical contacts, or leave it to a technician.',
    'check.card' => '{name}: card empty, battery full, a spare of each in the bag',
    'check.sets' => '{name}: its buttons hold the sets of this outing',
    'check.switch' => '{name}: switched to autofocus',
    'check.first' => 'Set for “{rush}”: {settings}',
    'check.own' => '{value} (“{own}”)',
    'check.detect' => 'detection {kind_within}',
    'check.stabiliser' => 'stabiliser {how_within}',
    'check.patience' => 'patience {seconds}',
    'check.range' => 'Focus limiter from {near}',
    'check.range.full' => 'Focus limiter at full range',

    'left-out.window' => 'It takes {minutes, plural, one {a minute} other {# minutes}}, more than its hours leave within the outing.',
    'left-out.nothing' => 'It keeps nothing in any of its hours: there is not enough light.',
    'left-out.room' => 'The others are worth more, and there is no time left.',
    'left-out.order' => 'It is not in the order you set.',

    'exposure.all' => '{shutter}, {f}, ISO {iso}',
    'card.iso' => 'ISO {iso}',
];
