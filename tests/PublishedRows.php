<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\Host\PublishDesign;
use App\Models\QuiltAlong;
use Illuminate\Support\Facades\DB;

/**
 * Publishes a design for a new quilt-along. Most tests begin with one and the same design: what publishing writes is kept for as long as the
 * process runs, and written again for the next test without being computed.
 */
final class PublishedRows
{
    /** @var array<string, array{version: array<string, mixed>, clues: list<array<string, mixed>>, sheets: list<array<string, mixed>>, methods: mixed}> */
    private static array $kept = [];

    /** @param  QuiltAlong  $quiltAlong  one of which nothing is published yet */
    public static function write(QuiltAlong $quiltAlong, string $document): void
    {
        $name = hash('sha256', $document);
        if (! isset(self::$kept[$name])) {
            app(PublishDesign::class)($quiltAlong, $document);
            self::$kept[$name] = self::of($quiltAlong);

            return;
        }
        ['version' => $version, 'clues' => $clues, 'sheets' => $sheets, 'methods' => $methods] = self::$kept[$name];
        $now = now()->toDateTimeString();
        $id = DB::table('design_versions')->insertGetId(['quilt_along_id' => $quiltAlong->id, 'created_at' => $now] + $version);
        DB::table('sheets')->insert(array_map(
            fn (array $row): array => ['design_version_id' => $id, 'created_at' => $now] + $row, $sheets,
        ));
        DB::table('clues')->insert(array_map(
            fn (array $row): array => ['quilt_along_id' => $quiltAlong->id, 'created_at' => $now, 'updated_at' => $now] + $row, $clues,
        ));
        DB::table('quilt_alongs')->where('id', $quiltAlong->id)->update(['published_version_id' => $id, 'default_methods' => $methods]);
        $quiltAlong->refresh();
    }

    /** @return array{version: array<string, mixed>, clues: list<array<string, mixed>>, sheets: list<array<string, mixed>>, methods: mixed} */
    public static function of(QuiltAlong $quiltAlong): array
    {
        $own = ['id', 'quilt_along_id', 'design_version_id', 'created_at', 'updated_at'];
        $rows = fn (string $table, string $key, int $id): array => array_values(DB::table($table)->where($key, $id)->orderBy('id')->get()->map(
            fn (object $row): array => array_diff_key((array) $row, array_flip($own)),
        )->all());
        $version = (int) DB::table('quilt_alongs')->where('id', $quiltAlong->id)->value('published_version_id');

        return [
            'version' => $rows('design_versions', 'id', $version)[0],
            'clues' => $rows('clues', 'quilt_along_id', $quiltAlong->id),
            'sheets' => $rows('sheets', 'design_version_id', $version),
            'methods' => DB::table('quilt_alongs')->where('id', $quiltAlong->id)->value('default_methods'),
        ];
    }
}
