<?php

declare(strict_types=1);

namespace App\Documents;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Writes what is printed, from a page of HTML of `resources/paper`, without anything from outside. */
final class Sheet
{
    private static ?string $fonts = null;

    /** @param  string  $size  such as a4 */
    public static function drawn(string $html, string $size, bool $landscape = false): Dompdf
    {
        $temporary = sys_get_temp_dir();
        $dompdf = new Dompdf(
            new Options([
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'isJavascriptEnabled' => false,
                'defaultFont' => 'DejaVu Sans',
                'fontDir' => self::fonts(),
                'fontCache' => self::fonts(),
                'tempDir' => $temporary,
                'chroot' => dirname(__DIR__, 2).'/resources/paper',
            ]),
        );
        $dompdf->setPaper($size, $landscape ? 'landscape' : 'portrait');
        $dompdf->loadHtml($html);
        $dompdf->render();

        return $dompdf;
    }

    /** What is known of the letters, for this process alone: no two write it at once. */
    private static function fonts(): string
    {
        if (self::$fonts === null) {
            $folder = self::$fonts = sys_get_temp_dir().'/rush-hold-letters-'.getmypid();
            is_dir($folder) || mkdir($folder, 0o700);
            register_shutdown_function(static function () use ($folder): void {
                array_map(unlink(...), glob("$folder/*") ?: []);
                is_dir($folder) && rmdir($folder);
            });
        }

        return self::$fonts;
    }
}
