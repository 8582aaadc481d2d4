<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\SizedDesign;
use Dew\Core\Plan\UnitFacts;
use Dew\Core\Setting\Layout;
use Dew\Core\Setting\QuiltSize;
use InvalidArgumentException;

/**
 * Reads a design document and refuses, with a JSON pointer, what could not be computed: anything missing, of the wrong type or out of bounds, unknown
 * names, cycles, and keys that no document has. Documents of older formats are brought up to date first.
 *
 * What can be computed but not sewn well is read, and found by {@see \Dew\Core\Proof\Proof}.
 */
final class DesignReader
{
    /** Bytes; the largest design we can imagine is a tenth of it. */
    public const LARGEST_DOCUMENT = 2_000_000;

    /** Blocks across or down: larger than any bed. */
    private const MOST_REPEATS = 60;

    /** Times larger or smaller than drawn. */
    private const MOST_SCALE = 12;

    /** @var array<string, Slot> */
    private array $slots = [];

    private Products $products;

    /** @var array<string, StatedSizes> */
    private array $stated = [];

    /** @var array<string, DeclaredBlock> */
    private array $declared = [];

    private CuttingRoom $room;

    private BlockReader $blocks;

    private function __construct(private readonly Node $document)
    {
        $this->room = CuttingRoom::usual();
        $this->blocks = new BlockReader([]);
        $this->products = new Products([], []);
    }

    /** @throws DocumentException */
    public static function read(string $json): Design
    {
        $document = Migration::toNewest(Node::fromJson($json, self::LARGEST_DOCUMENT));
        $design = (new self($document))->design();
        SchemaCheck::of($document);

        return $design;
    }

    private function design(): Design
    {
        $this->room = $this->room();
        $this->slots = $this->slots($this->document->get('fabrics'));
        $colourways = $this->colourways($this->document->get('colourways'));
        $this->blocks = new BlockReader($this->slots);
        $this->declared = $this->blocks->declared($this->document->get('blocks'));
        $this->products = new Products($this->slots, $this->declared);
        $this->units($this->document->get('units'));
        $this->blocks($this->document->get('blocks'));
        $settings = new SettingReader($this->slots, $this->products, $this->declared);
        $setting = $settings->setting($this->document->get('setting'));
        $sizes = $this->sizes($this->document->get('sizes'), $settings);
        $design = new Design(
            id: $this->document->get('id')->id(),
            title: $this->document->get('title')->string(),
            room: $this->room,
            slots: $this->slots,
            colourways: $colourways,
            units: $this->products->units,
            names: $this->products->names,
            blocks: $this->products->blocks,
            setting: $setting,
            sizes: $sizes,
            clues: $this->clues($this->document->get('clues')),
            stated: $this->stated,
            document: $this->document->object(),
        );
        $this->tryOut($design);

        return $design;
    }

    /** Every size is laid out and everything in it made once, so that what does not come out is refused where it stands. */
    private function tryOut(Design $design): void
    {
        foreach (array_values($design->sizes) as $index => $size) {
            try {
                Layout::of($design->setting, $size, SizedDesign::products($design, $size));
            } catch (InvalidArgumentException $error) {
                throw $this->document->get('sizes')->get($index)->fail($error->getMessage());
            } catch (MeasureException $error) {
                throw $this->document->get('sizes')->get($index)->fail('cannot be computed: '.$error->getMessage());
            }
            foreach (SizedDesign::products($design, $size) as $key => $product) {
                try {
                    UnitFacts::of($product, $design->room)->making($product->kind()->methods()[0]);
                } catch (InvalidArgumentException|MeasureException $error) {
                    throw $this->declaration($key)->fail(sprintf('cannot be made at size "%s": %s', $size->id, $error->getMessage()));
                }
            }
        }
    }

    /** Where a unit or block is declared, by its product key. */
    private function declaration(string $key): Node
    {
        foreach (['units', 'blocks'] as $list) {
            foreach ($this->document->get($list)->items(PHP_INT_MAX) as $node) {
                if ($node->get('id')->isText(ProductKey::id($key))) {
                    return $node;
                }
            }
        }

        return $this->document;
    }

    private function room(): CuttingRoom
    {
        $usual = CuttingRoom::usual();
        $seam = $this->document->has('seam') ? $this->document->get('seam')->length() : $usual->seam;
        if ($seam->isGreaterThan(Length::inches(1))) {
            throw $this->document->get('seam')->fail('is more than 1 in; a seam allowance is smaller.');
        }

        return new CuttingRoom(
            $seam,
            $this->document->has('usable_width') ? $this->document->get('usable_width')->length() : $usual->usableWidth,
            $usual->squaring,
        );
    }

    /** @return array<string, Slot> */
    private function slots(Node $list): array
    {
        $slots = [];
        foreach ($list->items(40, 1) as $node) {
            $id = $node->freshId($slots);
            $slots[$id] = new Slot($id, $node->get('letter')->string(3), $node->get('name')->string(60), $node->get('value')->enum(FabricValue::class));
        }

        return $slots;
    }

    /** @return array<string, Colourway> */
    private function colourways(Node $list): array
    {
        $colourways = [];
        foreach ($list->items(20, 1) as $node) {
            $id = $node->freshId($colourways);
            $cloths = $gaps = [];
            $given = $node->get('cloth')->entries();
            foreach (array_keys($given) as $slot) {
                if (! isset($this->slots[$slot])) {
                    throw $given[$slot]->fail('is cloth for a fabric that the document does not have.');
                }
            }
            foreach ($this->slots as $slot) {
                if (isset($given[$slot->id])) {
                    $cloths[$slot->id] = new Cloth($given[$slot->id]->get('name')->string(60), $given[$slot->id]->get('colour')->colour());
                } else {
                    $cloths[$slot->id] = Cloth::missing($slot);
                    $gaps[] = $slot->id;
                }
            }
            $colourways[$id] = new Colourway($id, $node->get('name')->string(60), $cloths, $gaps);
        }

        return $colourways;
    }

    private function units(Node $list): void
    {
        $reader = new UnitReader($this->slots, $this->room);
        foreach ($list->items(500, 1) as $node) {
            $id = $node->freshId($this->products->units + $this->declared);
            try {
                $this->products->declareUnit($id, $node->get('name')->string(60), $reader->spec($node));
            } catch (InvalidArgumentException $error) {
                throw $node->fail($error->getMessage());
            } catch (MeasureException $error) {
                throw $node->fail('cannot be computed: '.$error->getMessage());
            }
            $this->stated($id, $node);
        }
    }

    private function stated(string $id, Node $node): void
    {
        if (! $node->has('stated')) {
            return;
        }
        $stated = $node->get('stated');
        $this->stated[$id] = new StatedSizes(
            $stated->has('unfinished') ? $stated->get('unfinished')->size() : null,
            $stated->has('cut') ? array_map(fn (Node $size): Size => $size->size(), $stated->get('cut')->entries()) : [],
            $stated->pointer(),
        );
    }

    private function blocks(Node $list): void
    {
        foreach ($list->items(200, 1) as $index => $node) {
            foreach ($node->get('cells')->items(PHP_INT_MAX) as $cell) {
                $this->contents($cell);
            }
            try {
                $this->products->use($node->get('id')->id(), [], Orientation::upright());
            } catch (InvalidArgumentException $error) {
                throw $list->get($index)->fail($error->getMessage());
            }
            $this->stated($node->get('id')->id(), $node);
        }
    }

    private function contents(Node $cell): void
    {
        if ($cell->has('block')) {
            $cell->get('block')->known($this->declared, 'block');

            return;
        }
        if ($cell->get('unit')->known($this->products->units, 'unit')->kind->isFree()) {
            throw $cell->get('unit')->fail(sprintf('"%s" fills no rectangle, so it cannot lie in a cell; use it within a unit that does.', $cell->get('unit')->id()));
        }
    }

    /** @return array<string, QuiltSize> */
    private function sizes(Node $list, SettingReader $settings): array
    {
        $sizes = [];
        foreach ($list->items(12, 1) as $node) {
            $id = $node->freshId($sizes);
            [$scale, $over] = $this->scale($node, $settings);
            $sizes[$id] = new QuiltSize(
                $id,
                $node->get('name')->string(40),
                $node->get('columns')->integer(1, self::MOST_REPEATS),
                $node->get('rows')->integer(1, self::MOST_REPEATS),
                $scale,
                $over,
                $node->has('pattern') ? $settings->pattern($node->get('pattern')) : null,
                $node->has('borders') ? array_map(fn (Node $border): string => $border->known($settings->borders, 'border')->id, $node->get('borders')->items(6)) : null,
                $node->has('border_widths') ? $this->borderWidths($node->get('border_widths'), $settings) : [],
            );
        }

        return $sizes;
    }

    /** @return array{int, positive-int} */
    private function scale(Node $node, SettingReader $settings): array
    {
        if ($node->has('block') && $node->has('scale')) {
            throw $node->get('scale')->fail('stands beside "block"; give one of them.');
        }
        if (! $node->has('block') && ! $node->has('scale')) {
            return [1, 1];
        }
        try {
            $length = ($node->has('block') ? $node->get('block') : $node->get('scale'))->length();
            [$scale, $over] = $node->has('block') ? $length->over($settings->blockSide()) : $length->toFraction();
        } catch (MeasureException) {
            throw $node->get('block')->fail('cannot be compared with the blocks, whose side is no fraction; give "scale" instead.');
        }
        if ($scale > self::MOST_SCALE * $over || $over > self::MOST_SCALE * $scale) {
            throw $node->fail(sprintf('makes the blocks %s times as large; up to %d times larger or smaller is possible.', round($scale / $over, 3), self::MOST_SCALE));
        }

        return [$scale, max(1, $over)];
    }

    /** @return array<string, Length> */
    private function borderWidths(Node $node, SettingReader $settings): array
    {
        $widths = [];
        foreach ($node->entries() as $border => $width) {
            if (! isset($settings->borders[$border])) {
                throw $node->fail(sprintf('names a border "%s" that the document does not have.', $border));
            }
            $widths[$border] = $width->length();
        }

        return $widths;
    }

    /** @return array<string, Clue> */
    private function clues(Node $list): array
    {
        $clues = [];
        $made = [];
        $taskIds = [];
        foreach ($list->items(366, 1) as $node) {
            $id = $node->freshId($clues);
            $tasks = [];
            foreach ($node->get('tasks')->items(60) as $taskNode) {
                $taskId = $taskNode->freshId($taskIds);
                $taskIds[$taskId] = true;
                $product = $this->makes($taskNode);
                if (isset($made[$product])) {
                    throw $taskNode->fail(sprintf('"%s" is already made by task "%s".', $product, $made[$product]));
                }
                $made[$product] = $taskId;
                $tasks[] = new Task($taskId, $product, $taskNode->has('name') ? $taskNode->get('name')->string(60) : null);
            }
            $clues[$id] = new Clue(
                $id,
                $node->get('title')->string(80),
                $node->has('introduction') ? $node->get('introduction')->string(8000) : '',
                $node->get('minutes')->integer(0, 10_000),
                $tasks,
            );
        }

        return $clues;
    }

    /** The product key of what a task makes. */
    private function makes(Node $task): string
    {
        $given = array_values(array_filter(['unit', 'block', 'part'], fn (string $what): bool => $task->has($what)));
        if (count($given) !== 1) {
            throw $task->fail('makes one thing: give a "unit", a "block" or a "part" of the setting.');
        }
        if ($given[0] === 'part') {
            return $task->get('part')->string(60);
        }
        $node = $task->get($given[0]);
        $given[0] === 'unit' ? $node->known($this->products->units, 'unit') : $node->known($this->declared, 'block');
        $used = $this->products->units + $this->products->blocks;
        // A mirror image that is the same thing turned has no key of its own.
        [$key] = $this->products->use(
            $node->id(),
            $task->has('fabrics') ? $this->blocks->replacements($task->get('fabrics')) : [],
            Orientation::of(0, $task->has('mirror') && $task->get('mirror')->boolean()),
        );
        if (! isset($used[$key])) {
            throw $task->fail(sprintf('makes "%s" mirrored or in fabrics in which no block uses it.', $node->id()));
        }

        return $key;
    }
}
