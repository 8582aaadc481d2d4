<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Models\QuiltAlong;
use App\Support\Kept;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/**
 * The small drawings of the cards of the board, one of each unit and block, kept as long as no unit, block or cloth changes. A few stand in
 * the page; those of a large design are a file of their own, which a browser keeps.
 */
final readonly class CardLooks
{
    /** The longer side of a drawing, in pixels. */
    private const SIDE = 44;

    /**
     * @param  string  $svg  with every drawing as a group to be used
     * @param  array<string, array{string, int, int}>  $boxes  of each unit and block, by id: the box to show and how large, in pixels
     */
    private function __construct(
        public string $svg,
        public array $boxes,
    ) {
    }

    public static function of(QuiltAlong $quiltAlong, DraftDocument $document): self
    {
        $of = array_map(
            fn (string $list): mixed => $document->at(Place::of($list))->value,
            ['units', 'blocks', 'colourways', 'fabrics', 'seam'],
        );

        return Kept::Cards->remember([$of, $quiltAlong->slug], function () use ($quiltAlong, $document): self {
            $looks = Looks::ofUnits($document);
            $studies = BlockStudy::all($document, $quiltAlong->units);
            $boxes = [];
            foreach ($looks as $id => $look) {
                $boxes[(string) $id] = self::box($look->width, $look->height);
            }
            foreach ($studies as $id => $study) {
                $boxes[(string) $id] = self::box(...$study->seen());
            }
            $svg = view('workshop.card-looks', ['looks' => $looks, 'studies' => $studies, 'palette' => Palette::of($document)])->render();

            return new self(trim($svg), $boxes);
        });
    }

    public function isLarge(): bool
    {
        return strlen($this->svg) > QuiltStudy::INLINE;
    }

    /** Where the drawings are used from: nothing when they stand in the page, the address of their file when they are large. */
    public function address(QuiltAlong $quiltAlong): string
    {
        return $this->isLarge() ? route('host.card_looks', [$quiltAlong, 'of' => hash('crc32b', $this->svg)]) : '';
    }

    /** @return array{string, int, int} */
    private static function box(float $width, float $height): array
    {
        $scale = self::SIDE / max($width, $height, 1.0);

        return [
            sprintf('-3 -3 %s %s', max($width, 1.0) + 6, max($height, 1.0) + 6),
            (int) round($width * $scale),
            (int) round($height * $scale),
        ];
    }
}
