<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use App\Support\Words;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\References;
use Dew\Core\Unit\Kind\UnitLibrary;

/** The blocks that ship with Dew, to take from: worked out once, and shown in the cloth of the design that takes one. */
final readonly class Library
{
    private const FILE = 'designs/block-library.json';

    /** Seams in one block up to which it counts as easy, and as middling. */
    private const EASY = 20;

    private const MIDDLING = 44;

    /** @param  list<LibraryBlock>  $blocks */
    private function __construct(
        public DraftDocument $document,
        public array $blocks,
    ) {
    }

    public static function open(): self
    {
        $text = (string) file_get_contents(database_path(self::FILE));
        $document = DraftDocument::of(DesignDocument::fromJson($text));
        $blocks = Kept::Library->remember([$text], fn (): array => self::blocks($document));

        return new self($document, $blocks);
    }

    /** @return list<LibraryBlock> */
    private static function blocks(DraftDocument $document): array
    {
        $kinds = [];
        foreach ($document->items(Place::of('units')) as $unit) {
            $kinds[(string) Place::idOf($unit)] = is_string($unit['kind'] ?? null) ? $unit['kind'] : '';
        }
        $blocks = [];
        foreach ($document->items(Place::of('blocks')) as $block) {
            $id = (string) Place::idOf($block);
            $study = BlockStudy::of($document, $id, app(Words::class)->notation());
            $inside = [];
            foreach (References::in(new DraftDocument(['blocks' => [$block]])) as $reference) {
                if ($reference->list === 'units' && isset($kinds[$reference->id])) {
                    $inside[$kinds[$reference->id]] = true;
                }
            }
            $techniques = array_diff(array_keys($inside), ['square', 'rectangle']);
            $blocks[] = new LibraryBlock(
                $id,
                is_string($block['name'] ?? null) ? $block['name'] : $id,
                count(is_array($block['columns'] ?? null) ? $block['columns'] : []),
                count(is_array($block['rows'] ?? null) ? $block['rows'] : []),
                array_values($techniques),
                $study->pieces,
                match (true) {
                    array_filter($techniques, fn (string $kind): bool => UnitLibrary::find($kind)->isCareful ?? false) !== [] || $study->pieces > self::MIDDLING => 'hard',
                    $study->pieces > self::EASY => 'middling',
                    default => 'easy',
                },
                $study,
            );
        }

        return $blocks;
    }

    /**
     * Which fabric of a design stands for which of the library's: one of the same value where there is one that is not taken yet, then the
     * next in order.
     *
     * @param  array<string, string>  $wanted  what somebody chose, by the library's fabric
     * @return array<string, string> by the library's fabric
     */
    public function match(DraftDocument $design, array $wanted): array
    {
        $theirs = $design->items(Place::of('fabrics'));
        $values = array_column($theirs, 'value', 'id');
        $taken = [];
        $matched = [];
        foreach ($this->document->items(Place::of('fabrics')) as $fabric) {
            $id = (string) Place::idOf($fabric);
            $free = array_diff(array_keys($values), $taken);
            $same = array_filter($free, fn (string $one): bool => $values[$one] === ($fabric['value'] ?? ''));
            $chosen = isset($wanted[$id], $values[$wanted[$id]]) ? $wanted[$id] : null;
            $matched[$id] = (string) ($chosen ?? array_values($same)[0] ?? array_values($free)[0] ?? array_key_last($values));
            $taken[] = $matched[$id];
        }

        return $matched;
    }

    public function block(string $id): ?LibraryBlock
    {
        foreach ($this->blocks as $block) {
            if ($block->id === $id) {
                return $block;
            }
        }

        return null;
    }
}
