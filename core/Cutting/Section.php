<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** A part of a strip: either a run of equal pieces as high as the strip, or a part that is cut into narrower strips. */
final readonly class Section
{
    /**
     * @param  int  $width  of the strip that it takes, in marks
     * @param  list<Strip>  $strips  one below the other, each as wide as this section
     */
    private function __construct(
        public int $width,
        public ?string $piece,
        public int $count,
        public bool $turned,
        public array $strips,
    ) {
    }

    public static function run(Wanted $piece, int $count, bool $turned): self
    {
        return new self($piece->run($count), $piece->id, $count, $turned, []);
    }

    /** @param  list<Strip>  $strips */
    public static function recut(int $width, array $strips): self
    {
        return new self($width, null, 0, false, $strips);
    }

    /** @return array<string, int> */
    public function pieces(): array
    {
        if ($this->piece !== null) {
            return [$this->piece => $this->count];
        }
        $pieces = [];
        foreach ($this->strips as $strip) {
            foreach ($strip->pieces() as $id => $count) {
                $pieces[$id] = ($pieces[$id] ?? 0) + $count;
            }
        }

        return $pieces;
    }
}
