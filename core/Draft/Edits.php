<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignFormat;
use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\Type\Type;
use Dew\Core\Measure\Problem;

/**
 * Applies edits to a design that is being drawn up. Whatever is unfinished is allowed; refused is only what cannot mean anything: a value
 * of the wrong form, a name the document does not have, two things in one place. What was wrong before an edit does not stop it.
 */
final class Edits
{
    /** Of what names a thing that is to go, as many are said. */
    private const NAMED = 5;

    /**
     * @throws EditRefused with the way out in its message; the document is as it was
     * @throws EditConflict when somebody else has changed the same thing
     */
    public static function apply(DraftDocument $document, Edit $edit): Applied
    {
        $changes = array_values(array_filter(
            $edit->changes($document),
            fn (Change $change): bool => ! $change->was->equals($change->is) || $change->stoodBefore !== $change->standsBefore,
        ));
        $after = $document;
        foreach ($changes as $number => $change) {
            self::checkId($change);
            $changes[$number] = $change = $change->in($after);
            $after = $after->with($change);
            self::checkForm($after, $change->place);
        }
        $text = self::text($after);
        self::checkIds($document, $after);
        self::checkNames($document, $after);
        self::checkCells($document, $after, $changes);

        return new Applied($after, $changes, $text);
    }

    /** What members have counted hangs on ids, so they stay. */
    private static function checkId(Change $change): void
    {
        if (in_array($change->place->steps[count($change->place->steps) - 1], ['id', 'dew'], true) && $change->was->exists) {
            throw new EditRefused('id_never_changes');
        }
    }

    /** What was put at a place must have the form that the format gives it; what may be unfinished may be so. */
    private static function checkForm(DraftDocument $after, Place $place): void
    {
        $value = $after->at($place);
        if (! $value->exists) {
            return;
        }
        $type = self::typeAt($place);
        $complaints = new Complaints;
        $type->check($value->value, '', $complaints);
        $wrong = array_values(array_filter($complaints->all(), fn (Complaint $complaint): bool => ! $complaint->unfinished));
        if ($wrong !== []) {
            $there = $wrong[0]->problem;
            throw new EditRefused('form', ['place' => $place->text(), 'pointer' => $wrong[0]->pointer, 'problem' => $there], $place, $there);
        }
    }

    private static function typeAt(Place $place): Type
    {
        $type = DesignFormat::document();
        foreach ($place->steps as $step) {
            $type = $type->inner($step)
                ?? throw new EditRefused('means_nothing', ['place' => $place->text(), 'step' => $step]);
        }

        return $type;
    }

    /** The canonical bytes. What could not be read again is not put together. */
    private static function text(DraftDocument $after): string
    {
        $text = $after->document()->text;
        if (strlen($text) > DesignDocument::LARGEST) {
            throw new EditRefused('too_large', ['bytes' => strlen($text), 'most' => DesignDocument::LARGEST]);
        }

        return $text;
    }

    /** Every id stands once in its list; units and blocks share theirs. */
    private static function checkIds(DraftDocument $before, DraftDocument $after): void
    {
        $now = self::idsTwice($after);
        $twice = $now === [] ? [] : array_diff($now, self::idsTwice($before));
        if ($twice !== []) {
            throw new EditRefused('id_taken', ['id' => reset($twice)]);
        }
    }

    /** @return list<string> */
    private static function idsTwice(DraftDocument $document): array
    {
        $twice = [];
        foreach ([['units', 'blocks'], ['fabrics'], ['colourways'], ['sizes'], ['clues']] as $lists) {
            $ids = [];
            foreach ($lists as $list) {
                array_push($ids, ...array_map(fn (array $item): string => (string) Place::idOf($item), $document->items(Place::of($list))));
            }
            array_push(
                $twice,
                ...array_map(strval(...), array_keys(array_filter(array_count_values($ids), fn (int $count): bool => $count > 1))),
            );
        }

        return $twice;
    }

    /** Nothing may be named that is not there, and nothing may go that is still named. */
    private static function checkNames(DraftDocument $before, DraftDocument $after): void
    {
        $now = References::dangling($after);
        $lost = $now === [] ? [] : array_values(array_diff_key($now, References::dangling($before)));
        if ($lost === []) {
            return;
        }
        $first = $lost[0];
        $what = new Problem('thing.'.rtrim($first->list, 's'));
        if (! $before->at(self::place($first))->exists) {
            throw new EditRefused('names_nothing', ['user' => $first->user, 'what' => $what, 'id' => $first->id]);
        }
        $users = array_values(array_unique(array_map(
            fn (Reference $reference): string => $reference->user,
            array_filter($lost, fn (Reference $reference): bool => $reference->list === $first->list && $reference->id === $first->id),
        )));
        $more = count($users) - self::NAMED;
        throw new EditRefused($more > 0 ? 'still_used_more' : 'still_used', [
            'what' => $what, 'id' => $first->id, 'users' => implode(', ', array_slice($users, 0, self::NAMED)), 'more' => $more,
        ]);
    }

    private static function place(Reference $reference): Place
    {
        return $reference->list === 'borders' ? Place::of(
            'setting',
            'borders',
            $reference->id,
        ) : Place::of($reference->list, $reference->id);
    }

    /**
     * No two things lie in one place of a block, and none lies beyond its grid.
     *
     * @param  list<Change>  $changes
     */
    private static function checkCells(DraftDocument $before, DraftDocument $after, array $changes): void
    {
        $blocks = array_unique(array_map(
            fn (Change $change): string => $change->place->steps[0] === 'blocks' ? $change->place->steps[1] ?? '' : '',
            $changes,
        ));
        foreach (array_filter($blocks) as $block) {
            $fault = Grid::of($after, $block)?->fault();
            if ($fault !== null && (string) Grid::of($before, $block)?->fault() !== (string) $fault) {
                throw new EditRefused($fault);
            }
        }
    }
}
