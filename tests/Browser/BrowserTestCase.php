<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

abstract class BrowserTestCase extends TestCase
{
}
