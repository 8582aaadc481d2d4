<?php

declare(strict_types=1);

use App\Presentation\Shared\TemplatePages;
use App\Support\Pdf;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

const DOTS = 400;

/** A month of Kitchen Garden at one size, by the usual methods. */
function gardenSheet(string $clue, string $size = 's-lap'): ClueSheet
{
    $design = DesignReader::read((string) file_get_contents(database_path('designs/kitchen-garden.json')));

    return Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults($design->methods));
}

function templatePages(ClueSheet $sheet, string $paper): TemplatePages
{
    $design = DesignReader::read((string) file_get_contents(database_path('designs/kitchen-garden.json')));

    return TemplatePages::of($sheet, Compiler::announcement($design), Notation::Fractions, $paper);
}

/** The first page as it is printed. */
function printed(TemplatePages $pages, string $paper, int $page = 1): GdImage
{
    $file = (string) tempnam(sys_get_temp_dir(), 'dew-templates');
    file_put_contents($file, Pdf::bytes('print.templates', ['title' => 'Templates', 'pages' => $pages], $paper));
    exec(sprintf('pdftoppm -r %d -f %d -l %d -singlefile -png %s %s', DOTS, $page, $page, escapeshellarg($file), escapeshellarg($file)), $said, $code);
    expect($code)->toBe(0);
    $image = imagecreatefrompng("$file.png");
    unlink($file);
    unlink("$file.png");

    return $image instanceof GdImage ? $image : throw new RuntimeException('No page was drawn.');
}

/**
 * The box around everything dark within a part of a page, from the middle of its lines.
 *
 * @param  float  $line  how thick the outermost lines are, in points
 * @return array{float, float} width and height in inches
 */
function measured(GdImage $page, float $left, float $top, float $width, float $height, float $line): array
{
    [$fromX, $fromY] = [(int) round($left * DOTS), (int) round($top * DOTS)];
    [$toX, $toY] = [min(imagesx($page) - 1, (int) round(($left + $width) * DOTS)), min(imagesy($page) - 1, (int) round(($top + $height) * DOTS))];
    $box = [PHP_INT_MAX, PHP_INT_MAX, 0, 0];
    for ($y = $fromY; $y <= $toY; $y++) {
        for ($x = $fromX; $x <= $toX; $x++) {
            if ((imagecolorat($page, $x, $y) & 0xFF) < 128) {
                $box = [min($box[0], $x), min($box[1], $y), max($box[2], $x), max($box[3], $y)];
            }
        }
    }
    $stroke = $line / 72;

    return [($box[2] + 1 - $box[0]) / DOTS - $stroke, ($box[3] + 1 - $box[1]) / DOTS - $stroke];
}

it('prints its test squares and templates at true size', function (string $clue, string $paper): void {
    $sheet = gardenSheet($clue);
    $pages = templatePages($sheet, $paper);
    $page = printed($pages, $paper);
    $margin = TemplatePages::MARGIN;
    // The squares at the right of the head: 1 in, and 2 cm beside it.
    [$width, $height] = measured($page, $margin + $pages->width - 1.13, $margin - 0.1, 1.2, 1.15, 1.0);
    expect($width)->toEqualWithDelta(1.0, 1 / 64)->and($height)->toEqualWithDelta(1.0, 1 / 64);
    [$width, $height] = measured($page, $margin + $pages->width - 2.2, $margin - 0.1, 1.0, 1.0, 1.0);
    expect($width)->toEqualWithDelta(2 / 2.54, 1 / 64)->and($height)->toEqualWithDelta(2 / 2.54, 1 / 64);
    $pieces = [];
    foreach ($sheet->tasks as $task) {
        array_push($pieces, ...array_filter($task->making->pieces, fn (Piece $piece): bool => $piece->shape === PieceShape::Template));
    }
    expect($pieces)->not->toBe([]);
    foreach ($pages->sheets[0]->labels as $label) {
        $piece = $pieces[$label['template']];
        [$width, $height] = [$piece->length?->exact->toFloat(), $piece->width->exact->toFloat()];
        [$wide, $high] = measured(
            $page, $margin + $label['x'] - 0.1, $margin + TemplatePages::HEAD + $label['y'] - $height - 0.1, $width + 0.2, $height + 0.12, 1.0,
        );
        expect($wide)->toEqualWithDelta($width, 1 / 64)->and($high)->toEqualWithDelta($height, 1 / 64);
    }
})->with([
    'two of a quarter circle' => ['k-bee-bath', 'letter'], 'a kite' => ['k-tomato-stakes', 'a4'], 'the same on letter paper' => ['k-tomato-stakes', 'letter'],
]);

it('prints what is larger than a sheet in parts whose crosses lie on each other', function (): void {
    $design = smallDesign(['units' => [[
        'id' => 'u-hst', 'name' => 'Great kite', 'kind' => 'kite', 'finished' => '15', 'fabrics' => ['f-a', 'f-b'], 'edge' => '5',
    ]], 'blocks' => [blockOf('b-one', ['15'], ['15'], ['u-hst'])]]);
    $sheet = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    $pages = TemplatePages::of($sheet, Compiler::announcement($design), Notation::Fractions, 'letter');
    expect(count($pages->sheets))->toBeGreaterThan(3);
    $marks = [];
    foreach ($pages->sheets as $part) {
        [$column, $row] = [$part->labels[0]['column'], $part->labels[0]['row']];
        foreach ($part->lines['mark'] ?? [] as [$x, $y, $toX, $toY]) {
            if (abs($toX - $x) > 0.2) {
                // Where the cross lies on the whole template.
                $marks[sprintf(
                    '%.3f %.3f', $x + ($column - 1) * ($pages->width - Dew\Core\Cutting\TemplateSheets::OVERLAP),
                    $y + ($row - 1) * ($pages->height - TemplatePages::HEAD - 0.5 - Dew\Core\Cutting\TemplateSheets::OVERLAP),
                )][] = "$column $row";
            }
        }
        expect(max(array_map(fn (array $line): float => max($line[0], $line[2]), array_merge(...array_values($part->lines)))))
            ->toBeLessThanOrEqual($pages->width + 1e-9);
    }
    // Each cross stands on the two parts that share an edge there.
    expect($marks)->not->toBe([])->and(array_filter($marks, fn (array $parts): bool => count($parts) < 2))->toBe([]);
});

it('marks mirrored templates, gives letters, counts and the line to trim to, and lies along the grain of an outer edge', function (): void {
    $design = smallDesign([
        'units' => [leafUnit()], 'blocks' => [blockOf('b-one', ['4'], ['4'], ['u-leaf'])],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'unit' => 'u-leaf']]]],
    ]);
    $leaf = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    $pages = TemplatePages::of($leaf, Compiler::announcement($design), Notation::Fractions, 'letter');
    expect(array_column($pages->labels, 'name'))->toContain(__('pieces.labelled', ['label' => 'R', 'task' => 'Leaf']))
        ->and(implode(' ', array_column($pages->labels, 'note')))->toContain('Trim to the inner line')
        ->and(array_keys(array_merge(...array_column($pages->sheets, 'lines'))))->toContain('cut', 'sew', 'later', 'notch', 'grain');
    $kite = gardenSheet('k-tomato-stakes');
    foreach ($kite->tasks as $task) {
        foreach ($task->making->pieces as $piece) {
            if ($piece->shape === PieceShape::Template) {
                // Its outer edges are level and upright, as the arrow along the grain is.
                $edges = array_map($piece->lay->outline->edge(...), array_keys($piece->lay->outline->corners));
                expect(array_filter($edges, fn (array $edge): bool => abs($edge[1] - $edge[3]) < 1e-3 && abs($edge[0] - $edge[2]) > 2))->not->toBe([]);
            }
        }
    }
});

it('gives templates to members of an open clue and to the host, and to nobody before', function (): void {
    $quiltAlong = App\Models\QuiltAlong::factory()->create();
    app(App\Actions\Host\PublishDesign::class)($quiltAlong, (string) file_get_contents(database_path('designs/kitchen-garden.json')), [
        'reason' => 'A test',
    ]);
    $quiltAlong->refresh();
    $number = (int) $quiltAlong->clues()->where('key', 'k-bee-bath')->value('number');
    $project = app(App\Actions\Member\JoinQuiltAlong::class)(App\Models\User::factory()->create(), $quiltAlong, 'Mine', 's-lap', 'c-allotment');
    $this->actingAs($project->user)->get("/q/$project->id/clues/$number/templates.pdf")->assertNotFound();
    $this->release($quiltAlong, $number);
    $this->get("/q/$project->id/clues/$number")->assertOk()->assertSee("clues/$number/templates.pdf?paper=a4", false);
    $pdf = $this->get("/q/$project->id/clues/$number/templates.pdf?paper=a4")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect(substr((string) $pdf->getContent(), 0, 5))->toBe('%PDF-');
    $owner = $this->person($quiltAlong, App\Models\Role::Owner);
    $this->actingAs($owner)->get("/host/$quiltAlong->slug/clues/$number?size=s-bed")->assertOk()->assertSee('templates.pdf?size=s-bed', false);
    $this->get("/host/$quiltAlong->slug/clues/$number/templates.pdf?size=s-bed")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $this->get("/host/$quiltAlong->slug/clues/999/templates.pdf")->assertNotFound();
});
