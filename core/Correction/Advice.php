<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

/** One thing for a member to do, or to leave as it is, after a correction. */
final readonly class Advice
{
    /**
     * @param  string  $code  `made-kept`, `made-trim`, `made-anew`, `made-more`, `made-spare`, `cut-kept`, `cut-trim`, `cut-anew`,
     *     `cut-more` or `cut-spare`
     * @param  int  $count  how many units or pieces it is about
     * @param  PieceCorrection|null  $piece  of what was cut
     */
    public function __construct(
        public string $code,
        public int $count,
        public ?PieceCorrection $piece = null,
    ) {
    }
}
