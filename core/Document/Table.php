<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use SplTempFileObject;

/** Reads a table of which the first line names its columns, parted by commas or semicolons, as spreadsheets save it. */
final class Table
{
    /** What a spreadsheet takes for the beginning of a formula. */
    private const FORMULA = '[=+\-@\t\r]';

    /**
     * @param  list<string>  $columns  the columns there may be
     * @param  list<string>  $needed  those that must be there
     * @return array<int, array<string, string>> the cells that are not empty, by line and column; empty lines are left out
     *
     * @throws DocumentException when a column is unknown or missing
     */
    public static function read(string $text, array $columns, array $needed = []): array
    {
        $text = trim((string) preg_replace(['/^\x{FEFF}/u', '/\r\n?/'], ['', "\n"], mb_scrub($text)));
        $first = explode("\n", $text, 2)[0];
        $records = self::records($text, substr_count($first, ';') > substr_count($first, ',') ? ';' : ',');
        $head = array_map(fn (string $name): string => strtolower(trim($name)), $records[1] ?? ['']);
        unset($records[1]);
        $unknown = array_diff($head, $columns);
        if ($unknown !== []) {
            throw DocumentException::at('/1', 'document.no_column', ['unknown' => mb_substr((string) reset($unknown), 0, 60), 'columns' => implode(', ', $columns)]);
        }
        $missing = array_diff($needed, $head);
        if ($missing !== []) {
            throw DocumentException::at('/1', 'document.column_missing', ['missing' => reset($missing)]);
        }
        $rows = [];
        foreach ($records as $line => $cells) {
            $row = [];
            foreach ($cells as $number => $cell) {
                $value = trim((string) preg_replace("/^'(?='*".self::FORMULA.')/', '', $cell));
                if ($value !== '' && isset($head[$number])) {
                    $row[$head[$number]] = $value;
                }
            }
            if ($row !== []) {
                $rows[$line] = $row;
            }
        }

        return $rows;
    }

    /** @return array<int, list<string>> the cells of every record, by the line that it begins on, from 1 */
    private static function records(string $text, string $comma): array
    {
        $file = new SplTempFileObject(-1);
        $file->fwrite($text);
        $file->fseek(0);
        $records = [];
        $line = 1;
        $at = 0;
        while (is_array($cells = $file->fgetcsv($comma, '"', ''))) {
            $records[$line] = array_map(strval(...), $cells);
            $line += substr_count($text, "\n", $at, (int) $file->ftell() - $at);
            $at = (int) $file->ftell();
        }

        return $records;
    }

    /**
     * The same the other way round. A cell that a spreadsheet would take for a formula gets an apostrophe before it, which reading
     * takes off again.
     *
     * @param  list<string>  $columns
     * @param  list<array<string, string|int>>  $rows
     */
    public static function write(array $columns, array $rows): string
    {
        $file = new SplTempFileObject(-1);
        foreach ([$columns, ...array_map(fn (array $row): array => array_map(
            fn (string $column): string => self::guarded((string) ($row[$column] ?? '')), $columns,
        ), $rows)] as $cells) {
            $file->fputcsv($cells, ',', '"', '', "\r\n");
        }
        $length = (int) $file->ftell();
        $file->fseek(0);

        return $length === 0 ? '' : (string) $file->fread($length);
    }

    private static function guarded(string $value): string
    {
        return preg_match("/^'*".self::FORMULA.'/', $value) === 1 && ! is_numeric($value) ? "'".$value : $value;
    }
}
