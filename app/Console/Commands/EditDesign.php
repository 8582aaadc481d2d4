<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Problems;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\EditLibrary;
use Illuminate\Console\Command;
use JsonException;

/** Applies a list of edits to a design document, finished or not. All of them are applied or none. */
final class EditDesign extends Command
{
    use ReadsDesigns;

    private const DEEPEST = 64;

    protected $signature = 'dew:edit
        {file : A design document}
        {edits : A file with a list of edits, see docs/edits.md}
        {--out= : Where to write the document; printed when left out}
        {--undo= : Where to write the edits that take all of this back}';

    protected $description = 'Apply edits to a design, and print the document or the conflict';

    public function handle(): int
    {
        $text = $this->contents('file');
        $given = $text === null ? null : $this->contents('edits');
        if ($text === null || $given === null) {
            return self::INVALID;
        }
        try {
            $edits = json_decode($given, true, self::DEEPEST, JSON_THROW_ON_ERROR);
            $document = DraftDocument::of(DesignDocument::fromJson($text));
        } catch (JsonException $error) {
            $this->error(__('edits.not_json', ['problem' => Problems::of($error)]));

            return self::INVALID;
        } catch (DocumentException $error) {
            $this->error(Problems::of($error));

            return self::INVALID;
        }
        if (! is_array($edits) || ! array_is_list($edits)) {
            $this->error(__('edits.no_list'));

            return self::INVALID;
        }

        return $this->apply($document, $edits);
    }

    /** @param  list<mixed>  $edits */
    private function apply(DraftDocument $document, array $edits): int
    {
        $undo = [];
        foreach ($edits as $index => $edit) {
            try {
                $applied = Edits::apply($document, EditLibrary::read($edit));
            } catch (EditRefused|EditConflict $error) {
                $this->error(__('edits.stopped', ['number' => $index + 1, 'problem' => Problems::of($error)]));

                return self::FAILURE;
            }
            $document = $applied->document;
            array_unshift($undo, $applied->undo()->toArray());
        }
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
        $undoFile = $this->text('undo');
        if ($undoFile !== '' && ! $this->put($undoFile, json_encode($undo, $flags)."\n")) {
            return self::FAILURE;
        }

        return $this->put($this->text('out'), $document->document()->text) ? self::SUCCESS : self::FAILURE;
    }
}
