<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Piece;
use WeakMap;

/** What pieces are on the mat, by one ruler and on cloth of one width. Sizes share most of their pieces: each is worked out once. */
final class PieceShapes
{
    private readonly Marks $marks;

    /** @var WeakMap<Piece, Wanted> */
    private WeakMap $known;

    public function __construct(Notation $notation, private readonly CuttingRoom $room)
    {
        $this->marks = new Marks($notation);
        $this->known = new WeakMap;
    }

    /**
     * One such piece. Pieces that cannot be told apart once they lie on the mat have the same id.
     *
     * @param  Length|null  $margin  that every side gets; strips across the cloth and interlocking pieces get none
     */
    public function of(Piece $piece, ?Length $margin = null): Wanted
    {
        return $margin !== null ? $this->shape($piece, 2 * $this->marks->up($margin)) : $this->known[$piece] ??= $this->shape($piece, 0);
    }

    private function shape(Piece $piece, int $margin): Wanted
    {
        $shape = $this->wanted($piece, $margin);

        return $shape->known($this->id($piece, $shape));
    }

    private function wanted(Piece $piece, int $margin): Wanted
    {
        $height = $this->marks->piece($piece->width);
        if ($piece->length === null) {
            return new Wanted('strip', $height, $this->marks->down($this->room->usableWidth), 1, turns: false);
        }
        if ($piece->lay->advance === null && $piece->lay->group === 1) {
            return new Wanted('piece', $height + $margin, $this->marks->piece($piece->length) + $margin, 1);
        }

        return new Wanted(
            'piece', $height, $this->marks->piece($piece->length), 1,
            $piece->lay->advance === null ? null : $this->marks->piece($piece->lay->advance), $piece->lay->group,
        );
    }

    private function id(Piece $piece, Wanted $shape): string
    {
        return implode('-', [
            $piece->shape->value, $shape->height, $piece->length === null ? 'whole' : $shape->length, $shape->pitch,
            ...$piece->lay->outline === null ? [] : [
                substr(hash('sha256', serialize($piece->lay->outline)), 0, 8), $piece->lay->mirrored ? 'mirrored' : 'plain',
            ],
            ...$piece->lines->cut === [] ? [] : ['cut'.count($piece->lines->cut)],
            ...$piece->lines->sew === [] ? [] : ['sewn'],
        ]);
    }
}
