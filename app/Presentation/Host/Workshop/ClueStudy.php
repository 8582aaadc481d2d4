<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\CuttingList;
use App\Presentation\Shared\RecapLines;
use App\Support\Kept;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Notation;
use Dew\Core\Press\PressBook;
use Dew\Core\Unit\MethodChoices;
use InvalidArgumentException;

/** A clue of a draft as a member of one size and colourway would read it. */
final readonly class ClueStudy
{
    private function __construct(
        public CluePage $page,
        public string $recap,
    ) {
    }

    /** Null while the draft cannot be worked out. */
    public static function of(DraftDocument $document, string $clue, string $size, string $colourway, Notation $notation): ?self
    {
        try {
            $design = DesignReader::stored($document->document()->text);
            $size = isset($design->sizes[$size]) ? $size : (string) array_key_first($design->sizes);
            // How seams are pressed takes a plan of the whole top, and no words of a clue change it.
            Compiler::usePressBook($design, $size, Kept::DraftPressing->remember(
                [array_diff_key($document->value, ['clues' => true]), $size], fn (): PressBook => Compiler::pressBook($design, $size),
            ));
            $compiler = new SizeCompiler($design, $size);
            $methods = MethodChoices::defaults($design->methods);
            $announcement = Compiler::announcement($design);
            $colourway = isset($design->colourways[$colourway]) ? $colourway : null;
            $page = fn (string $one): CluePage => CluePage::forPreview($compiler->clue($one, $methods), $announcement, $notation, $colourway);
            $sheet = $compiler->clue($clue, $methods)->readBy($notation);
            $keys = array_map(strval(...), array_keys($design->clues));
            $earlier = array_reverse(array_slice($keys, 0, (int) array_search($clue, $keys, true)));

            return new self(
                CluePage::forPreview($sheet, $announcement, $notation, $colourway, CuttingList::kept($sheet, $notation)),
                RecapLines::html($sheet, array_map($page, $earlier))[0],
            );
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return null;
        }
    }
}
