<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

/** What can be wrong with a decal. Source: handbook sections 3 to 6. */
enum SnagCode: string
{
    case ThinStroke = 'thin-stroke';
    case SmallIsland = 'small-island';
    case SmallCounter = 'small-counter';
    case TightGap = 'tight-gap';
    case LooseInside = 'loose-inside';
    case OutsideSafeArea = 'outside-safe-area';
    case LettersOverEdge = 'letters-over-edge';
    case GuideInCut = 'guide-in-cut';
    case Droop = 'droop';
    case BallStrain = 'ball-strain';
    case TooSmallToRead = 'too-small-to-read';
    case TooLargeForMachine = 'too-large-for-machine';
    case TooLargeForFilm = 'too-large-for-film';
    case TooLargeToPrint = 'too-large-to-print';
    case TooWideForTape = 'too-wide-for-tape';
    case FilmAndUse = 'film-and-use';
    case FilmAndSurface = 'film-and-surface';
    case IndoorsOnly = 'indoors-only';
    case NotPrintable = 'not-printable';
    case WetPaint = 'wet-paint';
    case WhiteOnWhite = 'white-on-white';
    case DarkFilm = 'dark-film';
    case Patterned = 'patterned';
    case PoorContrast = 'poor-contrast';
    case Register = 'register';
    case ElementsOverlap = 'elements-overlap';
    case TooManyFilms = 'too-many-films';
}
