<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

/** The made-up wharf: its customers, what they want, and how far each order has come. */
final class DemoOrders
{
    /** Grade, colour, swatch, sheets on the shelf, finish, thickness in µm, liner, price of a m² in minor units, and low under so many sheets. */
    public const FILMS = [
        ['permanent', 'navy', '#1b2f57', 6, 'gloss', 75, 'white', 980, 3],
        ['permanent', 'white', '#f2f2ea', 9, 'gloss', 75, 'blue', 940, 4],
        ['permanent', 'oxide red', '#8f1f1b', 4, 'gloss', 75, 'white', 980, 3],
        ['permanent', 'ochre', '#d9a322', 3, 'gloss', 75, 'white', 980, 3],
        ['permanent', 'black', '#1a1a1a', 7, 'gloss', 75, 'white', 920, 3],
        ['removable', 'bottle green', '#2b5c3c', 2, 'matt', 80, 'white', 1060, 2],
        ['cast', 'cream', '#f0e3c2', 3, 'gloss', 50, 'white', 2240, 2],
        ['glitter', 'copper', '#a8663a', 1, 'glitter', 160, 'white', 2680, 2],
        ['frosted', 'clear frost', '#cad3d1', 2, 'matt', 80, 'yellow', 1890, 1],
    ];

    /** By grade: what the maker says, the thinnest line (µm), years outdoors. */
    public const MAKERS = [
        'cast' => ['Warm it on curves; let it rest a day before washing.', null, 8],
        'glitter' => ['A fresh blade, strong tape.', 2500, 0],
        'frosted' => ['Wet the glass a little and it sits more easily.', null, null],
    ];

    /** Film by its place above, width, length, bin (mm). */
    public const ROLLS = [
        [4, 298, 4200, 'rack'],
    ];

    /** Kind, name, width in mm, mm of tape or how many, bin, low under. */
    public const SUPPLIES = [
        ['tape', 'Clear, medium tack, gridded', 300, 38_000, 'rack', 10_000],
        ['tape', 'Clear, medium tack, gridded', 150, 21_000, 'rack', 8_000],
        ['tape', 'Clear, strong', 300, 6_500, 'rack', 8_000],
        ['tape', 'Paper, low tack', 300, 27_000, 'rack', 10_000],
        ['blank', 'Seed tin, round, 96 mm', null, 14, 'B1', 6],
        ['blank', 'Lunch box, blue lid', null, 31, 'B2', 10],
        ['blank', 'Enamel mug, white', null, 4, 'B2', 6],
    ];

    /** Name, kind, figures that are not the usual ones, force, blade. */
    public const MACHINES = [
        ['Board 305 × 610', 'board', ['margin-side' => '4', 'margin-top' => '3', 'shortest-load' => '60'], '80', '45°'],
        ['Board 305 × 305', 'board', ['margin-side' => '4', 'margin-top' => '3', 'cut-length' => '292', 'shortest-load' => '60'], '80', '45°'],
        ['Roll-fed, 298 mm', 'roll', ['cut-width' => '290', 'cut-length' => '3600', 'margin-side' => '4', 'margin-top' => '10', 'shortest-load' => '150', 'cut-speed' => '110'], '90', '45°'],
    ];

    /** Film by its place above, width, height, bin, odd outline (mm). */
    public const OFFCUTS_BEFORE = [
        [4, 120, 200, '1', 'M0 0H120V200H60V150H0Z'],
        [1, 300, 110, '2', null],
    ];

    /** Offcuts that were shelved lately, each as in `OFFCUTS_BEFORE`. */
    public const OFFCUTS = [
        [0, 150, 128, '4', 'M0 0H150V60H96V128H0Z'],
        [0, 300, 90, '4', null],
        [1, 210, 140, '2', 'M0 0H210V140H130V80H0Z'],
        [1, 300, 72, '2', null],
        [3, 180, 110, '5', null],
        [4, 120, 200, '1', 'M0 0H120V200H60V150H0Z'],
    ];

    /**
     * Customer, contact, words, object, surface, width, height, corner (as typed), use, film,
     * how many, needed in days, who applies, face, station it has come to.
     *
     * @var list<array{string, string, string, string, string, string, string, string, string, int, int, int, string, string, string}>
     */
    public const ORDERS = [
        ['Odalys Brandreth', '0700 900 112', "Kestrel\nTollgate Wharf", 'Cabin side panel', 'rectangle', '620mm', '240mm', '20mm', 'outdoor', 1, 2, 12, 'shop', 'alfa-slab', 'ask'],
        ['Wharf End Primary', 'office, mornings', 'Class 4', 'Lunch box', 'rectangle', '120mm', '70mm', '12mm', 'washed', 4, 26, 9, 'customer', 'fredoka', 'ask'],
        ['Marek Solvay', '0700 900 148', 'Damson', 'Water can, front', 'rectangle', '180mm', '110mm', '0', 'outdoor', 3, 1, 10, 'shop', 'pacifico', 'size'],
        ['Lockside Allotments', 'shed 14', "Sweet\nPeas", 'Seed tin', 'ellipse', '96mm', '96mm', '', 'indoor', 5, 6, 8, 'customer', 'lobster', 'size'],
        ['Tideway Rowing Club', 'boathouse', 'Halcyon', 'Tool chest', 'rectangle', '400mm', '130mm', '6mm', 'outdoor', 0, 2, 2, 'shop', 'oswald', 'size'],
        ['Bellwether Brass', 'band room', 'Cornet 2', 'Instrument case', 'rectangle', '220mm', '60mm', '8mm', 'outdoor', 1, 3, 11, 'shop', 'zilla-slab', 'proof'],
        ['Cutler & Daw Bicycles', 'workshop bench', 'Swift', 'Down tube', 'rectangle', '260mm', '32mm', '0', 'outdoor', 2, 4, 6, 'customer', 'righteous', 'proof'],
        ['Ottilie Marchbanks', '0700 900 163', 'No. 7', 'Letter box', 'rectangle', '160mm', '90mm', '4mm', 'outdoor', 1, 1, 7, 'shop', 'libre-baskerville', 'batch'],
        ['Tideway Rowing Club', 'boathouse', 'Ada', 'Locker door', 'ellipse', '150mm', '110mm', '', 'indoor', 0, 2, 5, 'shop', 'bebas', 'batch'],
        ['Lockside Allotments', 'shed 14', 'Plot 9', 'Wheelie bin', 'rectangle', '280mm', '120mm', '0', 'outdoor', 1, 3, 2, 'customer', 'oswald', 'batch'],
        ['Chandlery at the Basin', 'counter', 'Rope', 'Drawer front', 'rectangle', '140mm', '60mm', '2mm', 'indoor', 0, 4, 9, 'shop', 'zilla-slab', 'batch'],
        ['Perpetua Lyle', '0700 900 177', 'Biscuit', 'Dog bowl', 'rectangle', '150mm', '50mm', '0', 'washed', 4, 2, 6, 'shop', 'fredoka', 'cut'],
        ['Bellwether Brass', 'band room', 'Tuba', 'Instrument case', 'rectangle', '300mm', '90mm', '10mm', 'outdoor', 4, 1, 8, 'shop', 'bebas', 'cut'],
        ['Osric Tamblyn', '0700 900 181', 'Ploughboy', 'Coal hod', 'rectangle', '240mm', '120mm', '0', 'outdoor', 0, 3, 7, 'shop', 'pacifico', 'weed'],
        ['Wharf End Primary', 'office, mornings', 'Library', 'Notice pane', 'rectangle', '380mm', '100mm', '0', 'indoor', 1, 1, 1, 'customer', 'libre-baskerville', 'weed'],
        ['Cutler & Daw Bicycles', 'workshop bench', 'Heron', 'Down tube', 'rectangle', '240mm', '34mm', '0', 'outdoor', 1, 2, 9, 'shop', 'lobster', 'apply'],
        ['Odalys Brandreth', '0700 900 112', 'Teal', 'Net float tag', 'ellipse', '80mm', '60mm', '', 'outdoor', 2, 2, 6, 'customer', 'righteous', 'apply'],
        ['Chandlery at the Basin', 'counter', 'Shackles', 'Drawer front', 'rectangle', '140mm', '60mm', '2mm', 'indoor', 0, 2, 5, 'shop', 'zilla-slab', 'cure'],
        ['Perpetua Lyle', '0700 900 177', 'Marrow', 'Seed tin', 'ellipse', '96mm', '96mm', '', 'indoor', 3, 1, 4, 'customer', 'pacifico', 'send'],
        ['Marek Solvay', '0700 900 148', 'Lapwing', 'Stern panel', 'rectangle', '420mm', '150mm', '12mm', 'outdoor', 1, 1, 3, 'customer', 'alfa-slab', 'sent'],
        ['Tideway Rowing Club', 'boathouse', 'Cox', 'Locker door', 'ellipse', '150mm', '110mm', '', 'indoor', 0, 1, 6, 'customer', 'bebas', 'done'],
    ];

    /**
     * Things that are not flat rectangles, sets, letters in layers, orders of several items and elements beside words: what was typed, how it is set, and
     * the station it has come to, and what the customer said by link with the spot in mm. A film is named by its place above.
     *
     * @var list<array{answers: array<string, mixed>, days: int, face?: string, capHeight?: int, setting?: array<string, int|float|string>, layers?: list<array{int, int}>, price?: int, station: string, change?: array{string, float, float}, others?: list<array<string, mixed>>, elements?: list<array<string, mixed>>, keep?: string, coated?: int}>
     */
    public const SHAPED = [
        ['answers' => ['customer' => 'Marek Solvay', 'contact' => 'marek@solvay-boats.example', 'words' => 'Heron', 'object' => 'Tool chest lid', 'surface' => 'rectangle', 'width' => '420mm', 'height' => '200mm', 'corner' => '8mm', 'material' => 'painted', 'colour' => '#24503a', 'useOf' => 'outdoor', 'film' => 1, 'quantity' => '1', 'keepOuts' => [['what' => 'hinge', 'x' => '40mm', 'y' => '100mm', 'width' => '30mm', 'height' => '50mm'], ['what' => 'hinge', 'x' => '380mm', 'y' => '100mm', 'width' => '30mm', 'height' => '50mm']]], 'days' => 13, 'face' => 'alfa-slab', 'capHeight' => 34000, 'keep' => 'Initial under a name', 'station' => 'size', 'elements' => [['kind' => 'words', 'lines' => ['H'], 'high' => 130000, 'film' => 2, 'under' => true], ['kind' => 'shape', 'what' => 'disc', 'high' => 14000, 'left' => 110000, 'top' => 93000, 'film' => 3], ['kind' => 'shape', 'what' => 'disc', 'high' => 10000, 'left' => 94000, 'top' => 95000, 'film' => 3], ['kind' => 'shape', 'what' => 'disc', 'high' => 7000, 'left' => 82000, 'top' => 96500, 'film' => 3], ['kind' => 'shape', 'what' => 'line', 'wide' => 210000, 'high' => 3000, 'top' => 174000]]],
        ['answers' => ['customer' => 'Bellwether Brass', 'contact' => 'band room', 'words' => "Band\nNotices", 'object' => 'Notice board', 'surface' => 'rectangle', 'width' => '600mm', 'height' => '260mm', 'material' => 'painted', 'colour' => '#16181a', 'useOf' => 'indoor', 'film' => 1, 'quantity' => '1'], 'days' => 12, 'face' => 'zilla-slab', 'keep' => 'Notice with a dotted border', 'station' => 'proof', 'elements' => [['kind' => 'pattern', 'what' => 'border', 'pitch' => 16000, 'spot' => 6000, 'film' => 3, 'gap' => 8000]], 'others' => [['words' => 'Cornets', 'object' => 'Drawer front', 'width' => '180mm', 'height' => '60mm', 'film' => 4, 'quantity' => '2', 'colour' => '#f2f2ee'], ['words' => 'Horns', 'object' => 'Drawer front', 'width' => '180mm', 'height' => '60mm', 'film' => 0, 'quantity' => '2', 'colour' => '#f2f2ee']]],
        ['answers' => ['customer' => 'Osric Tamblyn', 'contact' => '0700 900 181', 'words' => 'Ploughboy', 'object' => 'Coal hod, front', 'surface' => 'taper', 'upper' => '942mm', 'lower' => '628mm', 'slant' => '250mm', 'seen' => '120', 'material' => 'painted', 'useOf' => 'outdoor', 'film' => 3, 'quantity' => '2', 'keepOuts' => [['what' => 'seam', 'x' => '2mm', 'y' => '', 'width' => '', 'height' => '']]], 'days' => 9, 'face' => 'alfa-slab', 'station' => 'size'],
        ['answers' => ['customer' => 'Tideway Rowing Club', 'contact' => 'boathouse', 'words' => "Tideway\nRowing Club", 'object' => 'Brass badge on the stern', 'surface' => 'ring', 'width' => '240mm', 'height' => '240mm', 'innerWidth' => '120mm', 'innerHeight' => '120mm', 'material' => 'vehicle', 'useOf' => 'outdoor', 'film' => 6, 'quantity' => '1'], 'days' => 12, 'face' => 'bebas', 'setting' => ['arrangement' => 'ring'], 'station' => 'size'],
        ['answers' => ['customer' => 'Odalys Brandreth', 'contact' => '0700 900 112', 'words' => 'Kestrel', 'object' => 'Net float', 'surface' => 'ball', 'circumference' => '480mm', 'material' => 'smooth', 'useOf' => 'outdoor', 'film' => 0, 'quantity' => '6'], 'days' => 7, 'face' => 'fredoka', 'station' => 'size'],
        ['answers' => ['customer' => 'Wharf End Primary', 'contact' => 'office, mornings', 'words' => '', 'roster' => "Ada\nBartholomew\nCass\nDelphine\nEbba\nFinlo\nGwenifer\nHal\nIsolde\nJory\nKerensa\nLowen\nMerryn\nNessa\nOrla\nPerran\nQuill\nRosenwyn\nSenara\nTamsin\nUna\nVeryan\nWilf\nYsella\nZennor\nMary-Anne Penhallow\nTamsyn\nDenzil\nElowen\nJago", 'object' => 'Lunch box', 'surface' => 'rectangle', 'width' => '120mm', 'height' => '70mm', 'corner' => '12mm', 'material' => 'oily-plastic', 'useOf' => 'washed', 'film' => 4, 'quantity' => '1', 'keepOuts' => [['what' => 'hinge', 'x' => '60mm', 'y' => '2mm', 'width' => '30mm', 'height' => '4mm']]], 'days' => 11, 'face' => 'fredoka', 'station' => 'size'],
        ['answers' => ['customer' => 'Lockside Allotments', 'contact' => 'shed 14', 'words' => 'Runner beans', 'object' => 'Enamel pot', 'surface' => 'cylinder', 'circumference' => '380mm', 'height' => '130mm', 'seen' => '130', 'material' => 'smooth', 'useOf' => 'outdoor', 'film' => 1, 'quantity' => '3', 'keepOuts' => [['what' => 'seam', 'x' => '2mm', 'y' => '', 'width' => '', 'height' => '']]], 'days' => 10, 'face' => 'lobster', 'setting' => ['thicken' => 180], 'layers' => [[1500, 0]], 'station' => 'proof'],
        ['answers' => ['customer' => 'Chandlery at the Basin', 'contact' => 'counter', 'words' => 'Basin', 'object' => 'Hexagon door plate', 'surface' => 'polygon', 'sides' => '6', 'width' => '185mm', 'height' => '160mm', 'material' => 'smooth', 'useOf' => 'outdoor', 'film' => 4, 'quantity' => '1'], 'days' => 13, 'face' => 'graduate', 'setting' => ['frame' => 'ring'], 'station' => 'proof'],
        ['answers' => ['customer' => 'Perpetua Lyle', 'contact' => '0700 900 177', 'words' => "Perpetua\nRose\nLyle", 'object' => 'Trunk lid', 'surface' => 'rectangle', 'width' => '260mm', 'height' => '190mm', 'corner' => '', 'material' => 'painted', 'useOf' => 'indoor', 'film' => 3, 'quantity' => '1'], 'days' => 8, 'face' => 'cinzel', 'setting' => ['arrangement' => 'monogram', 'order' => 'family-centre'], 'station' => 'batch'],
        ['answers' => ['customer' => 'Wharf End Primary', 'contact' => 'office, mornings', 'words' => '', 'roster' => "Ada\nBartholomew\nCass\nDelphine\nEbba\nFinlo\nHal\nIsolde\nJory\nKerensa\nLowen\nMerryn\nOrla\nSenara\nTamsin\nWilf", 'object' => 'Coat peg', 'surface' => 'rectangle', 'width' => '110mm', 'height' => '44mm', 'material' => 'smooth', 'useOf' => 'indoor', 'film' => 0, 'quantity' => '1'], 'days' => 8, 'face' => 'fredoka', 'station' => 'batch'],
        ['answers' => ['customer' => 'Tideway Rowing Club', 'contact' => 'boathouse', 'words' => "Tideway\nRowing Club", 'object' => 'Badge on the boathouse door', 'surface' => 'ring', 'width' => '190mm', 'height' => '190mm', 'innerWidth' => '120mm', 'innerHeight' => '120mm', 'material' => 'smooth', 'useOf' => 'outdoor', 'film' => 0, 'quantity' => '2'], 'days' => 6, 'face' => 'bebas', 'setting' => ['arrangement' => 'ring'], 'station' => 'batch'],
        ['answers' => ['customer' => 'Bellwether Brass', 'contact' => 'band room', 'words' => 'Bellwether', 'object' => 'Bass drum', 'surface' => 'ellipse', 'width' => '280mm', 'height' => '280mm', 'material' => 'smooth', 'useOf' => 'outdoor', 'film' => 0, 'quantity' => '1'], 'days' => 9, 'face' => 'lobster', 'setting' => ['frame' => 'ring'], 'station' => 'batch'],
        ['answers' => ['customer' => 'Wharf End Primary', 'contact' => 'office@wharf-end.example', 'words' => "Reading Room\nOpen Wednesdays", 'object' => 'Notice pane', 'surface' => 'rectangle', 'width' => '420mm', 'height' => '160mm', 'material' => 'glass', 'side' => 'inside', 'useOf' => 'indoor', 'film' => 2, 'quantity' => '1'], 'days' => 11, 'face' => 'zilla-slab', 'station' => 'batch'],
        ['answers' => ['customer' => 'Chandlery at the Basin', 'contact' => 'counter', 'words' => "Rope and\nTwine", 'object' => 'Door glass, above and below the handle', 'surface' => 'rectangle', 'width' => '280mm', 'height' => '260mm', 'material' => 'glass', 'useOf' => 'outdoor', 'film' => 0, 'quantity' => '1'], 'days' => 10, 'face' => 'alfa-slab', 'setting' => ['lineSpacing' => 2.4], 'station' => 'batch'],
        ['answers' => ['customer' => 'Marek Solvay', 'contact' => 'marek@solvay-boats.example', 'words' => 'Greylag', 'object' => 'Cabin side', 'surface' => 'rectangle', 'width' => '360mm', 'height' => '140mm', 'corner' => '10mm', 'material' => 'vehicle', 'useOf' => 'outdoor', 'film' => 6, 'quantity' => '2'], 'days' => 12, 'face' => 'pacifico', 'price' => 6400, 'station' => 'proof', 'change' => ['Could the tail of the g be a little shorter?', 303.0, 124.0]],
        ['answers' => ['customer' => 'Lockside Allotments', 'contact' => 'shed 14', 'words' => 'Marrows', 'object' => 'Drawer front', 'surface' => 'rectangle', 'width' => '180mm', 'height' => '60mm', 'material' => 'smooth', 'colour' => '#d8cfb8', 'useOf' => 'indoor', 'film' => 4, 'quantity' => '3', 'finish' => 'brushed'], 'days' => 7, 'face' => 'zilla-slab', 'station' => 'apply', 'coated' => 8],
    ];

    /** The shop's own objects: what was typed of each. */
    public const OBJECTS = [
        ['object' => 'Seed tin, round', 'surface' => 'ellipse', 'width' => '96mm', 'height' => '96mm', 'material' => 'smooth'],
        ['object' => 'Coal hod, front', 'surface' => 'taper', 'upper' => '942mm', 'lower' => '628mm', 'slant' => '250mm', 'wideEnd' => 'top', 'seen' => '120', 'material' => 'painted', 'keepOuts' => [['what' => 'seam', 'x' => '2mm', 'y' => '', 'width' => '', 'height' => '']]],
        ['object' => 'Water can', 'surface' => 'taper', 'upper' => '520mm', 'lower' => '680mm', 'slant' => '310mm', 'wideEnd' => 'bottom', 'seen' => '120', 'material' => 'painted'],
        ['object' => 'Net float', 'surface' => 'ball', 'circumference' => '480mm', 'material' => 'smooth'],
        ['object' => 'Lunch box', 'surface' => 'rectangle', 'width' => '120mm', 'height' => '70mm', 'corner' => '12mm', 'material' => 'oily-plastic', 'keepOuts' => [['what' => 'hinge', 'x' => '60mm', 'y' => '2mm', 'width' => '30mm', 'height' => '4mm']]],
        ['object' => 'Dog bowl', 'surface' => 'taper', 'upper' => '440mm', 'lower' => '560mm', 'slant' => '70mm', 'wideEnd' => 'bottom', 'seen' => '120', 'material' => 'smooth', 'keepOuts' => [['what' => 'edge', 'x' => '', 'y' => '', 'width' => '6mm', 'height' => '']]],
        ['object' => 'Bicycle down tube', 'surface' => 'cylinder', 'diameter' => '34.9mm', 'height' => '420mm', 'seen' => '140', 'material' => 'vehicle'],
        ['object' => 'Wheelie bin, front', 'surface' => 'panel', 'width' => '380mm', 'height' => '420mm', 'corner' => '20mm', 'readFrom' => '8', 'material' => 'oily-plastic'],
        ['object' => 'Notice panes', 'surface' => 'panes', 'width' => '290mm', 'height' => '410mm', 'panes' => '4', 'material' => 'smooth'],
        ['object' => 'Mug', 'surface' => 'cylinder', 'circumference' => '258mm', 'height' => '95mm', 'seen' => '120', 'material' => 'smooth', 'keepOuts' => [['what' => 'lip', 'x' => '', 'y' => '', 'width' => '', 'height' => ''], ['what' => 'handle', 'x' => '2mm', 'y' => '48mm', 'width' => '18mm', 'height' => '70mm']]],
        ['object' => 'Oar blade', 'surface' => 'outline', 'outline' => 'M30 0C70 0 118 40 130 120C140 190 128 300 118 360L88 560L68 560L52 360C40 300 6 200 4 120C2 50 10 0 30 0Z', 'height' => '520mm', 'material' => 'painted'],
    ];

    private function __construct()
    {
    }
}
