<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\ByteStream\BufferedReader;
use Amp\ByteStream\ReadableStream;
use UnexpectedValueException;

/** A request as the web server hands it on: SCGI, which is a netstring of headers and the body. */
final readonly class ScgiRequest
{
    private const LONGEST_HEADERS = 64_000;

    private const LONGEST_BODY = 4_000_000;

    /** @param  array<string, string>  $headers */
    private function __construct(public array $headers, public string $body)
    {
    }

    /** @throws UnexpectedValueException if this is no SCGI, or too long */
    public static function read(ReadableStream $stream): self
    {
        $reader = new BufferedReader($stream);
        for ($length = ''; ($digit = $reader->readLength(1)) !== ':'; $length .= $digit) {
            if (! ctype_digit($digit) || strlen($length) > 5) {
                throw new UnexpectedValueException('This is no SCGI request.');
            }
        }
        if ((int) $length > self::LONGEST_HEADERS) {
            throw new UnexpectedValueException('This request is too long.');
        }
        $parts = explode("\0", $reader->readLength((int) $length));
        array_pop($parts);
        $reader->readLength(1);
        $headers = [];
        foreach (array_chunk($parts, 2) as $pair) {
            $headers[$pair[0]] = $pair[1] ?? '';
        }
        $bytes = $headers['CONTENT_LENGTH'] ?? '0';
        if (! ctype_digit($bytes) || (int) $bytes > self::LONGEST_BODY) {
            throw new UnexpectedValueException('This request is too long.');
        }

        return new self($headers, (int) $bytes === 0 ? '' : $reader->readLength((int) $bytes));
    }

    /** @param  array<string, string>  $headers */
    public static function write(array $headers, string $body): string
    {
        $block = '';
        foreach (['CONTENT_LENGTH' => (string) strlen($body), 'SCGI' => '1', ...$headers] as $name => $value) {
            $block .= "$name\0$value\0";
        }

        return strlen($block).":$block,$body";
    }
}
