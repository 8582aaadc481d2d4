<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\DesignVersion;
use App\Models\QuiltAlong;
use App\Plans\Whole\SheetStore;
use App\Presentation\Host\FindingSentence;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\DesignWriter;
use Dew\Core\Document\DocumentException;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Illuminate\Support\Facades\DB;

/**
 * Makes a design document the quilt-along's published version: read and checked, stored for good, its clues listed, its sheets compiled.
 */
final readonly class PublishDesign
{
    public function __construct(private SheetStore $sheets)
    {
    }

    /** @throws DocumentException when the document cannot be read, or its proof finds an error */
    public function __invoke(QuiltAlong $quiltAlong, string $document): DesignVersion
    {
        $design = DesignReader::read($document);
        foreach (Proof::of($design) as $finding) {
            if ($finding->severity === Severity::Error) {
                throw DocumentException::at($finding->place, FindingSentence::of($finding));
            }
        }

        return DB::transaction(function () use ($quiltAlong, $document, $design): DesignVersion {
            $version = $quiltAlong->versions()->create([
                'number' => (int) $quiltAlong->versions()->max('number') + 1,
                'document' => $document,
                'hash' => hash('sha256', DesignWriter::write($design)),
            ]);
            foreach (array_values($design->clues) as $index => $clue) {
                $quiltAlong->clues()->updateOrCreate(['key' => $clue->id], [
                    'number' => $index + 1,
                    'title' => $clue->title,
                    'kinds' => array_map(fn (UnitKind $kind): string => $kind->value, Compiler::kinds($design, $clue->id)),
                ]);
            }
            $this->sheets->warm($version);
            $quiltAlong->default_methods = array_map(fn (Method $method): string => $method->value, $design->methods);
            $quiltAlong->publishedVersion()->associate($version)->save();

            return $version;
        });
    }
}
