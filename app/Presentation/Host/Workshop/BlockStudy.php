<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Picture;
use App\Support\Kept;
use App\Wording\Figure;
use App\Wording\Host\FindingSentence;
use App\Wording\Problems;
use App\Wording\TimeRange;
use Dew\Core\Block\Block;
use Dew\Core\Block\SixtyBlock;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Draft\Place;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Problem;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\FriendlySizes;
use Dew\Core\Proof\Proof;
use Dew\Core\Sheet\Effort;
use Dew\Core\Sixty\SixtyShape;
use InvalidArgumentException;

/**
 * One block of a draft worked out: what it looks like, how large it finishes at every size, what it takes to make, and what is wrong with
 * it. It is read from an excerpt that holds this block alone, and kept under that excerpt, so that a block which was not touched costs
 * nothing.
 */
final readonly class BlockStudy
{
    /** Findings about one block alone; what only a whole quilt can tell is for the proof. */
    private const NOT_ALONE = ['unfinished', 'unused-fabric', 'unmade-unit', 'unmade-block', 'wasteful-yield', 'bias-edge', 'unfriendly-size',
        'unfriendly-size-near', 'unused-byproduct', 'points-at-join', 'missing-halves', 'unused-unit'];

    /**
     * @param  list<float>  $columns  widths in hundredths of an inch
     * @param  list<float>  $rows
     * @param  array<string, Look>  $looks  by product key
     * @param  list<array{column: int, row: int, product: string, x: float, y: float, turn: int}>  $laid  what lies where
     * @param  string|null  $problem  why it cannot be drawn
     * @param  string  $time  how long one takes, in words
     * @param  list<array{name: string, finished: string, unfinished: string, friendly: bool, near: string, side: string}>  $sizes
     * @param  list<array{severity: string, text: string, column: int|null, row: int|null}>  $findings
     * @param  array{float, float}|null  $trimmed  width and height that it is trimmed to, in hundredths of an inch
     * @param  SixtyShape|null  $shape  of a block on 60° axes
     * @param  array<string, list<array{column: int, row: int, product: string, x: float, y: float, turn: int}>>  $ways  what lies where in
     *     other ways to turn its parts, by the id of the way
     */
    private function __construct(
        public array $columns,
        public array $rows,
        public array $looks,
        public array $laid,
        public ?string $problem,
        public int $pieces = 0,
        public ?Effort $effort = null,
        public string $time = '',
        public array $sizes = [],
        public array $findings = [],
        public ?array $trimmed = null,
        public ?SixtyShape $shape = null,
        public array $ways = [],
    ) {
    }

    public static function of(DraftDocument $document, string $block, Notation $notation): self
    {
        return self::many($document, [$block], $notation)[$block];
    }

    /** @return array<string, self> of every block, by id */
    public static function all(DraftDocument $document, Notation $notation): array
    {
        return self::many($document, array_map(fn (array $block): string => (string) Place::idOf($block), $document->items(Place::of('blocks'))), $notation);
    }

    /**
     * Several blocks, those that were worked out before fetched together.
     *
     * @param  list<string>  $blocks  by id
     * @return array<string, self> by id
     */
    public static function many(DraftDocument $document, array $blocks, Notation $notation): array
    {
        $ofs = [];
        foreach ($blocks as $block) {
            $ofs[$block] = [$notation->value, Excerpt::keyOfBlock($document, $block)];
        }

        return Kept::Block->many($ofs, fn (array $missing): array => array_combine($missing, array_map(
            fn (int|string $block): self => self::make(Excerpt::ofBlock($document, (string) $block)->text, (string) $block, $notation), $missing,
        )));
    }

    /** @return array{float, float} how wide and high it finishes, in hundredths of an inch */
    public function seen(): array
    {
        return $this->trimmed ?? [array_sum($this->columns), array_sum($this->rows)];
    }

    /** The corners of a block that fills no rectangle, for drawing; null for one that does. */
    public function points(): ?string
    {
        [$width, $height] = $this->seen();

        return match ($this->shape) {
            null => null,
            SixtyShape::Triangle => sprintf('%s,0 %s,%s 0,%s', $width / 2, $width, $height, $height),
            SixtyShape::Diamond => sprintf('%s,0 %s,0 %s,%s 0,%s', $width / 3, $width, $width * 2 / 3, $height, $height),
            SixtyShape::HalfTriangle => sprintf('0,0 %s,0 0,%s', $width, $height),
        };
    }

    /** @return array{float, float} how much is trimmed off the left, and off the top */
    public function off(): array
    {
        [$width, $height] = $this->seen();

        return [(array_sum($this->columns) - $width) / 2, (array_sum($this->rows) - $height) / 2];
    }

    private static function make(string $excerpt, string $id, Notation $notation): self
    {
        $reading = DesignReader::reading($excerpt);
        $design = $reading->design;
        $block = $design?->blocks[$id] ?? null;
        if ($design === null || $block === null) {
            $serious = array_values(array_filter($reading->complaints, fn ($complaint): bool => ! $complaint->unfinished));

            return new self([], [], [], [], Problems::say(($serious[0] ?? $reading->complaints[0] ?? null)->problem ?? Problem::said('')));
        }
        $compilation = Compilation::of($design);
        $products = $compilation->products(1, 1);
        $unit = $products[$id];
        [$looks, $laid] = self::drawn($block, $products, $design->pictures);
        $inches = fn (Length $length): float => $length->toFloat() * Picture::PER_INCH;
        try {
            $sheet = Compiler::blockSheet($design, (string) array_key_first($design->sizes), $id);
            $sizes = self::sizes($design, $id, $notation);
        } catch (InvalidArgumentException|MeasureException) {
            [$sheet, $sizes] = [null, []];
        }

        $box = $block->finished();
        $isSixty = $block instanceof SixtyBlock;

        return new self(
            array_map($inches, $isSixty ? [$box->width] : $block->columns),
            array_map($inches, $isSixty ? [$box->height] : $block->rows),
            $looks,
            $laid,
            null,
            count($unit->patches()),
            $sheet?->effort,
            TimeRange::text($design->pace->minutes(count($unit->patches()))),
            $sizes,
            self::findings(DraftDocument::of($reading->document), Proof::ofDraft($reading)),
            $isSixty || $block->trimmed === null ? null : [$inches($block->trimmed->width), $inches($block->trimmed->height)],
            $isSixty ? $block->shape : null,
            array_map(
                fn (string $way): array => self::drawn($block->inWay($way), $products)[1],
                array_combine(array_keys($block->ways), array_keys($block->ways)),
            ),
        );
    }

    /**
     * @param  array<string, \Dew\Core\Unit\Unit>  $products
     * @param  array<string, string>  $pictures  hashes by unit
     * @return array{array<string, Look>, list<array{column: int, row: int, product: string, x: float, y: float, turn: int}>}
     */
    private static function drawn(Block|SixtyBlock $block, array $products, array $pictures = []): array
    {
        $looks = $laid = [];
        foreach ($block->placements($products) as $index => $placement) {
            if ($block instanceof SixtyBlock) {
                [$row, $column] = $block->grid->covered($block->parts[$index]->spot)[0] ?? [0, 0];
            } else {
                [$row, $column] = [$block->cells[$index]->row, $block->cells[$index]->column];
            }
            $looks[$placement->product] ??= Look::of($products[$placement->product], $pictures[$placement->product] ?? null);
            $laid[] = ['column' => $column + 1, 'row' => $row + 1] + self::place($placement);
        }

        return [$looks, $laid];
    }

    /** @return array{product: string, x: float, y: float, turn: int} */
    private static function place(Placement $placement): array
    {
        return [
            'product' => $placement->product,
            'x' => round($placement->x->toFloat() * Picture::PER_INCH, 2),
            'y' => round($placement->y->toFloat() * Picture::PER_INCH, 2),
            'turn' => $placement->turn,
        ];
    }

    /**
     * How large the block is at every scale, and whether that is friendly.
     *
     * @return list<array{name: string, finished: string, unfinished: string, friendly: bool, near: string, side: string}>
     */
    private static function sizes(Design $design, string $id, Notation $notation): array
    {
        $compilation = Compilation::of($design);
        $text = fn (Length $length): string => Figure::text(Measurement::setting($length), $notation);
        $rows = [];
        foreach ($compilation->sizes() as $sized) {
            $scale = $sized->size->scaleKey();
            if (isset($rows[$scale])) {
                $rows[$scale]['name'] .= ', '.$sized->size->name;

                continue;
            }
            $finished = $sized->products[$id]->finished();
            $raw = $finished->outsetBy($design->room->seam);
            $block = $design->blocks[$id] ?? null;
            $side = $finished->width;
            if ($block instanceof SixtyBlock) {
                $side = $block->shape->side($finished);
                [$finished, $raw] = [$block->shape->along($side), $block->shape->unfinished($side, $design->room->seam)];
            }
            $friendly = FriendlySizes::of($compilation, $sized);
            $near = array_filter($friendly->unfriendly === [] ? [] : $friendly->nearest());
            $rows[$scale] = [
                'name' => $sized->size->name,
                'finished' => $text($finished->width).' × '.$text($finished->height),
                'unfinished' => $text($raw->width).' × '.$text($raw->height),
                'friendly' => $friendly->unfriendly === [],
                'near' => implode(' '.__('workshop.or').' ', array_unique(array_map($text, $near))),
                'side' => $side->isRational() ? LengthText::of($side) : '',
            ];
        }

        return array_values($rows);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array{severity: string, text: string, column: int|null, row: int|null}>
     */
    private static function findings(DraftDocument $document, array $findings): array
    {
        $said = [];
        foreach ($findings as $finding) {
            // Fabrics, clues and sizes are the whole quilt's, and are proved with it.
            if (in_array($finding->code, self::NOT_ALONE, true) || preg_match('#^/(blocks|units)/#', $finding->place) !== 1) {
                continue;
            }
            $cell = $document->cell($finding->place);
            $said[] = [
                'severity' => $finding->severity->value,
                'text' => FindingSentence::of($finding, $document),
                'column' => is_int($cell['column'] ?? null) ? $cell['column'] : null,
                'row' => is_int($cell['row'] ?? null) ? $cell['row'] : null,
            ];
        }

        return $said;
    }
}
