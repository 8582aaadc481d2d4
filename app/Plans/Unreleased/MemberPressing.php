<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Support\Kept;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Slot;
use Dew\Core\Press\PressBook;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressSolver;

/** The pressing plan of somebody who has pressed some of her seams otherwise: everything else is planned anew to nest with them. */
final readonly class MemberPressing
{
    public function __construct(private SheetStore $sheets)
    {
    }

    /**
     * @param  array<string, list<string>>  $pressed  flags of what she has pressed, as {@see PressFlag::encode()} writes them, by product
     *     key
     * @return array<string, PressLook> by product key
     */
    public function looks(int $version, string $size, array $pressed): array
    {
        ksort($pressed);
        /** @var array<string, array<string, mixed>> $kept */
        $kept = Kept::MemberPressing->remember([$this->sheets->edition($version), $size, $pressed], function () use ($version, $size, $pressed): array {
            $sheet = $this->sheets->quilt($version, $size);
            $depths = array_map(fn (Slot $slot): int => $slot->value->depth(), $this->sheets->announcement($version)->slots);
            $model = PressModel::of($sheet->sewn($depths), $sheet->pressing->copies);
            $plan = PressSolver::plan(
                $model, $sheet->pressing->school, PressBook::fixed($model, $pressed) + array_map(Pressed::from(...), $sheet->pressSaid),
            );

            return array_map(fn (PressLook $look): array => $look->toData(), PressBook::of($plan)->all());
        });

        return array_map(fn (array $look): PressLook => PressLook::fromData(Node::of($look)), $kept);
    }
}
