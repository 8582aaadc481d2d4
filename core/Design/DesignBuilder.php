<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Known;
use Dew\Core\Document\Node;
use Dew\Core\Document\PassedOver;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Making\Pace;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Words\Preparation;
use InvalidArgumentException;

/**
 * Builds a design from its document as far as it goes: whatever cannot be read is complained of and left out, and so is what names it. What
 * stands within which bounds is not asked here but in {@see DesignFormat}.
 */
final class DesignBuilder
{
    /** @var Known<Slot> */
    private readonly Known $fabrics;

    /** @var Known<DeclaredUnit> */
    private readonly Known $units;

    /** @var Known<DeclaredBlock> */
    private readonly Known $blocks;

    /** @var array<string, StatedSizes> */
    private array $stated = [];

    /** @var array<string, string> hashes of the pictures of units, by id */
    private array $pictures = [];

    private CuttingRoom $room;

    private BlockReader $blockReader;

    private Products $products;

    private readonly Node $root;

    public function __construct(
        private readonly DesignDocument $document,
        private readonly Complaints $complaints,
    ) {
        $this->root = $document->node();
        $this->fabrics = new Known('fabric');
        $this->units = new Known('unit');
        $this->blocks = new Known('block');
        $this->room = CuttingRoom::usual();
        $this->products = new Products([]);
        $this->blockReader = new BlockReader($this->fabrics, $this->units, $this->ids('blocks', 'block'), $complaints);
    }

    /** Null when so much is wrong that there is no design: no fabric, no unit, no block, no setting, no size or no title. */
    public function build(): ?Design
    {
        $this->room = $this->attempt(fn (): CuttingRoom => $this->room()) ?? CuttingRoom::usual();
        $letters = [];
        $this->each('fabrics', $this->fabrics, function (Node $node) use (&$letters): Slot {
            return $this->fabric($node, $letters);
        });
        foreach ($this->items('fabrics') as $node) {
            $this->attempt(fn () => $this->optional($node));
        }
        $colourways = $this->list('colourways', fn (Node $node): Colourway => $this->colourway($node));
        $this->products = new Products($this->fabrics->all());
        $this->declare();
        $settings = new SettingReader($this->fabrics, $this->units, $this->blocks, $this->products);
        $setting = $this->complaints->spoil('/setting') ? null : $this->attempt(fn () => $settings->setting($this->root->get('setting')));
        $sizes = $setting === null ? [] : $this->list('sizes', $settings->size(...));
        $clues = new ClueReader(
            $this->units, $this->blocks, $this->products, $this->blockReader, $this->complaints, ...$this->idsOf($sizes, $colourways),
        );
        $read = $this->list('clues', $clues->clue(...));
        $id = $this->attempt(fn (): string => $this->root->get('id')->id());
        $title = $this->attempt(fn (): string => $this->root->get('title')->text());
        if ($setting === null || $sizes === [] || $id === null || $title === null || $colourways === [] || $this->products->blocks === []) {
            return null;
        }

        return new Design(
            id: $id,
            title: $title,
            room: $this->room,
            slots: $this->fabrics->all(),
            colourways: $colourways,
            units: $this->products->units,
            names: $this->products->names,
            blocks: $this->products->blocks,
            setting: $setting,
            sizes: $sizes,
            clues: $read,
            stated: $this->stated,
            methods: $this->attempt(fn (): array => $this->methods()) ?? [],
            later: $this->attempt(fn (): LaterChoices => $this->later()) ?? new LaterChoices,
            document: $this->document,
            pictures: $this->pictures,
            together: $this->together(),
            pace: $this->attempt(fn (): ?Pace => $this->root->has('pace') ? $this->root->get('pace')->enum(Pace::class) : null) ?? Pace::Usual,
            pressing: $this->attempt(fn (): ?Pressing => $this->root->has('pressing') ? Pressing::fromData($this->root->get('pressing')) : null) ?? new Pressing,
            notMade: $this->attempt(fn (): array => array_map(
                fn (Node $key): string => $key->text(), $this->root->has('not_made') ? $this->root->get('not_made')->items(PHP_INT_MAX) : [],
            )) ?? [],
            prepare: $this->attempt(fn (): Preparation => (new WordsReader([], []))->preparation($this->root)) ?? new Preparation,
        );
    }

    /** @return list<list<string>> product keys; of what is not there, nothing is said */
    private function together(): array
    {
        $together = [];
        foreach ($this->root->has('together') ? $this->items('together') : [] as $group) {
            $together[] = $this->attempt(fn (): array => array_map(
                fn (Node $key): string => $key->text(),
                $group->get('makes')->items(PHP_INT_MAX),
            )) ?? [];
        }

        return $together;
    }

    /**
     * @param  array<string, mixed>  ...$lists
     * @return list<list<string>>
     */
    private function idsOf(array ...$lists): array
    {
        return array_map(fn (array $list): array => array_map(strval(...), array_keys($list)), array_values($lists));
    }

    /** Units and blocks as they are declared, and then as blocks use them. */
    private function declare(): void
    {
        $unitIds = $this->ids('units', 'unit');
        $blockIds = $this->ids('blocks', 'block');
        $this->blockReader = new BlockReader($this->fabrics, $this->units, $blockIds, $this->complaints, $this->sixtyShapes());
        $reader = new UnitReader($this->fabrics, $unitIds, $blockIds, $this->room, $this->blockReader);
        $this->each('units', $this->units, $reader->declared(...), $this->blocks);
        $this->each('blocks', $this->blocks, $this->blockReader->declared(...), $this->units);
        foreach ($this->units->all() as $unit) {
            $this->products->declareUnit($unit);
        }
        foreach ($this->blocks->all() as $block) {
            $this->products->declareBlock($block);
        }
        foreach (['units' => $this->units, 'blocks' => $this->blocks] as $list => $known) {
            foreach ($this->items($list) as $node) {
                $this->attempt(fn () => $this->useDeclared($node, $known));
            }
        }
    }

    /**
     * @param  Known<DeclaredUnit>|Known<DeclaredBlock>  $known
     */
    private function useDeclared(Node $node, Known $known): void
    {
        $id = $node->get('id')->id();
        if (! $known->has($id)) {
            return;
        }
        try {
            $this->products->use($id, [], Orientation::upright());
        } catch (InvalidArgumentException|MeasureException|PassedOver $error) {
            $this->products->forget($id);
            $known->spoil($id);

            throw match (true) {
                $error instanceof PassedOver => $error,
                $error instanceof MeasureException => $node->fail('design.not_computed', ['problem' => Problem::of($error)]),
                default => $node->fail(Problem::of($error)),
            };
        }
        if ($node->has('stated')) {
            $this->stated[$id] = StatedSizes::fromData($node->get('stated'));
        }
        if ($node->has('picture')) {
            $this->pictures[$id] = $node->get('picture')->string();
        }
    }

    private function room(): CuttingRoom
    {
        $usual = CuttingRoom::usual();
        $seam = $this->root->has('seam') ? $this->root->get('seam')->length() : $usual->seam;
        if ($seam->isGreaterThan(Length::inches(1))) {
            throw $this->root->get('seam')->fail('design.seam_too_wide');
        }
        $width = $this->root->has('usable_width') ? $this->root->get('usable_width')->length() : $usual->usableWidth;

        return new CuttingRoom($seam, $width, $usual->squaring);
    }

    /** @param  array<string, string>  $letters  ids of the fabrics that have a letter, by letter */
    private function fabric(Node $node, array &$letters): Slot
    {
        $slot = Slot::fromData($node);
        if (isset($letters[$slot->letter])) {
            throw $node->get('letter')->fail('design.letter_twice', ['letter' => $slot->letter, 'other' => $letters[$slot->letter]]);
        }
        $letters[$slot->letter] = $slot->id;

        return $slot;
    }

    /** What may be left out is another fabric's place. */
    private function optional(Node $node): void
    {
        $instead = $node->has('instead') ? $node->get('instead')->id() : null;
        if ($instead !== null && (! isset($this->fabrics->taken()[$instead]) || $instead === $node->get('id')->id())) {
            throw $node->get('instead')->fail('design.no_fabric_instead');
        }
    }

    private function colourway(Node $node): Colourway
    {
        $cloths = $gaps = [];
        $given = $node->get('cloth')->entries();
        foreach ($given as $slot => $cloth) {
            if (! isset($this->fabrics->taken()[$slot])) {
                throw $cloth->fail('design.cloth_for_no_fabric');
            }
        }
        foreach ($this->fabrics->all() as $slot) {
            if (isset($given[$slot->id])) {
                $cloths[$slot->id] = Cloth::fromData($given[$slot->id]);
            } else {
                $cloths[$slot->id] = Cloth::missing($slot);
                $gaps[] = $slot->id;
            }
        }

        return new Colourway($node->get('id')->id(), $node->get('name')->text(), $cloths, $gaps);
    }

    /** @return array<string, Method> by kind */
    private function methods(): array
    {
        $methods = [];
        foreach ($this->root->has('methods') ? $this->root->get('methods')->entries() : [] as $name => $node) {
            $kind = UnitLibrary::find($name);
            if ($kind === null) {
                continue;
            }
            $methods[$name] = UnitLibrary::methodAt($node);
            if (! $kind->isMadeBy($methods[$name])) {
                $possible = implode(', ', array_map(fn (Method $method): string => $method->value, $kind->methods()));

                throw $node->fail('design.no_way_to_make_of', ['name' => $name, 'possible' => $possible]);
            }
        }

        return $methods;
    }

    private function later(): LaterChoices
    {
        if (! $this->root->has('later')) {
            return new LaterChoices;
        }
        $node = $this->root->get('later');
        $fabrics = $node->has('fabrics') ? array_map(
            fn (Node $fabric): string => $this->fabrics->at($fabric)->id,
            $node->get('fabrics')->items(PHP_INT_MAX),
        ) : [];

        return new LaterChoices($node->has('size') && $node->get('size')->boolean(), $fabrics);
    }

    /** @return array<string, SixtyShape> the shapes of the blocks on 60° axes, by id */
    private function sixtyShapes(): array
    {
        $shapes = [];
        foreach ($this->items('blocks') as $node) {
            $block = is_array($node->value()) ? $node->value() : [];
            $sixty = is_array($block['sixty'] ?? null) ? $block['sixty'] : [];
            $shape = is_string($sixty['shape'] ?? null) ? SixtyShape::tryFrom($sixty['shape']) : null;
            if ($shape !== null && is_string($block['id'] ?? null)) {
                $shapes[$block['id']] = $shape;
            }
        }

        return $shapes;
    }

    /**
     * Every id of a list, read or not.
     *
     * @return Known<true>
     */
    private function ids(string $list, string $what): Known
    {
        /** @var Known<true> $known */
        $known = new Known($what);
        foreach ($this->items($list) as $node) {
            if ($node->has('id') && is_string($node->get('id')->value())) {
                $known->add($node->get('id')->value(), true);
            }
        }

        return $known;
    }

    /**
     * Reads a list of things with ids of their own, each as far as it goes.
     *
     * @template T
     *
     * @param  Known<T>  $known
     * @param  callable(Node): T  $read
     * @param  Known<DeclaredUnit>|Known<DeclaredBlock>|null  $sharing  what shares one set of ids with them
     */
    private function each(string $list, Known $known, callable $read, ?Known $sharing = null): void
    {
        foreach ($this->items($list) as $node) {
            $id = $this->attempt(fn (): string => $node->freshId($known->taken() + ($sharing?->taken() ?? [])));
            if ($id === null) {
                continue;
            }
            $item = $this->complaints->spoil($node->pointer()) ? null : $this->attempt(fn (): mixed => $read($node));
            $item === null ? $known->addFaulty($id) : $known->add($id, $item);
        }
    }

    /**
     * @template T
     *
     * @param  callable(Node): T  $read
     * @return array<string, T> by id
     */
    private function list(string $list, callable $read): array
    {
        $known = new Known($list);
        $this->each($list, $known, $read);

        return $known->all();
    }

    /** @return list<Node> */
    private function items(string $list): array
    {
        return $this->attempt(fn (): array => $this->root->get($list)->items(PHP_INT_MAX)) ?? [];
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null null when it could not be read
     */
    private function attempt(callable $read): mixed
    {
        try {
            return $read();
        } catch (DocumentException $error) {
            $this->complaints->addUnlessKnown($error);
        } catch (PassedOver) {
            return null;
        }

        return null;
    }
}
