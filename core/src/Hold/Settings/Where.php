<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

/** Lists that tell some settings of a hold. */
enum Where
{
    /** What an outing's card says under the button. */
    case Card;

    /** The pocket table. */
    case Pocket;

    /** What set-ups of a ranking differ in; distances and ISO follow from these. */
    case Ranking;

    /** A line that has room for little. */
    case Short;

    /** What cameras have words of their own for. */
    case OwnWord;
}
