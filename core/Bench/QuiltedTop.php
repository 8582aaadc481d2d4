<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;

/** Blocks that are quilted one by one, joined to rows and the rows to a quilt: what each layer measures when, and what the joins take. */
final readonly class QuiltedTop
{
    /** What each layer measures when it is cut, once the quilted block is trimmed, and as it shows: front, batting, back.
     *
     * @var array<string, array{Size, Size, Size}>
     */
    public array $layers;

    /** What every block is trimmed to. */
    public Size $trimmed;

    /** What a block shows once it is joined. */
    public Size $shows;

    /** What the quilt measures, and what its finished blocks alone would add up to. */
    public Size $quilt;

    public Size $alone;

    /**
     * How many joins there are between the blocks of rows, and how long they are, the longest first: where the outer edge of the quilt is
     * kept, those in its first and last row reach to that edge.
     *
     * @var list<array{int, Length}>
     */
    public array $short;

    /** How many joins there are between rows, and how long each is. */
    public int $long;

    public Length $longLength;

    /** How wide cover strips are cut; null where no strip is laid over the joins. */
    public ?Length $stripCut;

    /** How many strips across the cloth the cover strips take. */
    public int $strips;

    /**
     * @param  Size  $finished  a finished block
     * @param  Size|null  $measured  what her quilted blocks are really trimmed to; null for what the pattern says
     *
     * @throws MeasureRefused when that cannot be
     */
    public function __construct(
        public QuiltAsYouGo $quilting,
        Size $finished,
        int $columns,
        int $rows,
        CuttingRoom $room,
        ?Size $measured = null,
    ) {
        $planned = $quilting->trimmed($finished, $room);
        $this->trimmed = $measured ?? $planned;
        if (! $this->trimmed->width->isPositive() || $this->trimmed->width->minus($planned->width)->absolute()->isGreaterThan(Length::inches(2))
            || $this->trimmed->height->minus($planned->height)->absolute()->isGreaterThan(Length::inches(2))) {
            throw new MeasureRefused('measured', 'not_this_block');
        }
        $this->shows = $quilting->showing($this->trimmed);
        if (! $this->shows->width->isPositive() || ! $this->shows->height->isPositive()) {
            throw new MeasureRefused('measured', 'not_this_block');
        }
        $sizes = $quilting->sizes($finished, $room);
        $folded = $this->trimmed->outsetBy($quilting->allowance);
        // A layer that is folded over covers half of the allowance of the other one, all round.
        $covered = $this->shows->outsetBy($quilting->allowance->dividedBy(2)->negated());
        [$toFront, $toBack] = [$quilting->join === QuiltingJoin::BackToFront, $quilting->join === QuiltingJoin::FrontToBack];
        $this->layers = [
            'front' => [$sizes['front'], $toBack ? $folded : $this->trimmed, $toFront ? $covered : $this->shows],
            'batting' => [$sizes['batting'], $this->batting(), $this->shows],
            'back' => [$sizes['back'], $toFront ? $folded : $this->trimmed, $toBack ? $covered : $this->shows],
        ];
        $edge = $quilting->edge()->times(2);
        $this->quilt = new Size(
            $this->shows->width->times($columns)->plus($edge), $this->shows->height->times($rows)->plus($edge),
        );
        $this->alone = new Size($finished->width->times($columns), $finished->height->times($rows));
        $outer = min($rows, 2);
        $height = $this->shows->height;
        $atEdge = $height->plus($quilting->edge()->times($rows === 1 ? 2 : 1));
        $this->short = array_values(array_filter(
            $atEdge->equals($height)
                ? [[($columns - 1) * $rows, $height]] : [[($columns - 1) * $outer, $atEdge], [($columns - 1) * ($rows - $outer), $height]],
            fn (array $joins): bool => $joins[0] > 0,
        ));
        $this->long = $rows - 1;
        $this->longLength = $this->quilt->width;
        $this->stripCut = $quilting->join === QuiltingJoin::CoverStrip ? $sizes['strip']->plus($room->seam->times(2)) : null;
        $this->strips = $this->stripCut === null ? 0
            : self::strips($this->short, $this->stripCut, $room->usableWidth)
                + ($this->long === 0 ? 0 : LongStrips::strip($this->longLength->times($this->long), $this->stripCut, $room->usableWidth));
    }

    /**
     * Strips across the cloth for some lengths that are not joined: each is laid into the first strip that has room for it, the longest
     * first. What is longer than the cloth is wide is made from strips of its own.
     *
     * @param  list<array{int, Length}>  $lengths  how many, and how long, the longest first
     */
    private static function strips(array $lengths, Length $join, Length $usable): int
    {
        $whole = 0;
        $left = [];
        foreach ($lengths as [$count, $length]) {
            for ($number = 0; $number < $count; $number++) {
                if ($length->isGreaterThan($usable)) {
                    $whole += LongStrips::strip($length, $join, $usable);

                    continue;
                }
                $strip = 0;
                while (isset($left[$strip]) && $left[$strip]->isLessThan($length)) {
                    $strip++;
                }
                $left[$strip] = ($left[$strip] ?? $usable)->minus($length);
            }
        }

        return $whole + count($left);
    }

    /** Batting ends at the join where a seam would take it in, and is level with the block where a layer is folded over it. */
    private function batting(): Size
    {
        return $this->quilting->join === QuiltingJoin::CoverStrip
            ? $this->trimmed->outsetBy($this->quilting->allowance->negated())
            : $this->trimmed;
    }
}
