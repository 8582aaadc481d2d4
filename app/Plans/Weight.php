<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Support\Kept;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\MeasureException;
use InvalidArgumentException;

/** Whether a design is so large that working it out is left to a worker. Asked of the design that is published, or of its draft. */
final class Weight
{
    public const DRAFT = 'draft';

    public const PUBLISHED = 'published';

    /** Units at all sizes together up to which a page works a design out itself, within about a second. */
    private const LIGHT = 4000;

    public static function isHeavy(QuiltAlong $quiltAlong, string $which): bool
    {
        return Kept::Weight->remember(
            [self::edition($quiltAlong, $which)], fn (): int => self::units($quiltAlong, $which),
        ) > self::LIGHT;
    }

    /** A text that changes with the design. */
    public static function edition(QuiltAlong $quiltAlong, string $which): string
    {
        $number = $which === self::DRAFT
            ? Draft::query()->whereBelongsTo($quiltAlong)->value('number') : $quiltAlong->published_version_id;

        return "$quiltAlong->id/$which/$number/".Compiler::REVISION;
    }

    /** Units at all sizes together; 0 where there is no design, or one that cannot be worked out. */
    private static function units(QuiltAlong $quiltAlong, string $which): int
    {
        $document = $which === self::DRAFT
            ? Draft::query()->whereBelongsTo($quiltAlong)->value('document') : $quiltAlong->publishedVersion?->document;
        try {
            $design = is_string($document) ? DesignReader::reading($document)->design : null;
            if ($design === null) {
                return 0;
            }
            $compilation = Compilation::of($design);

            return array_sum(array_map($compilation->units(...), $design->sizes));
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return 0;
        }
    }
}
