<?php

declare(strict_types=1);

use App\Actions\HandRefused;
use App\Actions\Host\DealParts;
use App\Actions\Member\MarkAssembled;
use App\Models\AssembledPart;
use App\Models\HandMove;
use App\Models\Role;
use App\Plans\MemberLayout;
use App\Plans\ReleasedSheets;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\LayoutRefused;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->quilt->clues()->update(['release_at' => now()->subHour()]);
});

afterEach(function (): void {
    emptyTables();
});

it('deals a part to one of them when two hosts deal it to two people at the same moment', function (): void {
    app(DealParts::class)->list($this->quilt, 's-throw');
    $quilt = $this->quilt->refresh();
    $part = $quilt->handParts()->where('key', 'place:0')->sole();
    $people = [$this->project($quilt)->user, $this->project($quilt)->user];
    $hosts = [$this->person($quilt, Role::Owner), $this->person($quilt, Role::Helper)];
    $deals = fn (int $who): Closure => function () use ($who, $quilt, $part, $people, $hosts): int {
        try {
            app(DealParts::class)->deal($quilt, [$part->id => $part->revision], $people[$who], null, '', $hosts[$who]);

            return 1;
        } catch (HandRefused $refused) {
            return $refused->reason === 'dealt_meanwhile' ? 0 : -1;
        }
    };
    $done = atOnce($deals(0), $deals(1));
    sort($done);
    expect($done)->toBe([0, 1])->and(HandMove::query()->count())->toBe(1);
});

it('counts a row once when it is marked as sewn on several devices at the same moment', function (): void {
    $project = $this->project($this->quilt);
    $marks = fn (): Closure => function () use ($project): int {
        $sheet = app(ReleasedSheets::class)->layout($project->fresh());
        try {
            app(MarkAssembled::class)(
                $project, app(MemberLayout::class)->plan($project, $sheet, Arrangement::designed($sheet)), 'rows:row-1', true,
            );

            return 1;
        } catch (LayoutRefused) {
            return 0;
        }
    };
    expect(array_sum(atOnce($marks(), $marks(), $marks())))->toBe(1)->and(AssembledPart::query()->count())->toBe(1);
});
