<?php

declare(strict_types=1);

/* What only screens show. */

return [
    'difference.nothing' => 'nothing',
    'difference.yes' => 'yes',
    'difference.no' => 'no',
    'difference.several' => '{count, plural, one {one} other {#}}',
];
