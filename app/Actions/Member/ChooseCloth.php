<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Project;
use App\Models\Swatch;
use App\Pictures\ClothPictures;
use App\Pictures\PictureRefused;
use Illuminate\Validation\ValidationException;

/** Puts a member's own cloth in the place of a fabric: a name with a colour, or with a photograph and the part of it that is the cloth. */
final readonly class ChooseCloth
{
    /** The middle of a photograph, until she marks another part of it. */
    private const MIDDLE = ['x' => 200, 'y' => 200, 'width' => 600, 'height' => 600];

    /** Further cloths for one fabric. */
    private const MOST = 20;

    public function __construct(private ClothPictures $pictures)
    {
    }

    /**
     * @param  array{name: string, colour: string}  $cloth  the colour stands aside where there is a photograph
     * @param  string|null  $photo  bytes as they came; null to keep the one that is there
     * @param  int  $number  0 for the cloth that drawings show, from 1 on for those beside it
     *
     * @throws PictureRefused with what to do instead; nothing is changed then
     */
    public function __invoke(Project $project, string $slot, array $cloth, ?string $photo, int $number = 0): void
    {
        $folder = ClothPictures::ownOf($project);
        $before = $project->swatches()->where(['slot_key' => $slot, 'number' => $number])->first();
        $with = [];
        if ($photo !== null) {
            $kept = $this->pictures->keep($photo, ClothPictures::LARGE, $folder);
            $part = $this->pictures->part($kept->hash, self::MIDDLE, $folder);
            $with = [
                'photo' => $kept->hash, 'picture' => $part->hash, 'part' => self::MIDDLE, 'colour' => $part->colour, 'judged' => null,
            ];
        } elseif ($before !== null && $before->colour !== $cloth['colour']) {
            // Another colour is another cloth: the photograph of the old one goes with it.
            $with = ['photo' => null, 'picture' => null, 'part' => null, 'judged' => null];
        }
        $project->swatches()->updateOrCreate(['slot_key' => $slot, 'number' => $number], [...$cloth, ...$with]);
        $this->forgetOthers($project);
    }

    /**
     * @param  array{x: int, y: int, width: int, height: int}  $part  in thousandths of the photograph
     *
     * @throws PictureRefused when the photograph is gone
     */
    public function mark(Project $project, Swatch $swatch, array $part): void
    {
        $kept = $this->pictures->part((string) $swatch->photo, $part, ClothPictures::ownOf($project));
        $swatch->update(['picture' => $kept->hash, 'part' => $part, 'colour' => $kept->colour]);
        $this->forgetOthers($project);
    }

    /**
     * A further cloth for the same fabric.
     *
     * @param  array{name: string, colour: string}  $cloth
     * @return int its number
     *
     * @throws PictureRefused with what to do instead; nothing is changed then
     * @throws ValidationException when there are too many, or none that the drawings show yet
     */
    public function more(Project $project, string $slot, array $cloth, ?string $photo): int
    {
        $last = $project->swatches()->where('slot_key', $slot)->max('number');
        if ($last === null || $last >= self::MOST) {
            throw ValidationException::withMessages(['cloth' => __($last === null ? 'fabrics.more.first' : 'fabrics.more.too_many')]);
        }
        $this($project, $slot, $cloth, $photo, (int) $last + 1);

        return (int) $last + 1;
    }

    /** Takes a cloth away; where the drawings showed it, they show the next one of hers. */
    public function remove(Project $project, string $slot, int $number = 0): void
    {
        $project->swatches()->where(['slot_key' => $slot, 'number' => $number])->delete();
        if ($number === 0) {
            $next = $project->swatches()->where('slot_key', $slot)->min('number');
            $project->swatches()->where(['slot_key' => $slot, 'number' => $next ?? 0])->update(['number' => 0]);
        }
        $this->forgetOthers($project);
    }

    /** Photographs that no cloth shows any more are deleted. */
    private function forgetOthers(Project $project): void
    {
        $project->unsetRelation('swatches');
        $used = $project->swatches->flatMap(fn (Swatch $swatch): array => [$swatch->photo, $swatch->picture])->filter()->values()->all();
        $this->pictures->clear(ClothPictures::ownOf($project), array_values(array_map(strval(...), $used)));
    }
}
