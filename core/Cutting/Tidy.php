<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Puts strips into the order in which somebody cuts them: equal pieces together, those as high as the strip first, and no cut that parts
 * nothing. A strip is no higher than what it holds.
 */
final readonly class Tidy
{
    /** @param  array<string, Wanted>  $pieces  by id, upright */
    private function __construct(private array $pieces)
    {
    }

    /**
     * @param  list<Strip>  $strips
     * @param  list<Wanted>  $pieces
     * @return list<Strip> the highest first
     */
    public static function strips(array $strips, array $pieces): array
    {
        $self = new self(array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece], $pieces), 1, 0));
        $tidy = $self->flat(array_map($self->lowered(...), $strips));
        usort($tidy, fn (Strip $one, Strip $other): int => [$other->height, $one->left()] <=> [$one->height, $other->left()]);

        return $tidy;
    }

    /**
     * @param  list<Strip>  $strips
     * @return list<Strip> a strip that is only parted into narrower ones gives way to those
     */
    private function flat(array $strips): array
    {
        $flat = [];
        foreach ($strips as $strip) {
            $strip = new Strip($strip->height, $strip->width, $this->sections($strip));
            if (count($strip->sections) === 1 && $strip->sections[0]->piece === null) {
                foreach ($strip->sections[0]->strips as $narrower) {
                    $flat[] = new Strip($narrower->height, $strip->width, $narrower->sections);
                }
            } elseif ($strip->sections !== []) {
                $flat[] = $strip;
            }
        }

        return $flat;
    }

    /** The same strip, no higher than the highest of what is cut from it. */
    private function lowered(Strip $strip): Strip
    {
        $strips = array_map(fn (Section $section): array => array_map($this->lowered(...), $section->strips), $strip->sections);
        $highest = 0;
        foreach ($strip->sections as $number => $section) {
            $highest = max($highest, $section->piece !== null ? $this->lay($section)->height : BoltCuts::length($strips[$number]));
        }

        return new Strip($highest, $strip->width, array_map(
            fn (Section $section, array $narrower): Section => $section->piece !== null ? $section : Section::recut($section->width, $narrower),
            $strip->sections, $strips,
        ));
    }

    /** @return list<Section> */
    private function sections(Strip $strip): array
    {
        $runs = $recut = [];
        foreach ($strip->sections as $section) {
            foreach ($this->unfolded($strip->height, $section) as $one) {
                if ($one->piece !== null) {
                    $key = $one->piece.' '.(int) $one->turned;
                    $runs[$key] = [$one, ($runs[$key][1] ?? 0) + $one->count];
                } else {
                    $key = implode(' ', array_map(fn (Strip $narrower): int => $narrower->height, $one->strips));
                    $recut[$key][] = $one;
                }
            }
        }
        $runs = array_map(fn (array $run): Section => Section::run($this->lay($run[0]), $run[1], $run[0]->turned), array_values($runs));
        usort($runs, fn (Section $one, Section $other): int => $other->width <=> $one->width);
        $recut = array_map($this->joined(...), array_values($recut));
        usort($recut, fn (Section $one, Section $other): int => $other->width <=> $one->width);

        return [...$runs, ...$recut];
    }

    /** @return list<Section> what a section comes to: the parts of a strip inside it that is as high as the strip around it */
    private function unfolded(int $height, Section $section): array
    {
        if ($section->piece !== null) {
            return [$section];
        }
        $strips = $this->flat($section->strips);
        usort($strips, fn (Strip $one, Strip $other): int => $other->height <=> $one->height);

        return count($strips) === 1 && $strips[0]->height === $height ? $strips[0]->sections : [Section::recut($section->width, $strips)];
    }

    /** @param  non-empty-list<Section>  $sections  parted into strips of the same heights */
    private function joined(array $sections): Section
    {
        if (count($sections) === 1) {
            return $sections[0];
        }
        $width = array_sum(array_map(fn (Section $section): int => $section->width, $sections));
        $strips = [];
        foreach ($sections[0]->strips as $number => $strip) {
            $parts = array_merge(...array_map(fn (Section $section): array => $section->strips[$number]->sections, $sections));
            $strips[] = new Strip($strip->height, $width, $this->sections(new Strip($strip->height, $width, $parts)));
        }

        return Section::recut($width, $strips);
    }

    private function lay(Section $section): Wanted
    {
        $piece = $this->pieces[(string) $section->piece];

        return $section->turned ? $piece->turned() ?? $piece : $piece;
    }
}
