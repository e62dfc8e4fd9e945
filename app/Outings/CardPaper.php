<?php

declare(strict_types=1);

namespace App\Outings;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A card on paper: one rush to a page of A6, or all of them on A4. Black on white. */
final class CardPaper
{
    /** @param  array<string, mixed>  $card  as CardDocument writes it */
    public static function of(array $card, CardFile $paper): string
    {
        $temporary = sys_get_temp_dir();
        $dompdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontCache' => $temporary, 'tempDir' => $temporary, 'chroot' => dirname(__DIR__, 2).'/resources/paper']));
        $dompdf->setPaper($paper->value);
        $dompdf->loadHtml(self::html($card, $paper));
        $dompdf->render();

        return (string) $dompdf->output();
    }

    /** @param  array<string, mixed>  $card */
    public static function html(array $card, CardFile $paper): string
    {
        $text = static fn (mixed $said): string => htmlspecialchars(is_scalar($said) ? (string) $said : '', ENT_QUOTES | ENT_SUBSTITUTE);
        $clock = static fn (mixed $at): string => is_string($at) ? substr($at, 11, 5) : '';
        ob_start();
        require dirname(__DIR__, 2).'/resources/paper/card.php';

        return (string) ob_get_clean();
    }
}
