<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Objects\ObjectPhotos;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Measure\Size;

/**
 * A proof on paper: true to size where the sheet allows it, else to a scale that is said, with a bar to check it by.
 */
final readonly class ProofPaper
{
    /** mm: the band at the foot, and the one at the head. */
    private const FOOT = 22.0;
    private const FACTS = 72.0;
    private const GAP = 8.0;

    public function __construct(
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
        private Outlines $outlines,
        private BroughtArts $arts,
        private ObjectPhotos $photos,
        private ProofFacts $facts,
    ) {
    }

    /**
     * @param list<ProofPage> $pages of one version of the proof, a sheet or more for each
     *
     * @throws NotFound where there is no such version
     */
    public function response(array $pages): Response
    {
        if ([] === $pages) {
            throw new NotFound('There is no such proof.');
        }

        return new Response($this->pdf($pages), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                self::name($pages[0], 'pdf'),
            ),
        ]);
    }

    /**
     * @param int $nth which of a set's decals, from 1 on
     *
     * @throws NotFound for a decal the set does not have
     */
    public function drawing(ProofPage $proof, int $nth = 1): Response
    {
        $member = $nth - 1;
        if ($member < 0 || $member >= $proof->drawing()->members()) {
            throw new NotFound('There is no such decal.');
        }

        return new Response(ProofDrawing::decal(
            $proof,
            $member,
            $this->outlines->paths($proof->drawing()->outlines()),
        ), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                self::name($proof, 'svg'),
            ),
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);
    }

    /** @return array<int, string> JPEG by the number of their drawings */
    private function pictures(ProofPage $proof): array
    {
        $pictures = [];
        foreach ($proof->drawing()->pictures() as $art) {
            $pictures[$art] = (string) $this->arts->numbered($art)->picture();
        }

        return $pictures;
    }

    /** The photo of the object, JPEG; empty where there is none. */
    private function photo(ProofPage $proof): string
    {
        $name = $proof->frozen()->on->photo;

        return '' === $name ? '' : $this->photos->named($name)->jpeg();
    }

    /** @param non-empty-list<ProofPage> $pages */
    public function pdf(array $pages): string
    {
        $pdf = null;
        foreach ($pages as $nth => $proof) {
            [$width, $height] = self::drawn($proof);
            // The way round that lets the drawing be larger; upright where both do.
            $upright =
                self::scale($width, $height, Paper::SHORT, Paper::LONG) <=
                self::scale($width, $height, Paper::LONG, Paper::SHORT);
            if (null === $pdf) {
                $pdf = Paper::a4($upright, "Proof {$proof->nth()} of {$proof->docket()->tag()}");
            } else {
                $pdf->AddPage($upright ? 'P' : 'L');
            }
            $which = \count($pages) > 1 ? \sprintf(', %d of %d', $nth + 1, \count($pages)) : '';
            $this->sheet($pdf, $proof, $upright, $which);
        }

        return $pdf->Output('', 'S');
    }

    /** @return array{float, float} mm: what the drawing of a page takes at true size */
    private static function drawn(ProofPage $proof): array
    {
        $said = $proof->frozen();

        return 1 === $proof->drawing()->members()
            ? [$said->on->width / 1000, $said->on->height / 1000]
            : self::widest($proof);
    }

    /** @param string $which of how many pages it is, where there are several */
    private function sheet(\TCPDF $pdf, ProofPage $proof, bool $upright, string $which): void
    {
        [$width, $height] = self::drawn($proof);
        [$across, $down] = $upright ? [Paper::SHORT, Paper::LONG] : [Paper::LONG, Paper::SHORT];
        $scale = self::scale($width, $height, $across, $down);
        $this->head($pdf, $proof, $across, $which);
        $top = Paper::MARGIN + self::FACTS;
        if (1 < $proof->drawing()->members()) {
            $this->set($pdf, $proof, $scale, $across, $down, $top);

            return;
        }
        $svg = ProofDrawing::onObject(
            $proof,
            $proof->frozen(),
            $this->outlines->paths($proof->drawing()->outlines()),
            $this->pictures($proof),
            $this->photo($proof),
        );
        $pdf->ImageSVG(
            '@'.$svg,
            Paper::MARGIN + ($across - 2 * Paper::MARGIN - $width / $scale) / 2,
            $top,
            $width / $scale,
            $height / $scale,
        );
        Paper::bar($pdf, $scale, $across, $down);
    }

    /** One to how many the drawing has to be to stand on a sheet. */
    private static function scale(float $width, float $height, float $across, float $down): int
    {
        return Paper::scale(
            $width,
            $height,
            $across - 2 * Paper::MARGIN,
            $down - Paper::MARGIN - self::FACTS - self::FOOT,
        );
    }

    private function head(\TCPDF $pdf, ProofPage $proof, float $across, string $which): void
    {
        $half = ($across - 2 * Paper::MARGIN - 6) / 2;
        $top = Paper::MARGIN;
        Paper::write($pdf, $top, $top, $half, "{$proof->docket()->tag()}, proof {$proof->nth()}$which", 15, 'B');
        $made = "{$this->shop}, {$proof->madeAt()->format('j F Y, H:i')}";
        Paper::write($pdf, $top + $half + 6, $top + 1, $half, $made, 9, '', 'R');
        $this->rows($pdf, $this->facts->of($proof), $top, $top + 10, $half);
        self::notes($pdf, $proof, $half);
        $pdf->setLineStyle(['width' => 0.2, 'color' => [18, 32, 31]]);
        $pdf->Line($top, $top + self::FACTS - 4, $across - $top, $top + self::FACTS - 4);
    }

    private static function notes(\TCPDF $pdf, ProofPage $proof, float $half): void
    {
        $said = $proof->frozen()->notes;
        $notes = [...$said->remarks, ...$said->cautions, ...$said->care];
        if (null !== $proof->approvedAt()) {
            array_unshift($notes, "Approved by {$proof->approvedBy()}, {$proof->approvedAt()->format('j F Y, H:i')}.");
        }
        $pdf->setXY(Paper::MARGIN + $half + 6, Paper::MARGIN + 10);
        $says = implode("\n", array_map(static fn (string $note): string => "– $note", $notes));
        Paper::letters($pdf, '', 8, $says);
        $pdf->MultiCell($half, 4, $says, 0, 'L', maxh: self::FACTS - 14, fitcell: true);
    }

    /** @param list<array{string, string}> $rows */
    private function rows(\TCPDF $pdf, array $rows, float $x, float $y, float $width): void
    {
        foreach ($rows as [$name, $value]) {
            $pdf->setXY($x, $y);
            Paper::letters($pdf, '', 8, $name);
            $pdf->Cell(24, 5, $name);
            Paper::letters($pdf, 'B', 9, $value);
            $pdf->MultiCell($width - 24, 5, $value, 0, 'L', false, 1, $x + 24, $y);
            $y = max($y + 5.2, $pdf->GetY() + 0.2);
        }
    }

    private function set(\TCPDF $pdf, ProofPage $proof, int $scale, float $across, float $down, float $top): void
    {
        $paths = $this->outlines->paths($proof->drawing()->outlines());
        $pictures = $this->pictures($proof);
        [$x, $y, $row] = [Paper::MARGIN, $top, 0.0];
        for ($member = 0; $member < $proof->drawing()->members(); ++$member) {
            $size = $proof->drawing()->size($member);
            [$width, $height] = [$size->width->micrometres / 1000 / $scale, $size->height->micrometres / 1000 / $scale];
            if ($x > Paper::MARGIN && $x + $width > $across - Paper::MARGIN) {
                [$x, $y, $row] = [Paper::MARGIN, $y + $row + self::GAP, 0.0];
            }
            if ($y + $height + 5 > $down - self::FOOT) {
                Paper::bar($pdf, $scale, $across, $down);
                $pdf->AddPage();
                [$x, $y, $row] = [Paper::MARGIN, Paper::MARGIN, 0.0];
            }
            $svg = ProofDrawing::alone($proof, $member, $paths, $pictures);
            $pdf->ImageSVG("@$svg", $x, $y, $width, $height);
            Paper::write(
                $pdf,
                $x,
                $y + $height + 1,
                max($width, 30),
                implode(' / ', $proof->drawing()->linesOf($member)),
                7,
            );
            $x += max($width, 30) + self::GAP;
            $row = max($row, $height + 5);
        }
        Paper::bar($pdf, $scale, $across, $down);
    }

    /** @return array{float, float} mm */
    private static function widest(ProofPage $proof): array
    {
        $sizes = array_map($proof->drawing()->size(...), range(0, $proof->drawing()->members() - 1));

        return [
            max(array_map(static fn (Size $size): float => $size->width->micrometres / 1000, $sizes)),
            max(array_map(static fn (Size $size): float => $size->height->micrometres / 1000, $sizes)),
        ];
    }

    private static function name(ProofPage $proof, string $ending): string
    {
        return strtolower($proof->docket()->tag())."-proof-{$proof->nth()}.$ending";
    }
}
