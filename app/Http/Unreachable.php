<?php

declare(strict_types=1);

namespace App\Http;

use PDOException;
use RushHold\Words\Words;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Throwable;

/** Tells a database that cannot be reached, or takes nobody more, from a fault of ours. */
final class Unreachable
{
    /** What MariaDB and its driver call it: no connection, gone away, lost while asking, too many. */
    private const CODES = [1040, 1203, 1053, 2002, 2003, 2006, 2013, 4031];

    private const RETRY_AFTER_S = 3;

    public static function asBusy(PDOException $thrown): Throwable
    {
        $code = (int) ($thrown->errorInfo[1] ?? 0);
        if (
            ! in_array($code, self::CODES, true) &&
            preg_match('/SQLSTATE\[HY000] \[20\d\d]|gone away|lost connection/i', $thrown->getMessage()) !== 1
        ) {
            return $thrown;
        }
        // Without what was asked: that is the person's.
        logger()->critical("The database does not answer ($code).");

        return new ServiceUnavailableHttpException(
            self::RETRY_AFTER_S,
            Words::text('http.unreachable.the-server-is-being-looked'),
        );
    }
}
