<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Table;
use Dew\Core\Measure\Problem;

/** Reads orders of kits from a table. docs/kits.md describes it. */
final class OrderReader
{
    public const COLUMNS = ['number', 'name', 'email', 'kit', 'size', 'colourway', 'count'];

    /** Columns that Dew writes and does not read: what became of an order. */
    public const STATE = ['packed', 'handed_out', 'origin'];

    private const NEEDED = ['number', 'kit', 'size', 'colourway'];

    /** Orders in one table, and kits in one order. */
    private const MOST = 5000;

    private const MOST_KITS = 999;

    /**
     * @param  array<string, mixed>  $sizes  by id, as the others
     * @param  array<string, mixed>  $colourways
     * @param  array<string, mixed>  $clues
     * @param  array<string, mixed>  $slots
     * @return list<KitOrder>
     *
     * @throws DocumentException with everything that is wrong with it, line by line
     */
    public static function csv(string $text, array $sizes, array $colourways, array $clues, array $slots): array
    {
        $rows = Table::read($text, [...self::COLUMNS, ...self::STATE], self::NEEDED);
        if (count($rows) > self::MOST) {
            throw DocumentException::at('', 'kits.too_many_orders', ['most' => self::MOST]);
        }
        $orders = $wrong = [];
        foreach ($rows as $number => $row) {
            $line = '/'.$number;
            $complaints = self::complaints($row, $sizes, $colourways, $orders);
            [$kind, $part] = [...explode(':', $row['kit'] ?? '', 2), ''];
            $known = match (KitKind::tryFrom($kind)) {
                KitKind::Whole => $part === '',
                KitKind::Clue => isset($clues[$part]),
                KitKind::Slot => isset($slots[$part]),
                null => false,
            };
            if (! $known) {
                $complaints[] = new Problem('kits.no_kit', ['kit' => mb_substr($row['kit'] ?? '', 0, 60)]);
            }
            if ($complaints !== []) {
                array_push($wrong, ...array_map(fn (Problem $problem): Complaint => new Complaint($line, $problem), $complaints));

                continue;
            }
            $orders[$row['number']] = new KitOrder(
                $row['number'], $row['name'] ?? '', mb_strtolower($row['email'] ?? ''), KitKind::from($kind), $part, $row['size'],
                $row['colourway'], (int) ($row['count'] ?? 1),
            );
        }

        return $wrong === [] ? array_values($orders) : throw DocumentException::of($wrong);
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, mixed>  $sizes
     * @param  array<string, mixed>  $colourways
     * @param  array<string, KitOrder>  $before
     * @return list<Problem>
     */
    private static function complaints(array $row, array $sizes, array $colourways, array $before): array
    {
        $shown = fn (string $column): string => mb_substr($row[$column] ?? '', 0, 60);
        $count = $row['count'] ?? '1';

        return array_values(array_filter([
            ($row['number'] ?? '') === '' || mb_strlen($row['number']) > 40 ? new Problem('kits.needs_number') : null,
            isset($before[$row['number'] ?? '']) ? new Problem('kits.number_twice', ['number' => $shown('number')]) : null,
            isset($sizes[$row['size'] ?? '']) ? null : new Problem('kits.no_size', [
                'size' => $shown('size'), 'sizes' => implode(', ', array_keys($sizes)),
            ]),
            isset($colourways[$row['colourway'] ?? '']) ? null : new Problem('kits.no_colourway', [
                'colourway' => $shown('colourway'), 'colourways' => implode(', ', array_keys($colourways)),
            ]),
            preg_match('/^[1-9]\d{0,2}$/D', $count) === 1 ? null : new Problem('kits.no_count', [
                'count' => $shown('count'), 'most' => self::MOST_KITS,
            ]),
            mb_strlen($row['name'] ?? '') > 80 ? new Problem('kits.long_name') : null,
            mb_strlen($row['email'] ?? '') > 254 ? new Problem('kits.long_address') : null,
        ]));
    }
}
