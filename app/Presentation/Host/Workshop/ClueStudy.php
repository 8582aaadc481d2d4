<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Presentation\Shared\CluePage;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Notation;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Plan\Whole\SizeCompiler;
use Dew\Core\Unit\MethodChoices;
use InvalidArgumentException;

/** A clue of a draft as a member of one size and colourway would read it. */
final class ClueStudy
{
    /** Null while the draft cannot be worked out. */
    public static function of(DraftDocument $document, string $clue, string $size, string $colourway, Notation $notation): ?CluePage
    {
        try {
            $design = DesignReader::stored($document->document()->text);
            $size = isset($design->sizes[$size]) ? $size : (string) array_key_first($design->sizes);
            $sheet = (new SizeCompiler($design, $size))->clue($clue, MethodChoices::defaults($design->methods));

            return CluePage::forPreview(
                $sheet,
                Compiler::announcement($design),
                $notation,
                isset($design->colourways[$colourway]) ? $colourway : null,
            );
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return null;
        }
    }
}
