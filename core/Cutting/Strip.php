<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** A strip of cloth and what is cut across it, from its squared end on. */
final readonly class Strip
{
    /**
     * @param  int  $height  in marks, as all of this
     * @param  int  $width  of the cloth that it is cut across
     * @param  list<Section>  $sections  one beside the other
     */
    public function __construct(
        public int $height,
        public int $width,
        public array $sections,
    ) {
    }

    /** What is left at its end, at its full height. */
    public function left(): int
    {
        return $this->width - array_sum(array_map(fn (Section $section): int => $section->width, $this->sections));
    }

    /** @return array<string, int> how many pieces it gives, by id */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->sections as $section) {
            foreach ($section->pieces() as $id => $count) {
                $pieces[$id] = ($pieces[$id] ?? 0) + $count;
            }
        }

        return $pieces;
    }

    /**
     * @param  list<self>  $strips
     * @return list<array{self, int}> neighbours that are cut alike, with how many there are
     */
    public static function alike(array $strips): array
    {
        $groups = [];
        foreach ($strips as $strip) {
            [$last, $count] = array_pop($groups) ?? [null, 0];
            if ($last !== null) {
                $groups[] = [$last, $last == $strip ? $count + 1 : $count];
            }
            if ($last === null || $last != $strip) {
                $groups[] = [$strip, 1];
            }
        }

        return $groups;
    }
}
