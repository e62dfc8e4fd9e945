<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;

/** Something that takes playing to answer. It can be serialized, and the same question has the same answer. */
interface Question
{
    /**
     * @param  Closure(string): void  $early  hears what is known of the answer, as JSON, before all of it is
     * @return string the answer as JSON
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public function answer(Stage $stage, Closure $early): string;
}
