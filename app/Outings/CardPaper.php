<?php

declare(strict_types=1);

namespace App\Outings;

use App\Documents\Sheet;
use Dompdf\Dompdf;

/**
 * A card on paper, black on white: on A6 a page for each rush, one for the buttons and one for the checklist, each
 * fitted to its page; on A4 eight of them to cut out.
 */
final class CardPaper
{
    /** Letters so large, of their usual size, until a page holds what is on it. */
    private const SIZES = [1.0, 0.95, 0.9, 0.86, 0.82, 0.79, 0.76, 0.72, 0.69, 0.65];

    /** With letters smaller than this, the way of the subject and the exposures by the hour stay away; */
    public const PLAIN = 0.68;

    /** smaller than this, all settings but the nine that matter most. */
    public const BARE = 0.68;

    /** On a card to cut out there is room for so many settings, and of the checklist for so many things. */
    public const SHORT = 6;

    public const SHORT_LIST = 12;

    /** @param  array<string, mixed>  $card  as CardDocument writes it */
    public static function of(array $card, CardFile $paper): string
    {
        $sizes =
            $paper === CardFile::A6
                ? array_map(static fn (array $page): float => self::fitting($card, $page), self::pages($card))
                : [];

        return (string) self::drawn(self::html($card, $paper, self::pages($card), $sizes), $paper)->output();
    }

    /**
     * @param  array<string, mixed>  $card
     * @param  list<array{string, int}>|null  $pages  what stands on which page; null: all there is
     * @param  list<float>  $sizes  of the letters on each page
     */
    public static function html(array $card, CardFile $paper, ?array $pages = null, array $sizes = []): string
    {
        $pages ??= self::pages($card);
        $text = static fn (mixed $said): string => htmlspecialchars(
            is_scalar($said) ? (string) $said : '',
            ENT_QUOTES | ENT_SUBSTITUTE,
        );
        $clock = static fn (mixed $at): string => is_string($at) ? substr($at, 11, 5) : '';
        ob_start();
        require dirname(__DIR__, 2).'/resources/paper/'.($paper === CardFile::A6 ? 'card.php' : 'sheet.php');

        return (string) ob_get_clean();
    }

    /**
     * What stands on which page, in order.
     *
     * @param  array<string, mixed>  $card
     * @return list<array{string, int}> rush, buttons or checklist, and its number
     */
    private static function pages(array $card): array
    {
        $each = static fn (string $what, mixed $all): array => array_map(
            static fn (int $i): array => [$what, $i],
            array_keys(array_values((array) $all)),
        );

        return [...$each('rush', $card['rushes'] ?? []), ...$each('buttons', $card['buttons'] ?? []), ['checklist', 0]];
    }

    /**
     * The largest letters with which it fits its page.
     *
     * @param  array<string, mixed>  $card
     * @param  array{string, int}  $page
     */
    private static function fitting(array $card, array $page): float
    {
        foreach (self::SIZES as $size) {
            if (
                self::drawn(self::html($card, CardFile::A6, [$page], [$size]), CardFile::A6)
                    ->getCanvas()
                    ->get_page_count() === 1
            ) {
                return $size;
            }
        }

        return self::SIZES[count(self::SIZES) - 1];
    }

    private static function drawn(string $html, CardFile $paper): Dompdf
    {
        return Sheet::drawn($html, $paper->value, $paper === CardFile::A4);
    }
}
