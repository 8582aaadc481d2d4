<?php

declare(strict_types=1);

namespace Dew\Core\Document;

/** Reads a table of which the first line names its columns, parted by commas or semicolons, as spreadsheets save it. */
final class Table
{
    /**
     * @param  list<string>  $columns  the columns there may be
     * @param  list<string>  $needed  those that must be there
     * @return array<int, array<string, string>> the cells that are not empty, by line and column; empty lines are left out
     *
     * @throws DocumentException when a column is unknown or missing
     */
    public static function read(string $text, array $columns, array $needed = []): array
    {
        $lines = preg_split('/\R/u', trim((string) preg_replace('/^\x{FEFF}/u', '', mb_scrub($text)))) ?: [''];
        $comma = substr_count($lines[0], ';') > substr_count($lines[0], ',') ? ';' : ',';
        $head = array_map(fn (?string $name): string => strtolower(trim((string) $name)), str_getcsv($lines[0], $comma, '"', ''));
        $unknown = array_diff($head, $columns);
        if ($unknown !== []) {
            throw DocumentException::at('/1', sprintf(
                'has a column "%s"; the columns are: %s.', mb_substr((string) reset($unknown), 0, 60), implode(', ', $columns),
            ));
        }
        $missing = array_diff($needed, $head);
        if ($missing !== []) {
            throw DocumentException::at('/1', sprintf('has no column "%s".', reset($missing)));
        }
        $rows = [];
        foreach (array_slice($lines, 1) as $index => $line) {
            $row = [];
            foreach (str_getcsv($line, $comma, '"', '') as $number => $cell) {
                $value = trim((string) $cell);
                if ($value !== '' && isset($head[$number])) {
                    $row[$head[$number]] = $value;
                }
            }
            if ($row !== []) {
                $rows[$index + 2] = $row;
            }
        }

        return $rows;
    }

    /**
     * The same the other way round. A cell that a spreadsheet would take for a formula gets an apostrophe before it.
     *
     * @param  list<string>  $columns
     * @param  list<array<string, string|int>>  $rows
     */
    public static function write(array $columns, array $rows): string
    {
        $cell = function (string|int $value): string {
            $value = (string) $value;
            $safe = preg_match('/^[=+\-@\t\r]/', $value) === 1 && ! is_numeric($value) ? "'".$value : $value;

            return preg_match('/[",;\r\n]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
        };
        $lines = [implode(',', $columns)];
        foreach ($rows as $row) {
            $lines[] = implode(',', array_map(fn (string $column): string => $cell($row[$column] ?? ''), $columns));
        }

        return implode("\r\n", $lines)."\r\n";
    }
}
