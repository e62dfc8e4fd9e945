<?php

declare(strict_types=1);

/* What only screens show. */

return [
];
