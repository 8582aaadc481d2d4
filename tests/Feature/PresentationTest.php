<?php

declare(strict_types=1);

use App\Drawing\Ink;
use App\Drawing\LineKind;
use App\Drawing\Shape;
use App\Drawing\UnitPicture;
use App\Models\ClueState;
use App\Presentation\Host\ClueBoard;
use App\Presentation\Member\StitchLine;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\CuttingList;
use App\Presentation\Shared\StitchState;
use App\Presentation\Shared\When;
use App\Wording\Figure;
use App\Wording\SizeKind;
use Carbon\CarbonImmutable;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

function page(string $size, Notation $notation, ?MethodChoices $methods = null): CluePage
{
    $design = DesignReader::read(Tests\TestCase::document());

    return CluePage::forPreview(
        Compiler::clueSheet($design, $size, 'k-casting-off', $methods ?? MethodChoices::defaults()),
        Compiler::announcement($design),
        $notation,
        null,
        CuttingList::fromBolts(Compiler::clueSheet($design, $size, 'k-casting-off', $methods ?? MethodChoices::defaults()), $notation),
    );
}

it('letters cloth in the ink that stands out', function (string $colour): void {
    $luminance = function (string $hex): float {
        $channels = array_map(
            fn (string $pair): float => ($share = hexdec($pair) / 255) <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4,
            str_split(substr($hex, 1), 2),
        );

        return 0.2126 * $channels[0] + 0.7152 * $channels[1] + 0.0722 * $channels[2];
    };
    [$cloth, $ink] = [$luminance($colour), $luminance(Ink::on($colour))];

    expect((max($cloth, $ink) + 0.05) / (min($cloth, $ink) + 0.05))->toBeGreaterThan(3.8);
})->with(['#22375a', '#e3b04b', '#5f8f94', '#e6e8e3', '#b4533f', '#000000', '#ffffff', '#7f7f7f', '#f0c4b4', '#9a86ab', '#7d8a4a']);

it('shows whether the mark on the ruler is the true length', function (): void {
    $third = Measurement::exact(Length::fraction(17, 6));
    $figure = Figure::of($third, SizeKind::Unfinished, Notation::Fractions);
    $rule = Figure::of(Measurement::up(Length::root2(1)), SizeKind::Cut, Notation::Fractions);

    expect([$figure->number, $figure->isTrue, $figure->exactly])->toBe(["2\u{2009}13\u{2044}16", false, '2.8333'])
        ->and([$rule->number, $rule->isTrue])->toBe(['1½', true])
        ->and(Figure::of(Measurement::exact(Length::inches(2)), SizeKind::Cut, Notation::Centimetres)->number)->toBe('5.1');
});

it('names times by the wall clock of their zone', function (): void {
    $instant = CarbonImmutable::parse('2027-03-06 14:00', 'UTC');

    expect(When::full($instant, 'America/New_York'))->toBe('Sat 6 Mar 2027, 09:00 New York time')
        ->and(When::full($instant, 'UTC'))->toBe('Sat 6 Mar 2027, 14:00 UTC')
        ->and(When::day($instant, 'Asia/Tokyo'))->toBe('Sat 6 Mar')
        ->and(When::place('America/Argentina/Buenos_Aires'))->toBe('Buenos Aires time');
});

it('tells the state of a clue by what was done in it', function (bool $released, bool $countable, ?int $done, StitchState $state): void {
    expect(StitchState::of($released, $countable, $done, 24))->toBe($state);
})->with([
    [false, true, 24, StitchState::ToCome], [true, true, null, StitchState::Waiting], [true, true, 0, StitchState::InProgress], [
        true,
        true,
        23,
        StitchState::InProgress,
    ],
    [true, true, 24, StitchState::Done], [true, false, null, StitchState::Done],
]);

it('puts the earliest unfinished clue into her hand, and the next dated one before her eyes', function (): void {
    $quilt = $this->quiltAlong();
    $project = $this->project($quilt, 's-crib');
    expect(StitchLine::of($project)->current())->toBeNull()
        ->and(StitchLine::of($project)->next())->toBeNull()
        ->and(StitchLine::of($project)->drops)->toHaveCount(8);

    $this->release($quilt, 1);
    $this->release($quilt, 2);
    $this->clue($quilt, 5)->forceFill(['release_at' => now()->addDays(3), 'zone' => 'UTC'])->save();
    $this->clue($quilt, 3)->forceFill(['release_at' => now()->addDays(9), 'zone' => 'UTC'])->save();
    $line = StitchLine::of($project);
    expect($line->current()?->number)->toBe(1)
        ->and($line->next()?->number)->toBe(5)
        ->and(array_filter($line->drops, fn ($drop): bool => $drop->url !== null))->toHaveCount(2)
        ->and($line->drops[2]->title)->toBeNull()->and($line->drops[0]->state)->toBe(StitchState::Waiting);

    foreach (['t-beam', 't-blade', 't-wake'] as $task) {
        $this->tap($project, ['task' => $task, 'counter' => 'trimmed', 'kind' => 'all'])->assertOk();
    }
    expect(StitchLine::of($project)->current()?->number)->toBe(2)
        ->and(StitchLine::of($project)->drops[0]->state)->toBe(StitchState::Done);
});

it('shows the host what is due, scheduled before undated', function (): void {
    $quilt = $this->quiltAlong();
    expect(ClueBoard::of($quilt)->next()?->clue->number)->toBe(1);
    $this->release($quilt, 1);
    expect(ClueBoard::of($quilt)->next()?->clue->number)->toBe(2);
    $this->clue($quilt, 4)->forceFill(['release_at' => now()->addDay(), 'zone' => 'UTC'])->save();
    $board = ClueBoard::of($quilt);
    expect($board->next()?->clue->number)->toBe(4)
        ->and($board->next()?->state)->toBe(ClueState::Scheduled)
        ->and($board->open())->toHaveCount(1);
});

it('writes a cutting list fabric by fabric, with the strips that hold it', function (): void {
    $lines = $plans = [];
    foreach (page('s-throw', Notation::Fractions)->fabrics() as $fabric) {
        foreach ($fabric->lines as $line) {
            $lines[] = [
                $fabric->letter,
                $line->count,
                $line->width->number,
            ];
        }
        $plans[$fabric->letter] = str_replace("\u{a0}", ' ', page('s-throw', Notation::Fractions)->cutting($fabric->slot)?->lines() ?? []);
    }

    expect($lines)->toBe([
        ['A', 52, '3⅞'],
        ['B', 52, '3⅞'],
        ['C', 16, '2'],
        ['D', 24, '3⅞'],
        ['D', 16, '2'],
        ['E', 24, '3⅞'],
    ])->and($plans['A'])->toBe([
        'Uses 23¼ in of cloth 40 in wide', '  6 strips 3⅞ in wide', '    From strips 1 to 5, each: 10 at 3⅞ in', '    From strip 6: 2 at 3⅞ in',
    ])->and($plans['C'])->toBe(['Uses 32 in of cloth 40 in wide', '  16 strips 2 in wide']);
});

it('says every step with its numbers, in the reader\'s notation', function (Notation $notation, string $seam, string $trim): void {
    $task = page('s-throw', $notation)->tasks()[0];
    $words = implode(' ', array_map(fn ($step): string => str_replace("\u{a0}", ' ', $step->text), $task->steps));

    expect($words)->toContain("Sew $seam from the line")->toContain("Trim to $trim square")->not->toContain(':')
        ->and($task->steps[count($task->steps) - 1]->figure?->number)->toBe(explode(' ', $trim)[0]);
})->with([[Notation::Fractions, '¼ in', '3½ in'], [Notation::Decimals, '0.25 in', '3.5 in'], [Notation::Centimetres, '0.64 cm', '8.9 cm']]);

it('compares the ways to make a unit', function (): void {
    $methods = page('s-crib', Notation::Fractions)->tasks()[1]->methods;
    $facts = array_map(fn ($method): array => [$method->value, $method->batches, $method->spares, $method->chosen], $methods);

    expect($facts)->toBe([
        ['hst:two', '8 pairs of squares', 'none over', true],
        ['hst:eight', '2 pairs of squares', 'none over', false],
        ['hst:four', '4 pairs of squares', 'none over', false],
        ['hst:triangles', '8 pairs of squares to cut', 'none over', false],
        ['hst:strip', '16 pairs of triangles', 'none over', false],
        ['hst:grid', '2 grids', '8 over', false],
    ])->and($methods[2]->bias)->toContain('bias');
});

it('draws a unit with its raw edge a seam allowance outside', function (): void {
    $design = DesignReader::read(Tests\TestCase::document());
    $sheet = Compiler::clueSheet(
        $design,
        's-crib',
        'k-casting-off',
        MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight')),
    );
    $pictures = new UnitPicture($design->colourways['c-last-boat'], $design->slots);
    $unit = $pictures->unit($sheet->tasks[0]);
    $piece = $pictures->piece($sheet->tasks[0]->making->pieces[0]);
    $segment = $pictures->piece($sheet->tasks[2]->making->pieces[2]);

    expect([$unit->width, $unit->height])->toBe([350.0, 350.0])
        ->and($unit->shapes[0])->toEqual(new Shape('M25 25L325 25L25 325Z', '#e3b04b'))
        ->and(array_map(fn ($letter): string => $letter->text, $unit->letters))->toBe(['B', 'A'])
        ->and($unit->description)->toContain('B Lamplight, A Deep water')
        ->and(array_count_values(array_map(fn ($line): string => $line->kind->value, $piece->lines)))->toBe(
            [LineKind::Cut->value => 4, LineKind::Sew->value => 4],
        )
        ->and([$segment->width, $segment->height])->toBe([200.0, 350.0])
        ->and($segment->shapes)->toHaveCount(2);
});

it('shows the whole quilt in either colourway, to hosts', function (): void {
    $quilt = $this->quiltAlong();
    $this->actingAs($this->person($quilt, App\Models\Role::Helper));
    foreach (['c-last-boat' => '#22375a', 'c-first-boat' => '#4b3552'] as $colourway => $colour) {
        $page = $this->get(
            "/host/{$quilt->slug}/design/published?size=s-twin&colourway=$colourway",
        )->assertOk()->assertSee($colour)->assertSeeText('68×92');
        // 35 blocks, and 16 units drawn in each of the two kinds once.
        expect(substr_count((string) $page->getContent(), '<use '))->toBe(35 + 2 * 16);
    }
});

it('says how long ago something was in whole hours, then in days', function (): void {
    $this->travelTo('2027-03-06 12:00');
    foreach ([
        ['2027-03-06 11:30', 'less than an hour ago'], ['2027-03-06 12:10', 'less than an hour ago'], ['2027-03-06 10:59', 'an hour ago'],
        ['2027-03-05 13:00', '23 hours ago'], ['2027-03-05 12:00', 'a day ago'], ['2027-03-03 11:00', '3 days ago'],
    ] as [$instant, $words]) {
        expect(When::ago(CarbonImmutable::parse($instant)))->toBe($words);
    }
});
