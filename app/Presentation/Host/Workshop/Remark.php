<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Placeholder;
use App\Support\Words;
use App\Wording\Figure;
use App\Wording\Host\FindingSentence;
use Dew\Core\Design\Design;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Measurement;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Severity;
use Dew\Core\Words\Chore;

/** A finding as the proof page has it: its sentence, where it leads, and where the remedy is mechanical the edit that brings it. */
final readonly class Remark
{
    /** What a stage is first said to take. */
    private const FINISHING_MINUTES = ['layers' => 60, 'quilting' => 180, 'binding' => 90];

    /** What is put right on the page of a clue's words. */
    private const OF_WORDS = ['no-opening', 'tool-late', 'quoted-length', 'quoted-count', 'secret-named', 'secret-picture'];

    /**
     * @param  string  $where  the thing it is about, by name
     * @param  string  $view  the page of the workshop where it is put right
     * @param  string  $of  what is shown there: a block's id
     * @param  string  $spot  the part of that page, for its address
     * @param  array<string, mixed>|null  $remedy  an edit
     */
    private function __construct(
        public string $code,
        public Severity $severity,
        public string $sentence,
        public string $where,
        public string $view,
        public string $of,
        public string $spot,
        public ?array $remedy,
        public string $remedyText,
    ) {
    }

    public static function of(Finding $finding, DraftDocument $document): self
    {
        $steps = explode('/', ltrim($finding->place, '/'));
        $list = $steps[0];
        $thing = isset($steps[1]) && ctype_digit($steps[1]) ? $document->items(Place::of($list))[(int) $steps[1]] ?? null : null;
        $id = (string) Place::idOf($thing);
        $name = is_array($thing) ? $thing['name'] ?? $thing['title'] ?? $id : '';
        $cell = $document->cell($finding->place);
        [$view, $of, $spot] = match ($list) {
            'blocks' => $id === '' ? ['blocks', '', ''] : [
                'block',
                $id,
                $cell !== null ? 'cell-'.str_replace(',', '-', (string) Place::idOf($cell)) : '',
            ],
            'units' => $id === '' ? ['blocks', '', ''] : ['unit', $id, ''],
            'fabrics', 'colourways' => ['cloth', '', $id === '' ? '' : $list.'-'.$id],
            'clues' => $id !== '' && in_array($finding->code, self::OF_WORDS, true)
                ? ['clue', $id, ''] : ['clues', '', $id === '' ? '' : 'clue-'.$id],
            default => ['quilt', '', $list === 'sizes' && $id !== '' ? 'size-'.$id : ''],
        };
        [$remedy, $text] = self::remedy($finding, $list, $id, $document);

        return new self(
            $finding->code,
            $finding->severity,
            self::sentence($finding, $list, $document),
            $id === '' ? __(
                'workshop.lists.'.(in_array(
                    $list,
                    ['fabrics', 'colourways', 'units', 'blocks', 'sizes', 'clues', 'setting'],
                    true,
                ) ? $list : 'design'),
            )
                : __('compare.lists.'.$list, ['name' => is_string($name) ? $name : $id]),
            $view,
            $of,
            $spot,
            $remedy,
            $text,
        );
    }

    /** What is only missing is said by what to do next. */
    private static function sentence(Finding $finding, string $list, DraftDocument $document): string
    {
        $next = 'workshop.next.'.$list;
        $empty = $finding->code === 'unfinished' && preg_match('#^/'.$list.'$#', $finding->place) === 1;
        if (($empty || ($finding->code === 'unreadable' && $finding->place === '/setting/pattern')) && __($next) !== $next) {
            return __($next);
        }

        return FindingSentence::of($finding, $document);
    }

    /** @return array{array<string, mixed>|null, string} an edit, and what its button says */
    private static function remedy(Finding $finding, string $list, string $id, DraftDocument $document): array
    {
        $remove = EditLibrary::form('remove', place: "$list/$id");

        return match (true) {
            $finding->code === 'unmade-part' => [self::task($document, $finding->names['part']), __('workshop.remedies.task')],
            $finding->code === 'no-joining' => [self::last(Design::JOINING), __('workshop.remedies.joining')],
            $finding->code === 'no-finishing' => [self::last(Design::FINISHING), __('workshop.remedies.finishing')],
            $id === '' => [null, ''],
            in_array($finding->code, ['unused-fabric', 'unused-unit', 'unused-block'], true) => [$remove, __('workshop.remedies.remove')],
            in_array($finding->code, ['unmade-unit', 'unmade-block'], true) => [
                self::task($document, $finding->names['part']),
                __('workshop.remedies.task'),
            ],
            $finding->code === 'empty-clue' => [
                EditLibrary::form('set', place: "clues/$id/kind", to: 'pause'), __('workshop.remedies.pause'),
            ],
            $finding->code === 'tool-late' => [
                EditLibrary::form('together', edits: [
                    ...$document->at(Place::of('prepare'))->exists ? [] : [
                        EditLibrary::form('set', place: 'prepare', to: ['tools' => []]),
                    ],
                    EditLibrary::form('add', to: 'prepare/tools', item: [
                        'id' => Placeholder::in('id', 'o'), 'name' => $finding->names['tool'],
                        ...isset($finding->lengths['size']) ? ['at_least' => LengthText::of($finding->lengths['size'])] : [],
                    ]),
                ]),
                __('workshop.remedies.tool'),
            ],
            $finding->code === 'unfriendly-size-near' => self::friendlier($finding, $id),
            $finding->code === 'seams-differ' => self::fitting($finding, $id, $document),
            $finding->code === 'colourway-gap' => self::clothed($finding, $id, $document),
            default => [null, ''],
        };
    }

    /** @return array{array<string, mixed>|null, string} blocks of the nearest friendly size */
    private static function friendlier(Finding $finding, string $size): array
    {
        [$block, $lower, $higher] = [$finding->lengths['block'], $finding->lengths['lower'], $finding->lengths['higher']];
        $nearest = $block->minus($lower)->absolute()->isLessThan($higher->minus($block)->absolute()) ? $lower : $higher;
        if (! $nearest->isRational()) {
            return [null, ''];
        }

        return [
            EditLibrary::form('together', edits: [
                EditLibrary::form('set', place: "sizes/$size/scale"),
                EditLibrary::form('set', place: "sizes/$size/block", to: LengthText::of($nearest)),
            ]),
            __('workshop.remedies.friendly', ['size' => Figure::text(Measurement::exact($nearest), app(Words::class)->notation())]),
        ];
    }

    /** @return array{array<string, mixed>|null, string} the column and the row as large as what lies in them alone */
    private static function fitting(Finding $finding, string $block, DraftDocument $document): array
    {
        $index = (int) preg_replace('#^.*/cells/#', '', $finding->place);
        $cells = $document->items(Place::of('blocks', $block, 'cells'));
        $cell = isset($cells[$index]) ? DraftCell::of($cells[$index]) : null;
        $unit = $cell === null ? null : $document->at(Place::of(
            'units',
            is_string($cell->content['unit'] ?? null) ? $cell->content['unit'] : '-',
        ))->value;
        $finished = is_array($unit) ? $unit['finished'] ?? null : null;
        // As the document has it, not as it is at some size.
        [$width, $height] = is_array($finished) ? [$finished['width'] ?? null, $finished['height'] ?? null] : [$finished, $finished];
        if ($cell === null || $cell->across !== 1 || $cell->down !== 1 || ! is_string($width) || ! is_string($height)) {
            return [null, ''];
        }
        if (in_array($cell->content['turn'] ?? 0, [90, 270], true)) {
            [$width, $height] = [$height, $width];
        }

        return [
            EditLibrary::form('together', edits: [
                EditLibrary::form('resize-column', block: $block, column: $cell->column, width: $width),
                EditLibrary::form('resize-row', block: $block, row: $cell->row, height: $height),
            ]),
            __('workshop.remedies.fit', ['column' => $cell->column, 'row' => $cell->row]),
        ];
    }

    /** @return array{array<string, mixed>|null, string} a plain grey, to be chosen better */
    private static function clothed(Finding $finding, string $colourway, DraftDocument $document): array
    {
        foreach ($document->items(Place::of('fabrics')) as $fabric) {
            if (($fabric['name'] ?? null) === $finding->names['fabric']) {
                $place = "colourways/$colourway/cloth/".Place::idOf($fabric);

                return [
                    [
                        'kind' => 'set',
                        'place' => $place,
                        'expect' => null,
                        'to' => ['name' => $finding->names['fabric'], 'colour' => '#a9afa8'],
                    ],
                    __('workshop.remedies.cloth'),
                ];
            }
        }

        return [null, ''];
    }

    /**
     * The edit that adds a last clue with the stages of joining or of finishing.
     *
     * @return array<string, mixed>
     */
    private static function last(string $what): array
    {
        return EditLibrary::form('add', to: 'clues', item: [
            'id' => Placeholder::in('id', 'k'), 'title' => __('chores.'.$what), 'minutes' => 60,
            'tasks' => array_map(fn (array $task): array => ['id' => Placeholder::in('id', 't')] + $task, self::stages($what)),
        ]);
    }

    /** @return list<array<string, mixed>> tasks without an id; how long finishing takes is the host's to change */
    public static function stages(string $what): array
    {
        return $what === Design::JOINING
            ? array_map(fn (string $stage): array => ['stage' => $stage], Chore::JOINING)
            : array_map(fn (string $stage): array => ['stage' => $stage, 'minutes' => self::FINISHING_MINUTES[$stage]], Chore::FINISHING);
    }

    /**
     * The edit that gives a thing to the last clue; to a first one where there is none.
     *
     * @param  string  $key  of the product
     * @return array<string, mixed>
     */
    private static function task(DraftDocument $document, string $key): array
    {
        $clues = $document->items(Place::of('clues'));
        $last = Place::idOf($clues[count($clues) - 1] ?? null);
        $item = ['id' => Placeholder::in('id', 't')] + self::product($document, $key);

        return $last === null
            ? EditLibrary::form('add', to: 'clues', item: [
                'id' => Placeholder::in('id', 'k'), 'title' => __('workshop.first_clue'), 'minutes' => 60, 'tasks' => [$item],
            ])
            : EditLibrary::form('add', to: "clues/$last/tasks", item: $item);
    }

    /**
     * What a product key says in a task: a unit or block, mirrored or in other fabrics, or a part of the setting.
     *
     * @return array<string, mixed>
     */
    public static function product(DraftDocument $document, string $key): array
    {
        [$id, $uses] = [strtok($key, '.') ?: $key, array_slice(explode('.', $key), 1)];
        $list = match (true) {
            $document->at(Place::of('units', $id))->exists => 'unit',
            $document->at(Place::of('blocks', $id))->exists => 'block',
            default => null,
        };
        if ($list === null) {
            return ['part' => $key];
        }
        $fabrics = [];
        foreach ($uses as $use) {
            if (str_contains($use, '=')) {
                [$instead, $taken] = explode('=', $use, 2);
                $fabrics[$instead] = $taken;
            }
        }

        return [$list => $id] + (in_array('m', $uses, true) ? ['mirror' => true] : []) + ($fabrics === [] ? [] : ['fabrics' => $fabrics]);
    }
}
