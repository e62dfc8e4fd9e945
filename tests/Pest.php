<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\DatabaseTransactions;
use Tests\Browser\BrowserTestCase;
use Tests\Running\RunningTestCase;
use Tests\TestCase;

// For several files, each of which may run alone.
require_once __DIR__.'/functions.php';

pest()->extend(TestCase::class)->use(DatabaseTransactions::class)->in('Feature', 'Fuzz');
pest()->extend(RunningTestCase::class)->in('Running');
pest()->extend(BrowserTestCase::class)->in('Browser');
