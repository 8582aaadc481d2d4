<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Table;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** Reads a list of cloth from JSON or from a table with the same columns. docs/stock.md describes both. */
final class StockReader
{
    private const LARGEST = 500_000;

    /**
     * @param  array<string, mixed>  $slots  by the ids of the fabric slots there are
     * @return list<Stock>
     *
     * @throws DocumentException with everything that is wrong with it
     */
    public static function json(string $text, array $slots, CuttingRoom $room): array
    {
        return self::read(Node::fromJson($text, self::LARGEST)->value(), $slots, $room);
    }

    /**
     * A table whose first line names its columns ({@see StockFormat::COLUMNS}), parted by commas or semicolons.
     *
     * @param  array<string, mixed>  $slots  by the ids of the fabric slots there are
     * @return list<Stock>
     *
     * @throws DocumentException
     */
    public static function csv(string $text, array $slots, CuttingRoom $room): array
    {
        $stock = array_values(array_map(function (array $row): array {
            $item = [];
            foreach ($row as $column => $value) {
                $item[$column] = self::typed($column, $value);
            }

            return $item;
        }, Table::read($text, StockFormat::COLUMNS)));

        return self::read(['dew' => StockFormat::VERSION, 'stock' => $stock], $slots, $room);
    }

    private static function typed(string $column, string $value): mixed
    {
        return match ($column) {
            'count' => preg_match('/^\d{1,6}$/D', $value) === 1 ? (int) $value : $value,
            'squared', 'directional' => ['yes' => true, 'true' => true, '1' => true, 'no' => false, 'false' => false, '0' => false][strtolower($value)] ?? $value,
            default => $value,
        };
    }

    /**
     * @param  array<string, mixed>  $slots
     * @return list<Stock>
     */
    private static function read(mixed $value, array $slots, CuttingRoom $room): array
    {
        $complaints = new Complaints;
        StockFormat::type()->check($value, '', $complaints);
        $all = $complaints->all();
        if ($all !== []) {
            throw DocumentException::of($all);
        }
        $stock = [];
        $wrong = [];
        foreach (Node::of($value)->get('stock')->items(StockFormat::MOST) as $node) {
            try {
                $stock[] = self::item($node, $stock, $slots, $room);
            } catch (DocumentException $error) {
                array_push($wrong, ...$error->complaints);
            } catch (InvalidArgumentException $error) {
                $wrong[] = new Complaint($node->pointer(), Problem::of($error));
            }
        }

        return $wrong === [] ? $stock : throw DocumentException::of($wrong);
    }

    /**
     * @param  list<Stock>  $before
     * @param  array<string, mixed>  $slots
     */
    private static function item(Node $node, array $before, array $slots, CuttingRoom $room): Stock
    {
        $id = $node->freshId(array_column(array_map(fn (Stock $one): array => [$one->id, true], $before), 1, 0));
        $slot = $node->get('slot')->id();
        if (! isset($slots[$slot])) {
            throw $node->get('slot')->fail('cutting.no_fabric', ['slot' => $slot]);
        }
        $length = fn (string $key): ?Length => $node->has($key) ? $node->get($key)->length() : null;
        if ($node->has('corner_width') !== $node->has('corner_length')) {
            throw $node->fail('cutting.half_a_corner');
        }
        [$across, $along] = [$length('corner_width'), $length('corner_length')];
        $stock = new Stock(
            $id, $slot, StockKind::from($node->get('kind')->text()), $length('width'), $length('length'),
            $node->has('count') ? $node->get('count')->integer(1, StockFormat::MOST) : 1,
            $across === null || $along === null ? null : new Size($across, $along),
            $node->has('squared') && $node->get('squared')->boolean(),
            $node->has('directional') && $node->get('directional')->boolean(),
            $node->has('zigzag') ? ZigzagEdge::from($node->get('zigzag')->text()) : null,
            $room->usableWidth,
            $node->has('name') ? $node->get('name')->text() : '',
        );
        if (array_sum(array_map(fn (Stock $one): int => $one->count, $before)) + $stock->count > StockFormat::MOST) {
            throw $node->fail('cutting.too_many_pieces', ['most' => StockFormat::MOST]);
        }
        // Says at once when nothing is left to cut from.
        $stock->pieces(new Marks(Notation::Fractions), $room);

        return $stock;
    }
}
