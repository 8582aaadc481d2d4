<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\MethodChoices;

/**
 * Six blocks of 4½ in finished in a row, quilted one by one.
 *
 * @param  array<string, mixed>  $quilting
 * @return array<string, mixed>
 */
function quiltedRow(array $quilting, string $kind = 'square'): array
{
    return [
        'units' => [
            [
                'id' => 'u-plain',
                'name' => 'Patch',
                'kind' => $kind,
                'finished' => '4 1/2',
                'fabrics' => $kind === 'square' ? ['f-a'] : ['f-a', 'f-b'],
            ],
        ],
        'blocks' => [
            [
                'id' => 'b-one',
                'name' => 'One',
                'columns' => ['4 1/2'],
                'rows' => ['4 1/2'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-plain']],
            ],
        ],
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'quilting' => $quilting],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 6, 'rows' => 1]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]]],
    ];
}

it('measures a row of six blocks as long as the join leaves it', function (array $quilting, string $width, string $height): void {
    $layout = Compilation::of(smallDesign(quiltedRow($quilting)))->sized('s')->layout;
    expect($layout->finished->width->encode())->toBe($width)
        ->and($layout->finished->height->encode())->toBe($height)
        ->and(Compiler::announcement(smallDesign(quiltedRow($quilting)))->sizes['s']->finished->width->encode())->toBe($width);
})->with([
    // Trimmed to 5 in, and 1 in taken at every edge: 3 in of each is left.
    'cover strip of 1 in' => [['join' => 'cover-strip', 'allowance' => '1'], '18', '3'],
    'cover strip, the outer edge kept' => [['join' => 'cover-strip', 'allowance' => '1', 'edge_kept' => true], '20', '5'],
    'sewn through with ½ in' => [['join' => 'sewn-through', 'allowance' => '1/2'], '24', '4'],
    // Folded over at the edge of the batting, a block keeps all of its 5 in.
    'back to front' => [['join' => 'back-to-front', 'allowance' => '1/2'], '30', '5'],
    'front to back' => [['join' => 'front-to-back', 'allowance' => '1/2'], '30', '5'],
]);

it('finds points that come too near to the join', function (): void {
    $finding = marks(quiltedRow(['join' => 'cover-strip', 'allowance' => '1'], 'hst'))['points-at-join'];
    expect($finding->lengths['clear']->encode())->toBe('1')
        ->and($finding->lengths['has']->toDecimal(2))->toBe('0.25')
        ->and($finding->lengths['lost']->toDecimal(2))->toBe('0.75');
    expect(marks(quiltedRow(['join' => 'sewn-through', 'allowance' => '1/4'], 'hst')))->not->toHaveKey('points-at-join')
        ->and(marks(quiltedRow(['join' => 'cover-strip', 'allowance' => '1'])))->not->toHaveKey('points-at-join');
});

it('says on the clue how large front, batting and back of a block are', function (): void {
    $sheet = Compiler::clueSheet(
        smallDesign(quiltedRow(['join' => 'back-to-front', 'allowance' => '1/2'])),
        's',
        'k',
        MethodChoices::defaults(),
    );
    $sizes = array_map(fn (Size|Length $size): string => $size->encode(), $sheet->tasks[0]->quilting);
    expect($sizes)->toBe(
        [
            'front' => '5 x 5',
            'batting' => '5 x 5',
            'back' => '6 x 6',
            'trimmed' => '5 x 5',
            'shows' => '5 x 5',
            'strip' => '1/2',
            'outer' => '1/4',
            'clear' => '1/4',
        ],
    );
    expect(ClueSheet::read($sheet->write())->tasks[0]->quilting)->toEqual($sheet->tasks[0]->quilting);
    expect(Compiler::clueSheet(smallDesign(), 's', 'k', MethodChoices::defaults())->tasks[0]->quilting)->toBe([]);
});

it('refuses a join that leaves nothing, and sashing beside it', function (): void {
    expect(said(refusal(smallJson(quiltedRow(['join' => 'cover-strip', 'allowance' => '2 1/2'])))))->toContain('smaller');
    $change = quiltedRow(['join' => 'cover-strip', 'allowance' => '1']);
    $change['setting']['sashing'] = ['width' => '1', 'fabric' => 'f-b'];
    expect(said(refusal(smallJson($change))))->toContain('leave sashing and borders out');
});

it('knows what a join takes from the trimmed size, whatever the seam allowance', function (
    QuiltingJoin $join,
    string $pitch,
    string $edge,
): void {
    $quilting = new QuiltAsYouGo($join, Length::fraction(1, 2), true);
    $room = new CuttingRoom(Length::parse('3/8'), Length::inches(40), Length::fraction(1, 2));
    expect($quilting->pitch(Size::square(Length::inches(6)), $room)->width->encode())->toBe($pitch)
        ->and($quilting->edge()->encode())->toBe($edge);
})->with([
    [QuiltingJoin::CoverStrip, '23/4', '1/2'], [
        QuiltingJoin::SewnThrough,
        '23/4',
        '1/2',
    ], [QuiltingJoin::BackToFront, '27/4', '0'], [QuiltingJoin::FrontToBack, '27/4', '0'],
]);
