<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/**
 * The figures a shop may set for itself: each with its unit, its reason and the section
 * of the handbook it comes from. The only place they are written down.
 */
enum Rule: string
{
    case Clearance = 'clearance';
    case DiscClearance = 'disc-clearance';
    case BandClearance = 'band-clearance';
    case AiryClearance = 'airy-clearance';
    case TrimGap = 'trim-gap';
    case FoldsUnder = 'folds-under';
    case HangsOver = 'hangs-over';
    case LeastClearance = 'least-clearance';
    case Seen = 'seen';
    case VehicleFirst = 'vehicle-first';
    case KeepLip = 'keep-lip';
    case KeepSeam = 'keep-seam';
    case KeepHandle = 'keep-handle';
    case KeepHole = 'keep-hole';
    case KeepHinge = 'keep-hinge';
    case BallFlat = 'ball-flat';
    case BallSnips = 'ball-snips';
    case CondenseMost = 'condense-most';
    case StretchMost = 'stretch-most';
    case NarrowRim = 'narrow-rim';
    case GapBetweenOrders = 'gap-between-orders';
    case GapInsideOrder = 'gap-inside-order';
    case SheetEdge = 'sheet-edge';
    case ShortestOffcut = 'shortest-offcut';
    case PlainStroke = 'plain-stroke';
    case PlainIsland = 'plain-island';
    case PlainCounter = 'plain-counter';
    case PlainGap = 'plain-gap';
    case ShowStroke = 'show-stroke';
    case ShowIsland = 'show-island';
    case ShowCounter = 'show-counter';
    case ShowGap = 'show-gap';
    case GlitterStroke = 'glitter-stroke';
    case GlitterIsland = 'glitter-island';
    case GlitterCounter = 'glitter-counter';
    case GlitterGap = 'glitter-gap';
    case GlassStroke = 'glass-stroke';
    case GlassIsland = 'glass-island';
    case GlassCounter = 'glass-counter';
    case GlassGap = 'glass-gap';
    case PrintableStroke = 'printable-stroke';
    case PrintableIsland = 'printable-island';
    case PrintableCounter = 'printable-counter';
    case PrintableGap = 'printable-gap';
    case RemovableLife = 'removable-life';
    case PermanentLife = 'permanent-life';
    case CastLife = 'cast-life';
    case ShowLife = 'show-life';
    case PearlLife = 'pearl-life';
    case PatternedLife = 'patterned-life';
    case PrintableLife = 'printable-life';
    case PrintWide = 'print-wide';
    case PrintHigh = 'print-high';
    case PrintDries = 'print-dries';
    case PrintCoats = 'print-coats';
    case CoatDries = 'coat-dries';
    case GlassLife = 'glass-life';
    case ChalkboardLife = 'chalkboard-life';
    case UseHour = 'use-hour';
    case OutdoorFactor = 'outdoor-factor';
    case VehicleFactor = 'vehicle-factor';
    case ForceRemovable = 'force-removable';
    case ForcePlain = 'force-plain';
    case ForceGlass = 'force-glass';
    case ForcePrint = 'force-print';
    case ForceShow = 'force-show';
    case ForceGlitter = 'force-glitter';
    case ForceChalkboard = 'force-chalkboard';
    case ForceStencil = 'force-stencil';
    case TestRisk = 'test-risk';
    case BladeOffset = 'blade-offset';
    case Overcut = 'overcut';
    case CutSpeed = 'cut-speed';
    case TravelSpeed = 'travel-speed';
    case WeedStart = 'weed-start';
    case WeedPiece = 'weed-piece';
    case WeedCut = 'weed-cut';
    case WeedHard = 'weed-hard';
    case WeedSmall = 'weed-small';
    case ReverseUnder = 'reverse-under';
    case TapeMargin = 'tape-margin';
    case TapeWidth = 'tape-width';
    case TapeOverlap = 'tape-overlap';
    case Hinge = 'hinge';
    case HingeOver = 'hinge-over';
    case TapeKeeps = 'tape-keeps';
    case TapeUses = 'tape-uses';
    case SetUpMinutes = 'set-up-minutes';
    case SetUpFurther = 'set-up-further';
    case SheetMinutes = 'sheet-minutes';
    case PrintMinutes = 'print-minutes';
    case TestMinutes = 'test-minutes';
    case CoatFurther = 'coat-further';
    case YesDays = 'yes-days';
    case VehicleTape = 'vehicle-tape';
    case LayersFirst = 'layers-first';
    case WetSchool = 'wet-school';
    case WetWait = 'wet-wait';
    case BubblesOver = 'bubbles-over';
    case ClearTapeUpTo = 'clear-tape-up-to';
    case FilmsOnTop = 'films-on-top';
    case ReadJust = 'read-just';
    case VehicleLetter = 'vehicle-letter';
    case VehicleOverAll = 'vehicle-over-all';
    case WeedBoxAway = 'weed-box-away';
    case RecutShare = 'recut-share';
    case JoinPart = 'join-part';
    case BenchHour = 'bench-hour';
    case MaterialMargin = 'material-margin';
    case FilmPrice = 'film-price';
    case TapePrice = 'tape-price';
    case BladePrice = 'blade-price';
    case BlankPrice = 'blank-price';
    case MinimumOrder = 'minimum-order';
    case RushShare = 'rush-share';
    case RushDays = 'rush-days';
    case LongerHours = 'longer-hours';
    case QuoteDays = 'quote-days';
    case RoundMinutes = 'round-minutes';
    case ParcelPrice = 'parcel-price';
    case ParcelDays = 'parcel-days';
    case RestockDays = 'restock-days';
    case CoatPrice = 'coat-price';
    case InkPrice = 'ink-price';
    case RoundTo = 'round-to';
    case FewFrom = 'few-from';
    case FewLess = 'few-less';
    case SomeFrom = 'some-from';
    case SomeLess = 'some-less';
    case ManyFrom = 'many-from';
    case ManyLess = 'many-less';
    case TaxShare = 'tax-share';
    case OddRemnantAway = 'odd-remnant-away';
    case Think = 'think';
    case ThinkLonger = 'think-longer';
    case ThinkWeek = 'think-week';
    case CutWidth = 'cut-width';
    case CutLength = 'cut-length';
    case MarginSide = 'margin-side';
    case MarginTop = 'margin-top';
    case ShortestLoad = 'shortest-load';
    case PaintCures = 'paint-cures';
    case PaintYoung = 'paint-young';
    case SealerCoats = 'sealer-coats';
    case SealerDries = 'sealer-dries';
    case ResinCoats = 'resin-coats';
    case ResinDries = 'resin-dries';
    case DishwasherCoats = 'dishwasher-coats';
    case DishwasherDries = 'dishwasher-dries';
    case BehindCoats = 'behind-coats';
    case BehindDries = 'behind-dries';
    case CoatMinutes = 'coat-minutes';
    case TapeMinutes = 'tape-minutes';
    case TapeLong = 'tape-long';
    case ApplyMinutes = 'apply-minutes';
    case ApplyLong = 'apply-long';
    case ApplyRound = 'apply-round';
    case ApplyVehicle = 'apply-vehicle';
    case PackMinutes = 'pack-minutes';
    case TwoPeople = 'two-people';
    case Coldest = 'coldest';
    case ReliefEvery = 'relief-every';
    case ByHand = 'by-hand';
    case Crooked = 'crooked';
    case GuideOverlap = 'guide-overlap';
    case GuidePages = 'guide-pages';
    case BlockLargest = 'block-largest';
    case BlockLarge = 'block-large';
    case BlockSmall = 'block-small';
    case BlockSmallest = 'block-smallest';
    case AdhesiveCure = 'cure';
    case LinkDays = 'link-days';
    case MostPieces = 'most-pieces';

    /** @return array{default: float, least: float, most: float, unit: string, says: string, reason: string, section: int} */
    private function spec(): array
    {
        $row = match ($this) {
            self::Clearance => [5, 0, 40, '%', 'Clearance to the edge, share of the shorter side', 'Film that nears an edge gets caught and lifts.', 3],
            self::DiscClearance => [6, 0, 40, '%', 'Clearance on round and oval things', 'A round edge shows an uneven rim sooner.', 3],
            self::BandClearance => [20, 0, 60, '%', 'Clearance to the outer edge of a band, of its width', 'Letters on a band stand in some seven tenths of it.', 4],
            self::AiryClearance => [2, 1, 5, '×', 'Airy: the usual clearance times', 'About a tenth of the shorter side.', 3],
            self::TrimGap => [1.5, 0.2, 20, 'mm', 'Trim gap of film that covers a pane', 'So that no edge stands against the frame and lifts.', 3],
            self::FoldsUnder => [20, 5, 100, 'mm', 'Film that is folded under reaches over the edge by', 'Less lifts, more creases.', 3],
            self::HangsOver => [5, 0.5, 60, 'mm', 'Film that covers a pane hangs over by', 'It is trimmed at the edge when it is on.', 3],
            self::LeastClearance => [3, 0, 50, 'mm', 'Clearance at the least', 'Hands place a decal to about a millimetre.', 3],
            self::KeepLip => [15, 0, 100, 'mm', 'Clear of the lip of anything drunk from', 'No film where lips touch.', 3],
            self::KeepSeam => [3, 0, 50, 'mm', 'Clear of a seam or mould line, each side', 'Film lifts along the ridge.', 3],
            self::KeepHandle => [10, 0, 100, 'mm', 'Clear of a handle root', 'Fingers rub it off.', 3],
            self::KeepHole => [4, 0, 100, 'mm', 'Clear of a hole', 'Screws and string pull at the film.', 3],
            self::KeepHinge => [5, 0, 100, 'mm', 'Clear of a hinge, clip or latch', 'What moves catches the film.', 3],
            self::BallFlat => [1.5, 0, 10, '%', 'On a ball the edge of a part lies flat up to a shrink of', 'Film gives a little way.', 3],
            self::BallSnips => [4, 0, 20, '%', 'On a ball relief snips serve up to a shrink of', 'Beyond it film creases: it is split or made smaller.', 3],
            self::CondenseMost => [8, 0, 30, '%', 'Letters are condensed or expanded by at most', 'Beyond it they look stretched.', 4],
            self::StretchMost => [40, 0, 80, '%', 'Letters are stretched, where the customer asks for it, by at most', 'Beyond it they are no letters of that face.', 4],
            self::NarrowRim => [1.5, 0, 20, 'mm', 'A rim is laid by marks under', 'Layers are laid to about 1 mm, and under this that shows.', 5],
            self::GapBetweenOrders => [8, 0, 50, 'mm', 'Gap between different orders', 'Room for the scissors.', 7],
            self::GapInsideOrder => [3, 0, 50, 'mm', 'Gap inside one order', 'Room for the knife to turn and the hook to start.', 7],
            self::SheetEdge => [2, 0, 50, 'mm', 'Gap to the edge of the sheet', 'Film is loaded to about a millimetre.', 7],
            self::ShortestOffcut => [60, 0, 600, 'mm', 'Shortest rest worth shelving', 'A shorter one is never found again, or serves nothing.', 7],
            self::PlainStroke => [1, 0.1, 20, 'mm', 'Thinnest stroke: plain film', 'Thinner ones tear with the surround, or come off.', 5],
            self::PlainIsland => [2, 0.1, 20, 'mm', 'Smallest island: plain film', 'Smaller parts get lost and do not hold.', 5],
            self::PlainCounter => [1.2, 0.1, 20, 'mm', 'Smallest counter: plain film', 'The hook does not get a smaller one out.', 5],
            self::PlainGap => [0.8, 0.1, 20, 'mm', 'Smallest gap between parts: plain film', 'The hook lifts what is nearer together.', 5],
            self::ShowStroke => [1.3, 0.1, 20, 'mm', 'Thinnest stroke: pearl, chrome and holographic film', 'Thinner ones tear with the surround, or come off.', 5],
            self::ShowIsland => [2.5, 0.1, 20, 'mm', 'Smallest island: pearl, chrome and holographic film', 'Smaller parts get lost and do not hold.', 5],
            self::ShowCounter => [1.5, 0.1, 20, 'mm', 'Smallest counter: pearl, chrome and holographic film', 'The hook does not get a smaller one out.', 5],
            self::ShowGap => [1, 0.1, 20, 'mm', 'Smallest gap between parts: pearl, chrome and holographic film', 'The hook lifts what is nearer together.', 5],
            self::GlitterStroke => [2, 0.1, 20, 'mm', 'Thinnest stroke: glitter film', 'Thinner ones tear with the surround, or come off.', 5],
            self::GlitterIsland => [3.5, 0.1, 20, 'mm', 'Smallest island: glitter film', 'Smaller parts get lost and do not hold.', 5],
            self::GlitterCounter => [2.5, 0.1, 20, 'mm', 'Smallest counter: glitter film', 'The hook does not get a smaller one out.', 5],
            self::GlitterGap => [1.5, 0.1, 20, 'mm', 'Smallest gap between parts: glitter film', 'The hook lifts what is nearer together.', 5],
            self::GlassStroke => [1.5, 0.1, 20, 'mm', 'Thinnest stroke: frosted glass film and cling', 'Thinner ones tear with the surround, or come off.', 5],
            self::GlassIsland => [3, 0.1, 20, 'mm', 'Smallest island: frosted glass film and cling', 'Smaller parts get lost and do not hold.', 5],
            self::GlassCounter => [2, 0.1, 20, 'mm', 'Smallest counter: frosted glass film and cling', 'The hook does not get a smaller one out.', 5],
            self::GlassGap => [1, 0.1, 20, 'mm', 'Smallest gap between parts: frosted glass film and cling', 'The hook lifts what is nearer together.', 5],
            self::PrintableStroke => [2, 0.1, 20, 'mm', 'Thinnest stroke: printable film', 'Thinner ones tear with the surround, or come off.', 5],
            self::PrintableIsland => [4, 0.1, 20, 'mm', 'Smallest island: printable film', 'Smaller parts get lost and do not hold.', 5],
            self::PrintableCounter => [2.5, 0.1, 20, 'mm', 'Smallest counter: printable film', 'The hook does not get a smaller one out.', 5],
            self::PrintableGap => [1.5, 0.1, 20, 'mm', 'Smallest gap between parts: printable film', 'The hook lifts what is nearer together.', 5],
            self::RemovableLife => [3, 0, 30, 'years', 'Removable film lasts indoors', 'Its glue is made to let go.', 6],
            self::PermanentLife => [6, 0, 30, 'years', 'Permanent film lasts outdoors', '“Permanent” still peels in the end.', 6],
            self::CastLife => [8, 0, 30, 'years', 'Cast film lasts', 'Made to stay on curves and vehicles.', 6],
            self::ShowLife => [2, 0, 30, 'years', 'Chrome and holographic film last outdoors at the most', 'Their surface weathers first.', 6],
            self::PearlLife => [3, 0, 30, 'years', 'Pearl film lasts', 'The pearl dulls.', 6],
            self::PatternedLife => [2, 0, 30, 'years', 'Patterned film lasts', 'The print fades.', 6],
            self::PrintableLife => [3, 0, 30, 'years', 'Printed film lasts less than', 'Even sealed it fades in the sun.', 6],
            self::PrintWide => [190, 50, 2000, 'mm', 'The printer prints so wide', 'Beyond it the picture is cut off by the printer.', 6],
            self::PrintHigh => [277, 50, 5000, 'mm', 'The printer prints so high', 'Beyond it the picture is cut off by the printer.', 6],
            self::PrintDries => [30, 0, 2880, 'min', 'A print dries', 'Wet ink smears under the coat and under the wheels of the cutter.', 12],
            self::PrintCoats => [2, 0, 9, 'coats', 'Clear coats on a print', 'Bare ink fades and washes off.', 12],
            self::CoatDries => [15, 1, 2880, 'min', 'A clear coat on a print dries', 'The next one draws up what is still wet.', 12],
            self::GlassLife => [3, 0, 30, 'years', 'Frosted film and cling last', 'Washing and sun wear them.', 6],
            self::ChalkboardLife => [3, 0, 30, 'years', 'Chalkboard film lasts', 'Chalk and cloth wear it.', 6],
            self::UseHour => [8, 0, 23, 'h', 'What is needed on a day is used from this hour on', 'A thing that is ready at noon is late for the morning.', 12],
            self::OutdoorFactor => [1.3, 1, 4, '×', 'Strokes and islands outdoors: limits times', 'Weather finds thin parts first.', 5],
            self::VehicleFactor => [2, 1, 6, '×', 'Strokes and islands on vehicles: limits times', 'Small parts are the first to come off.', 5],
            self::ForceRemovable => [75, 5, 500, 'g', 'Force to start from: removable film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForcePlain => [80, 5, 500, 'g', 'Force to start from: permanent and cast film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForceGlass => [70, 5, 500, 'g', 'Force to start from: frosted glass film and cling', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForcePrint => [90, 5, 500, 'g', 'Force to start from: patterned and printable film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForceShow => [105, 5, 500, 'g', 'Force to start from: pearl, chrome and holographic film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForceGlitter => [130, 5, 500, 'g', 'Force to start from: glitter', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForceChalkboard => [95, 5, 500, 'g', 'Force to start from: chalkboard film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::ForceStencil => [60, 5, 500, 'g', 'Force to start from: stencil film', 'On a small machine with a fresh blade; what the machine shows counts more.', 8],
            self::TestRisk => [6.5, 0.5, 50, '%', 'A test cut is asked for where a wrong cut is likelier than', 'A test costs two minutes and a thumb of film, a wrong cut the job.', 8],
            self::BladeOffset => [0.25, 0, 2, 'mm', 'Blade offset', 'A drag blade trails behind its axis by this much.', 8],
            self::Overcut => [0.5, 0, 5, 'mm', 'Overcut', 'Closes every outline for sure.', 8],
            self::CutSpeed => [80, 5, 800, 'mm/s', 'Cutting speed', 'Small letters want less.', 8],
            self::TravelSpeed => [200, 20, 1500, 'mm/s', 'Speed in the air', 'What the carriage does with the blade up.', 8],
            self::WeedStart => [20, 0, 600, 's', 'Weeding: to start a piece', 'Burnish, find a corner.', 9],
            self::WeedPiece => [4, 0, 120, 's', 'Weeding: each waste piece', 'Lift and drop it.', 9],
            self::WeedCut => [30, 1, 500, 'mm/s', 'Weeding: cut length pulled in a second', 'Low and slow.', 9],
            self::WeedHard => [1.6, 1, 5, '×', 'Weeding: glitter, or parts under the small size', 'They let go slowly and get lost.', 9],
            self::WeedSmall => [4, 0, 20, 'mm', 'Weeding: a part is small under', 'Fingers end, the hook begins.', 9],
            self::ReverseUnder => [6, 0, 30, 'mm', 'Reverse weed counters and islands under', 'They come out easier from the sticky side.', 9],
            self::TapeMargin => [8, 0, 60, 'mm', 'Tape beyond the art', 'To hold it by.', 10],
            self::TapeWidth => [300, 20, 2000, 'mm', 'Widest roll of transfer tape', 'Wider than the roll it is laid in strips.', 10],
            self::TapeOverlap => [12, 0, 100, 'mm', 'Strips of tape overlap by', 'So that the decal lifts in one piece.', 10],
            self::Hinge => [60, 0, 200, 'mm', 'Hinge: more tape at the top of large and vehicle work', 'To swing the decal up and back down on the same spot, and for the hands.', 10],
            self::HingeOver => [300, 0, 5000, 'mm', 'Large work, that takes a hinge, has a side over', 'Smaller decals are laid by hand.', 10],
            self::FilmsOnTop => [3, 1, 6, 'films', 'Films on top of each other', 'More no longer lie flat, and their edges lift.', 10],
            self::TapeKeeps => [7, 0, 60, 'days', 'Used tape keeps for', 'Lying about it gathers dust and dries.', 10],
            self::TapeUses => [4, 1, 20, 'uses', 'A piece of tape serves at most', 'It loses its tack, and dust stays on it.', 10],
            self::VehicleTape => [0, 0, 2, 'school', 'Tape for vehicles: 0 by size, 1 clear always, 2 paper always', 'There are two schools: clear, to see where it goes; paper, because it lies flat.', 10],
            self::LayersFirst => [0, 0, 1, 'school', 'Films that overlap: 0 joined before they go on, 1 the lowest goes on first', 'There are two schools: joined they meet by their marks; one by one no thick pack has to be handled.', 10],
            self::WetSchool => [0, 0, 1, 'school', 'Large film on glass and hard smooth things: 0 dry, 1 wet', 'There are two schools: dry it holds at once; wet it can be moved until the water is out.', 11],
            self::WetWait => [30, 0, 1440, 'min', 'Put on wet: before the tape comes off', 'Until then the glue floats, and film comes up with the tape.', 11],
            self::BubblesOver => [25, 5, 500, 'mm', 'Bubbles stay under film that is wide and high over', 'Air finds no way out from under a large unbroken part.', 11],
            self::ClearTapeUpTo => [300, 0, 2000, 'mm', 'Clear tape up to', 'Larger clear tape grabs and bubbles; paper lies flat.', 10],
            self::ReadJust => [8, 1, 40, 'm', 'Read only just: distance for 25 mm of letter height', 'Beyond it letters run together.', 4],
            self::VehicleLetter => [13, 0, 200, 'mm', 'Smallest letter on the back of a vehicle', 'It is read while moving.', 4],
            self::Seen => [120, 10, 360, '°', 'Art on round things stays within', 'So much is seen from the front; 360 is a wrap all round.', 3],
            self::VehicleFirst => [150, 50, 2000, 'mm', 'First size of a vehicle decal, over all', 'From 127 to 152 mm is what people put on a car; larger when they ask for it.', 3],
            self::VehicleOverAll => [127, 0, 1000, 'mm', 'Smallest decal on the back of a vehicle, over all', 'From the car behind less is not seen.', 4],
            self::WeedBoxAway => [1.5, 0.5, 20, 'mm', 'A weed box stands off the decal by', 'Half the gap inside an order, so that two boxes do not meet.', 7],
            self::RecutShare => [4, 0, 50, '%', 'Film that is cut again', 'Some letter comes up with the surround.', 16],
            self::JoinPart => [2, 0, 60, 'min', 'Each part more of a decal cut in parts', 'Laid over a full-size paper guide and taped together.', 7],
            self::OddRemnantAway => [3, 0, 30, 'mm', 'Film beside a cut piece that is spoiled with it', 'The hook and the scissors want room.', 7],
            self::Think => [5, 0, 120, 's', 'How long a plan of sheets is thought about', 'Most is found in the first seconds.', 7],
            self::ThinkWeek => [75, 1, 1000, 'thousand steps', 'Steps that are placed while a plan of the week is thought about', 'With sixty orders under way no better plan was found after so many.', 16],
            self::ThinkLonger => [30, 0, 600, 's', 'How long when it is thought about longer', 'A few per cent of film more, for who can wait.', 7],
            self::CutWidth => [292, 50, 2000, 'mm', 'Widest the machine cuts', 'The rollers and the board take the rest.', 7],
            self::CutLength => [597, 50, 50_000, 'mm', 'Longest the machine cuts', 'The board takes the rest.', 7],
            self::MarginSide => [0, 0, 200, 'mm', 'Film the machine cannot reach at the left', 'The rollers hold it there.', 7],
            self::MarginTop => [0, 0, 200, 'mm', 'Film the machine cannot reach at the top', 'The end that is fed in.', 7],
            self::ShortestLoad => [50, 0, 2000, 'mm', 'Shortest film the machine takes', 'It measures what is loaded and refuses when it is too short.', 7],
            self::PaintCures => [12, 0, 2000, 'h', 'Paint cures before film goes on', 'Dry paint comes off with the tape; cured paint stays.', 12],
            self::PaintYoung => [30, 0, 400, 'days', 'No alcohol on paint younger than', 'It takes the shine off, or the paint.', 12],
            self::SealerCoats => [2, 1, 9, 'coats', 'Sealer, brushed or sprayed: light coats', 'A thick one runs, and lifts an edge.', 12],
            self::SealerDries => [20, 1, 2880, 'min', 'A coat of sealer dries', 'The next one draws up what is still wet.', 12],
            self::ResinCoats => [1, 1, 3, 'coats', 'Resin: top coats', 'It levels by itself.', 12],
            self::ResinDries => [2880, 60, 40320, 'min', 'A resin top coat dries', 'It is hard after two days, and takes prints before.', 12],
            self::DishwasherCoats => [1, 1, 5, 'coats', 'Dishwasher-grade sealer: coats', 'What its maker says counts more.', 12],
            self::DishwasherDries => [40320, 60, 100000, 'min', 'Dishwasher-grade sealer cures', 'Before it is through, hot water takes it off.', 12],
            self::BehindCoats => [2, 1, 5, 'coats', 'Paint behind clear plastic: thin coats', 'Thin ones cover evenly and stay clear at the edges.', 12],
            self::BehindDries => [30, 1, 2880, 'min', 'A coat of paint behind clear plastic dries', 'The next one draws up what is still wet.', 12],
            self::CoatMinutes => [5, 0, 120, 'min', 'A coat, the first piece', 'Shaking, covering, cleaning up: each further piece takes one.', 16],
            self::BenchHour => [28, 0, 500, 'an hour', 'What an hour at the cutter or the bench costs', 'To weigh film against work, and in every price.', 16],
            self::MaterialMargin => [1.6, 1, 10, '×', 'Margin on material', 'Buying, keeping, what is left over.', 16],
            self::FilmPrice => [12, 0, 500, 'a m²', 'Film whose price is not known', 'Until its own is entered at Stock.', 16],
            self::TapePrice => [0.4, 0, 50, 'a m', 'Transfer tape', 'Off a roll of the usual width.', 16],
            self::BladePrice => [0.01, 0, 5, 'a m', 'The blade, for each metre cut', 'It wears.', 16],
            self::BlankPrice => [4, 0, 1000, 'each', 'A blank of the shop’s', 'What it was bought for.', 16],
            self::MinimumOrder => [6, 0, 500, 'in all', 'Smallest order', 'Less does not pay for the asking.', 16],
            self::RushShare => [25, 0, 300, '%', 'Rush: more by', 'Others wait for it.', 16],
            self::LongerHours => [120, 15, 600, 'min', 'Where a day is made longer, by', 'Who stays longer than that makes mistakes.', 16],
            self::QuoteDays => [30, 1, 365, 'days', 'A quote holds for', 'Film and rent go up, and shelves empty.', 16],
            self::RoundMinutes => [6, 0, 240, 'min', 'Own round: each stop', 'There and on to the next one.', 16],
            self::ParcelPrice => [6, 0, 200, 'each', 'A parcel', 'What the carrier takes, and the box.', 16],
            self::ParcelDays => [2, 0, 60, 'days', 'A parcel is on its way for', 'What the carrier says, and a day for when it does not.', 16],
            self::RestockDays => [4, 0, 90, 'days', 'What is not on the shelf is here after', 'Ordered today, sent tomorrow, two days on its way.', 16],
            self::InkPrice => [24, 0, 500, 'a m²', 'Ink of a print', 'What the printer lays on, by the area that is cut.', 16],
            self::CoatPrice => [0.3, 0, 50, 'each', 'Sealer: a coat on a piece', 'Brush, spray, or resin, and gloves.', 16],
            self::RushDays => [3, 0, 60, 'days', 'Rush: wanted within', 'It has to go before others.', 16],
            self::RoundTo => [0.5, 0.01, 50, 'in all', 'Prices are rounded up to', 'People pay in coins.', 16],
            self::FewFrom => [5, 2, 10000, 'pieces', 'Quantity, first step: from', 'Hands find their way.', 16],
            self::FewLess => [5, 0, 90, '%', 'Quantity, first step: minutes that repeat less by', 'Hands find their way.', 16],
            self::SomeFrom => [10, 2, 10000, 'pieces', 'Quantity, second step: from', 'Tape is cut for several.', 16],
            self::SomeLess => [10, 0, 90, '%', 'Quantity, second step: minutes that repeat less by', 'Tape is cut for several.', 16],
            self::ManyFrom => [25, 2, 10000, 'pieces', 'Quantity, third step: from', 'A bench is set up for it.', 16],
            self::ManyLess => [20, 0, 90, '%', 'Quantity, third step: minutes that repeat less by', 'A bench is set up for it.', 16],
            self::TaxShare => [0, 0, 50, '%', 'Tax on top', 'As the law of the place has it; 0 where there is none.', 16],
            self::CoatFurther => [1, 0, 60, 'min', 'A coat, each further piece', 'They stand side by side.', 16],
            self::SetUpMinutes => [12, 0, 240, 'min', 'Set-up of an order', 'Asking, sizing, the proof.', 16],
            self::SetUpFurther => [4, 0, 120, 'min', 'Set-up: each further design', 'The customer is there already.', 16],
            self::PrintMinutes => [5, 0, 120, 'min', 'Print a sheet', 'Loaded, looked at, laid flat to dry.', 16],
            self::SheetMinutes => [6, 0, 60, 'min', 'Load and unload a sheet', 'Pressed down with a roller, taken off flat.', 16],
            self::TestMinutes => [2, 0, 60, 'min', 'A test cut', 'A square, a ring and a star, weeded.', 16],
            self::YesDays => [1, 0, 30, 'days', 'The customer’s yes, after the proof went out', 'People look at it in the evening.', 16],
            self::TapeMinutes => [1.5, 0, 60, 'min', 'Tape and trim', 'Cutting, laying, burnishing twice, trimming.', 16],
            self::TapeLong => [0.33, 0, 10, 'min', 'Tape and trim, for each 100 mm of length', 'A long one is laid from the middle outwards.', 16],
            self::ApplyMinutes => [3, 0, 120, 'min', 'Apply a decal', 'Positioning takes most of it.', 16],
            self::ApplyLong => [1, 0, 20, 'min', 'Apply a decal, for each 100 mm of length', 'It is rubbed down letter by letter.', 16],
            self::ApplyRound => [1.5, 1, 5, '×', 'Applying on round things: minutes times', 'Middle first, then outwards, turning.', 16],
            self::ApplyVehicle => [2, 1, 5, '×', 'Applying on vehicles: minutes times', 'Washing down, hinge, second pair of eyes.', 16],
            self::PackMinutes => [4, 0, 60, 'min', 'Pack a decal', 'Card, scrap, printed steps, care card.', 16],
            self::TwoPeople => [600, 50, 9000, 'mm', 'Two people from this length on', 'One holds it level while the other rubs it down.', 11],
            self::Coldest => [10, -20, 30, '°C', 'No glue under', 'Cold glue does not wet the surface and lets go.', 11],
            self::ReliefEvery => [15, 3, 100, 'mm', 'Round an edge film is cut in every', 'Further apart it creases between the cuts.', 11],
            self::ByHand => [60, 0, 1000, 'mm', 'Laid by hand, without a hinge, up to', 'It swings no straighter than a hand lays it.', 11],
            self::Crooked => [0.5, 0.1, 5, '°', 'A decal is crooked from this angle on', 'People see half a degree on a long line.', 11],
            self::GuideOverlap => [10, 0, 40, 'mm', 'Pages of a paper guide overlap by', 'They are taped together by their crosses.', 11],
            self::GuidePages => [12, 1, 60, 'pages', 'A guide of the whole object takes at most', 'Above, only what lies round the art is printed.', 11],
            self::BlockLargest => [50, 0, 500, 'mm', 'Largest block to hold a pen on', 'A stack of blocks brings it to the height of a level line; 0 where there is none.', 11],
            self::BlockLarge => [20, 0, 500, 'mm', 'Second block to hold a pen on', 'Each block is used once in a stack.', 11],
            self::BlockSmall => [10, 0, 500, 'mm', 'Third block to hold a pen on', 'Each block is used once in a stack.', 11],
            self::BlockSmallest => [5, 0, 500, 'mm', 'Smallest block to hold a pen on', 'Each block is used once in a stack.', 11],
            self::AdhesiveCure => [72, 0, 2000, 'h', 'Film on its object before use or washing', 'The glue takes days to reach its full hold.', 12],
            self::LinkDays => [14, 1, 365, 'days', 'A customer’s link to a proof works for', 'Long enough to ask at home, too short to be found years later.', 2],
            self::MostPieces => [2000, 1, 5000, 'pieces', 'Pieces of film in one order, at the most', 'One slip in a quantity must not fill the shop.', 2],
        };

        return array_combine(['default', 'least', 'most', 'unit', 'says', 'reason', 'section'], [(float) $row[0], (float) $row[1], (float) $row[2], ...\array_slice($row, 3)]);
    }

    /** What it is where nobody changed it, in its unit. */
    public function standard(): float
    {
        return $this->spec()['default'];
    }

    /** Those of the machine stand in its profile. */
    public function isOfMachine(): bool
    {
        return \in_array($this, [self::BladeOffset, self::Overcut, self::CutSpeed, self::TravelSpeed, self::CutWidth, self::CutLength, self::MarginSide, self::MarginTop, self::ShortestLoad], true);
    }

    /** @return list<self> those that stand in a machine's profile */
    public static function ofMachines(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $rule): bool => $rule->isOfMachine()));
    }

    /** The unit it is told in. */
    public function unit(): string
    {
        return $this->spec()['unit'];
    }

    /** What it is, for the settings page. */
    public function label(): string
    {
        return $this->spec()['says'];
    }

    /** Why it is so, in a sentence. */
    public function reason(): string
    {
        return $this->spec()['reason'];
    }

    /** Where at the bench it counts, for the settings page. */
    public function area(): string
    {
        return match ($this->section()) {
            2 => 'Orders and proofs',
            3 => 'Clear of edges and fittings',
            4 => 'Read from afar',
            5 => 'What knife and hook manage, and what lasts out there',
            6 => 'How long films last',
            7 => 'On the sheet',
            8 => 'The knife',
            9 => 'Weeding',
            10 => 'Tape',
            16 => 'What pieces take',
            default => 'Waits',
        };
    }

    /** The section of the handbook it comes from. */
    public function section(): int
    {
        return $this->spec()['section'];
    }

    /** @return array{float, float} the least and the most that make sense, in its unit */
    public function range(): array
    {
        return [$this->spec()['least'], $this->spec()['most']];
    }

    /**
     * @param float $value in the rule’s own unit
     *
     * @throws Refused for a value outside what makes sense
     */
    public function check(float $value): void
    {
        $spec = $this->spec();
        if (!is_finite($value) || $value < $spec['least'] || $value > $spec['most']) {
            throw new Refused('rule-out-of-range', "“{$spec['says']}” goes from {$spec['least']} to {$spec['most']} {$spec['unit']}.", '/'.$this->value);
        }
    }
}
