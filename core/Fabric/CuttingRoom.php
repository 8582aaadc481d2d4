<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** What a design's numbers are computed with: the seam, and the cloth as it lies on the mat once its selvedges are off. */
final readonly class CuttingRoom
{
    /**
     * @param  Length  $seam  seam allowance
     * @param  Length  $usableWidth  width of cloth that a strip can use
     * @param  Length  $squaring  lost from a sewn strip set before the first segment can be cut
     */
    public function __construct(
        public Length $seam,
        public Length $usableWidth,
        public Length $squaring,
    ) {
    }

    /** ¼ in seam, 40 in of usable width, ½ in to square a strip set. */
    public static function usual(): self
    {
        return new self(Length::fraction(1, 4), Length::inches(40), Length::fraction(1, 2));
    }

    /** The same room with cloth of another usable width, such as a member's own. */
    public function withUsableWidth(Length $usableWidth): self
    {
        return new self($this->seam, $usableWidth, $this->squaring);
    }

    /** A text that is the same for the same numbers. */
    public function key(): string
    {
        return $this->seam->encode().' '.$this->usableWidth->encode().' '.$this->squaring->encode();
    }

    /** The seam allowance as it is set on the machine. */
    public function allowance(): Measurement
    {
        return Measurement::setting($this->seam);
    }

    /** A finished length with a seam allowance at both ends, to be cut or checked exactly. */
    public function unfinished(Length $finished): Measurement
    {
        return Measurement::exact($finished->plus($this->seam->times(2)));
    }

    /** A design whose seam is not on an inch ruler is cut by millimetres. */
    public function isMetric(): bool
    {
        return ! $this->seam->isMultipleOf(Length::fraction(1, 64));
    }

    /** The ruler the design is made for; whoever reads it may have another. */
    public function notation(): Notation
    {
        return $this->isMetric() ? Notation::Centimetres : Notation::Fractions;
    }

    /** @return array<string, string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'seam' => $this->seam->encode(), 'usable_width' => $this->usableWidth->encode(), 'squaring' => $this->squaring->encode(),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return $data->once('cutting room', function () use ($data): self {
            $length = fn (string $which): Length => Length::decode($data->get($which)->text());

            return new self($length('seam'), $length('usable_width'), $length('squaring'));
        });
    }
}
