<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** Blocks quilted one by one with their own batting and back, and joined afterwards; the way of joining decides every size. */
final readonly class QuiltAsYouGo
{
    /** What is trimmed off a quilted block, in all; nothing where the pattern does not say. */
    public Length $trim;

    /**
     * @param  Length  $allowance  h: what the folded layer stands out beyond the batting, or what a plain join or a cover strip's seam
     *     takes
     * @param  bool  $edgeKept  whether the allowance is kept along the outside of the quilt; else the outer edges are trimmed to the
     *     batting
     */
    public function __construct(
        public QuiltingJoin $join,
        public Length $allowance,
        public bool $edgeKept = false,
        ?Length $trim = null,
    ) {
        $this->trim = $trim ?? Length::zero();
    }

    /** What a block is trimmed to once it is quilted: its finished size, a seam allowance all round, and less what trimming takes. */
    public function trimmed(Size $finished, CuttingRoom $room): Size
    {
        return $finished->outsetBy($room->seam)->outsetBy($this->trim->dividedBy(2)->negated());
    }

    /**
     * What one block adds to a row. Joined along the edges of the batting, with one layer folded over, a block of trimmed side A keeps all
     * of A; joined with a seam of h, or with a cover strip, it measures A − 2h.
     */
    public function pitch(Size $finished, CuttingRoom $room): Size
    {
        return $this->showing($this->trimmed($finished, $room));
    }

    /** What is left of a block that is trimmed to some size once it is joined. */
    public function showing(Size $trimmed): Size
    {
        return $this->takesAllowance() ? $trimmed->outsetBy($this->allowance->negated()) : $trimmed;
    }

    /** What stands out beyond the outermost joins on each side of the quilt. */
    public function edge(): Length
    {
        return $this->takesAllowance() && $this->edgeKept ? $this->allowance : Length::zero();
    }

    private function takesAllowance(): bool
    {
        return $this->join === QuiltingJoin::CoverStrip || $this->join === QuiltingJoin::SewnThrough;
    }

    /**
     * Sizes for one block.
     *
     * Back folded to the front: the block is trimmed level with its batting, the back stands out by h all round; sewn along the batting's
     * edge and folded over, the strip shows h wide and covers h/2 of each block, the outer one shows h/2. Front folded to the back: the
     * same, seen from behind, so that no strip shows. A cover strip: the layers are joined with a seam of h, and the batting is smaller
     * than the block by h all round; a strip of 2h is laid over the seam behind. Sewn through: all layers end together and lose h.
     *
     * @return array{front: Size, batting: Size, back: Size, trimmed: Size, shows: Size, strip: Length, outer: Length, clear: Length} what is
     *     pieced and cut, unfinished; what the quilted block is trimmed to; what it shows once it is joined; the width of the strip as it
     *     shows; the same at the quilt's edge; how far points must stay from the trimmed edge of the front
     */
    public function sizes(Size $finished, CuttingRoom $room): array
    {
        $zero = Length::zero();
        $half = $this->allowance->dividedBy(2);
        $front = $finished->outsetBy($room->seam);
        $larger = $front->outsetBy($this->allowance);
        $trimmed = $this->trimmed($finished, $room);
        $then = ['trimmed' => $trimmed, 'shows' => $this->showing($trimmed)];

        return match ($this->join) {
            QuiltingJoin::BackToFront => [
                'front' => $front,
                'batting' => $front,
                'back' => $larger,
                ...$then,
                'strip' => $this->allowance,
                'outer' => $half,
                'clear' => $half,
            ],
            QuiltingJoin::FrontToBack => [
                'front' => $larger,
                'batting' => $front,
                'back' => $front,
                ...$then,
                'strip' => $zero,
                'outer' => $zero,
                'clear' => $this->allowance,
            ],
            QuiltingJoin::CoverStrip => [
                'front' => $front,
                'batting' => $trimmed->outsetBy($this->allowance->negated()),
                'back' => $trimmed,
                ...$then,
                'strip' => $this->allowance->times(2),
                'outer' => $zero,
                'clear' => $this->allowance,
            ],
            QuiltingJoin::SewnThrough => [
                'front' => $front,
                'batting' => $front,
                'back' => $front,
                ...$then,
                'strip' => $zero,
                'outer' => $zero,
                'clear' => $this->allowance,
            ],
        };
    }

    /** @return array<string, bool|string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'join' => $this->join->value, 'allowance' => $this->allowance->encode(), 'edge_kept' => $this->edgeKept,
            'trim' => $this->trim->encode(),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->get('join')->enum(QuiltingJoin::class), Length::decode($data->get('allowance')->text()),
            $data->get('edge_kept')->boolean(), Length::decode($data->get('trim')->text()),
        );
    }
}
