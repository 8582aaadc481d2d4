<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Placement;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Top\LayoutRefused;
use Dew\Core\Top\LayoutWarning;
use Dew\Core\Top\TopPart;
use Dew\Core\Top\TopStage;

/** @param  array<string, mixed>  $setting  changes of its setting */
function layoutOf(string $name, string $size, array $setting = []): LayoutSheet
{
    $document = json_decode((string) file_get_contents(__DIR__."/../../database/designs/$name.json"), true);
    $document['setting'] = $setting + $document['setting'];
    $sheet = Compiler::layoutSheet(DesignReader::read((string) json_encode($document)), $size);
    $read = LayoutSheet::read($sheet->write());
    expect($read->placements)->toEqual($sheet->placements)->and($read->owners)->toBe($sheet->owners)
        ->and($read->opens)->toEqualCanonicalizing($sheet->opens);

    return $read;
}

it('joins a top by rows: what each row, the centre and every border measures', function (): void {
    $sheet = layoutOf('night-ferry', 's-throw');
    $plan = JoinPlan::of($sheet, Arrangement::designed($sheet), JoinMethod::Rows, depthsOf($sheet));
    // 5 × 5 blocks of 12 in, borders of 1 and 3 in: rows of 60½ by 12½, the centre 60½, then 62½ and 68½.
    expect(array_map(fn (TopStage $stage): string => $stage->code.($stage->border ?? ''), $plan->stages))
        ->toBe(['rows', 'join', 'bordere-quay', 'bordere-night'])
        ->and(array_map(fn (TopPart $part): string => (string) $part->size()?->encode(), $plan->stages[0]->parts))
        ->toBe(array_fill(0, 5, '121/2 x 25/2'))
        ->and($plan->stages[1]->parts[0]->size()?->encode())->toBe('121/2 x 121/2')
        ->and(array_map(fn (TopPart $part): string => (string) $part->size()?->encode(), $plan->stages[2]->parts))
        ->toBe(['125/2 x 121/2', '125/2 x 125/2'])
        ->and($plan->stages[3]->parts[1]->size()?->encode())->toBe('137/2 x 137/2')
        ->and($plan->stages[0]->parts[0]->places)->toBe([0, 1, 2, 3, 4])
        // Four long seams, each with a way of its own; neighbours go opposite ways.
        ->and(array_count_values($plan->stages[1]->parts[0]->each))->toBe(['down' => 2, 'up' => 2])
        ->and($plan->part('rows:row-3')?->number)->toBe(3)->and($plan->part('rows:row-6'))->toBeNull();
});

it('joins by webbing and by quarters where blocks lie in a plain grid only', function (): void {
    $plain = layoutOf('night-ferry', 's-throw');
    $sashed = layoutOf('kitchen-garden', 's-lap');
    expect(JoinPlan::methods($plain))->toBe([JoinMethod::Rows, JoinMethod::Webbing, JoinMethod::Quarters])
        ->and(JoinPlan::methods($sashed))->toBe([JoinMethod::Rows]);
    $web = JoinPlan::of($plain, Arrangement::designed($plain), JoinMethod::Webbing, depthsOf($plain));
    expect([count($web->stages[0]->parts), count($web->stages[1]->parts)])->toBe([4, 4])
        ->and($web->stages[1]->parts[3]->size()?->encode())->toBe('121/2 x 121/2');
    $quarters = JoinPlan::of($plain, Arrangement::designed($plain), JoinMethod::Quarters, depthsOf($plain));
    // 3 and 2 blocks: 36½ and 24½.
    expect(array_map(fn (TopPart $part): string => (string) $part->size()?->encode(), $quarters->stages[0]->parts))
        ->toBe(['73/2 x 73/2', '49/2 x 73/2', '73/2 x 49/2', '49/2 x 49/2']);
    $rows = JoinPlan::of($sashed, Arrangement::designed($sashed), JoinMethod::Rows, depthsOf($sashed))->stages[0]->parts;
    // Rows of sashes and rows of blocks by turns: five of the one, four of the other.
    expect(count($rows))->toBe(9)->and(
        count(array_unique(array_map(fn (TopPart $part): string => (string) $part->size()?->width->encode(), $rows))),
    )->toBe(1);
});

it('runs rows slanted on point', function (): void {
    $sheet = layoutOf('night-ferry', 's-throw', [
        'kind' => 'on-point', 'pattern' => [['b-lantern']], 'alternate' => 'b-propeller', 'triangles' => ['side' => 'f-deep'],
    ]);
    $plan = JoinPlan::of($sheet, Arrangement::designed($sheet), JoinMethod::Rows, depthsOf($sheet));
    $rows = $plan->stages[0]->parts;
    expect(JoinPlan::methods($sheet))->toBe([JoinMethod::Rows])
        ->and($rows[1]->size())->toBeNull()->and($rows[1]->across?->exact->encode())->toBe('25/2')
        ->and(array_sum(array_map(fn (TopPart $part): int => count($part->places), $rows)))->toBe(count($sheet->placements));
});

it('has every block in exactly one row, every label once, and rows of one length, whatever the size', function (int $columns, int $rows): void {
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/designs/night-ferry.json'), true);
    $document['sizes'] = array_map(fn (array $size): array => ['columns' => $columns, 'rows' => $rows] + $size, $document['sizes']);
    $design = DesignReader::read((string) json_encode($document));
    $sheet = Compiler::layoutSheet($design, 's-throw');
    $arrangement = Arrangement::designed($sheet);
    $labels = $arrangement->labels();
    expect(array_unique($labels))->toBe($labels)->and(count($labels))->toBe($columns * $rows);
    foreach (JoinPlan::methods($sheet) as $method) {
        $plan = JoinPlan::of($sheet, $arrangement, $method, array_map(fn (Slot $slot): int => $slot->value->depth(), $design->slots));
        $keys = array_merge(
            ...array_map(fn (TopStage $stage): array => array_map(fn (TopPart $part): string => $part->key, $stage->parts), $plan->stages),
        );
        expect(array_unique($keys))->toBe($keys)->and($plan->count())->toBe(count($keys));
        if ($method !== JoinMethod::Webbing && $columns > 1) {
            $first = $plan->stages[0]->parts;
            $places = array_merge(...array_map(fn (TopPart $part): array => $part->places, $first));
            sort($places);
            expect($places)->toBe(range(0, $columns * $rows - 1), $method->value);
        }
        if ($method === JoinMethod::Rows && $rows > 1 && $columns > 1) {
            $sizes = array_map(fn (TopPart $part): string => (string) $part->size()?->encode(), $plan->stages[0]->parts);
            expect(array_unique($sizes))->toHaveCount(1);
        }
        $last = array_values(array_slice($plan->stages, -1))[0]->parts;
        expect($last[count($last) - 1]->size()?->encode())->toBe($sheet->finished->outsetBy($sheet->seam)->encode(), $method->value);
    }
})->with([[1, 1], [2, 1], [1, 4], [2, 2], [3, 3], [4, 3], [6, 7], [9, 2]]);

it('lays a turned block exactly on its place', function (string $kind, int $turn): void {
    $sheet = layoutOf('night-ferry', 's-throw', $kind === 'straight' ? [] : [
        'kind' => 'on-point', 'pattern' => [['b-lantern']], 'alternate' => 'b-propeller', 'triangles' => ['side' => 'f-deep'],
    ]);
    $arrangement = Arrangement::designed($sheet);
    for ($count = 0; $count < $turn; $count++) {
        $arrangement = $arrangement->turned(2);
    }
    $middle = function (Placement $place) use ($sheet): array {
        [$wide, $high] = [$sheet->block->width->toFloat() / 2, $sheet->block->height->toFloat() / 2];
        [$cos, $sin] = [cos(deg2rad($place->turn)), sin(deg2rad($place->turn))];

        return [round($place->x->toFloat() + $cos * $wide - $sin * $high, 6), round($place->y->toFloat() + $sin * $wide + $cos * $high, 6)];
    };
    expect($middle($arrangement->placements()[2]))->toBe($middle($sheet->placements[2]));
})->with(['straight', 'on-point'])->with([1, 2, 3, 4]);

it('names what somebody may not have meant, but not what the design does itself', function (): void {
    $sheet = layoutOf('night-ferry', 's-throw');
    $designed = Arrangement::designed($sheet);
    $codes = fn (Arrangement $one, array $directed = []): array => array_count_values(array_map(
        fn (LayoutWarning $warning): string => $warning->code, $one->warnings($directed),
    ));
    expect($designed->warnings())->toBe([]);
    $swapped = $designed->swapped(0, 1);
    expect($codes($swapped)['twins'] ?? 0)->toBeGreaterThan(1);
    // The first place's block now lies beside others of its kind: those to its right and below.
    $pairs = array_map(
        fn (LayoutWarning $one): array => [$one->first, $one->second],
        array_filter($swapped->warnings(), fn ($one): bool => $one->code === 'twins'),
    );
    expect($pairs)->toContain([0, 5])->toContain([1, 2]);
    $slot = $sheet->patches($designed->laid[0]->product)[0]->slot;
    expect($codes($designed->turned(0), [$slot])['sideways'] ?? 0)->toBe(1)
        ->and($codes($designed->turned(0)->turned(0), [$slot])['upside_down'] ?? 0)->toBe(1)
        ->and($designed->turned(0)->turned(0)->turned(0)->turned(0)->isDesigned())->toBeTrue();
});

it('takes the blocks of the quilt, each as often as it is there, and nothing else', function (array $change, string $reason): void {
    $sheet = layoutOf('night-ferry', 's-crib');
    $codes = array_replace(Arrangement::designed($sheet)->codes(), $change);
    try {
        Arrangement::of($sheet, $codes);
        $said = '';
    } catch (LayoutRefused $refused) {
        $said = $refused->reason;
    }
    expect($said)->toBe($reason);
})->with([
    'as designed' => [[], ''],
    'one too many' => [['b-propeller'], 'too_many'],
    'a block from elsewhere' => [['b-nothing'], 'unknown_block'],
    'a turn that is none' => [['b-lantern*7'], 'turn'],
    'a place too many' => [[9 => 'b-lantern'], 'places'],
]);

it('offers what the same blocks also make, where there are enough of them', function (): void {
    $also = [
        ['id' => 'o-runner', 'name' => 'Runner', 'pattern' => [['b-lantern', 'b-propeller', 'b-lantern']]],
        ['id' => 'o-far', 'name' => 'Far too long', 'pattern' => [array_fill(0, 30, 'b-lantern')]],
    ];
    $sheet = layoutOf('night-ferry', 's-crib', ['also' => $also]);
    expect(array_map(fn ($one): string => $one->id, $sheet->also))->toBe(['o-runner']);
    $runner = $sheet->as($sheet->also[0]);
    $plan = JoinPlan::of($runner, Arrangement::designed($runner), JoinMethod::Rows, depthsOf($runner));
    expect($plan->stages[0]->parts[0]->size()?->encode())->toBe('73/2 x 25/2')->and($plan->count())->toBe(1);
});

it('opens borders with the clues that make them', function (): void {
    $sheet = layoutOf('night-ferry', 's-throw');
    expect($sheet->opens)->toEqualCanonicalizing(['' => 'k-far-bank', 'e-quay' => 'k-ropes', 'e-night' => 'k-landing']);
    $without = $sheet->without('e-quay', 'e-night');
    expect($without->frame)->toBe([])->and($without->borders)->toBe([]);
    $plan = JoinPlan::of($without, Arrangement::designed($without), JoinMethod::Rows, depthsOf($without));
    expect(array_map(fn (TopStage $stage): string => $stage->code, $plan->stages))->toBe(['rows', 'join']);
});
