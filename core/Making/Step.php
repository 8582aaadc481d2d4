<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Measurement;

/** One thing to do, as data: a code whose sentence the interface holds, what it is done to, and the numbers and fabrics that go into it. */
final readonly class Step
{
    /** Codes of steps that say left or right, or which way round to go. */
    private const DIRECTED = ['log_cabin.logs.sew', 'log_cabin.strips.sew', 'pinwheel.layer', 'striped_hst.cut_diagonal'];

    /**
     * @param  array<string, Measurement>  $measures
     * @param  array<string, string>  $slots  ids of fabric slots
     * @param  array<string, int>  $counts
     * @param  list<On>  $on  what is marked, laid, sewn, cut, pressed, trimmed or measured, in that order
     * @param  array<string, string>  $names  words of the design itself, such as a pattern's letter for a piece
     */
    public function __construct(
        public StepKind $kind,
        public string $code,
        public array $measures = [],
        public array $slots = [],
        public array $counts = [],
        public ?Sewing $sewing = null,
        public array $on = [],
        public array $names = [],
    ) {
    }

    /** This step with one of its counts changed; a step that does not speak of that count stays as it is. */
    public function withCount(string $name, int $count): self
    {
        return isset($this->counts[$name])
            ? new self(
                $this->kind,
                $this->code,
                $this->measures,
                $this->slots,
                [...$this->counts, $name => $count],
                $this->sewing,
                $this->on,
                $this->names,
            )
            : $this;
    }

    /** This step with results that depend on a piece worked out for the piece cut at another size. */
    public function following(Measurement $before, Measurement $after): self
    {
        $measures = array_map(fn (Measurement $measure): Measurement => $measure->following($before, $after), $this->measures);

        return new self($this->kind, $this->code, $measures, $this->slots, $this->counts, $this->sewing, $this->on, $this->names);
    }

    /**
     * The same step of the mirror image of the unit. Steps that say which way to go have other words for it.
     *
     * @param  array<string, string>  $ids  new ids of pieces by their old ones
     */
    public function turnedOver(array $ids): self
    {
        $on = array_map(fn (On $on): On => $on->turnedOver($ids), $this->on);
        $code = match (true) {
            str_ends_with($this->code, '_mirrored') => substr($this->code, 0, -strlen('_mirrored')),
            in_array($this->code, self::DIRECTED, true) => $this->code.'_mirrored',
            default => $this->code,
        };

        return new self($this->kind, $code, $this->measures, $this->slots, $this->counts, $this->sewing, $on, $this->names);
    }

    /** The same step under another code. */
    public function as(string $code): self
    {
        return new self($this->kind, $code, $this->measures, $this->slots, $this->counts, $this->sewing, $this->on, $this->names);
    }

    /** @return list<On> those of its operands that are of one kind */
    public function operands(Operand $kind): array
    {
        return array_values(array_filter($this->on, fn (On $on): bool => $on->kind === $kind));
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'kind' => $this->kind->value,
            'code' => $this->code,
            ...($this->measures === [] ? [] : [
                'measures' => array_map(fn (Measurement $measure): string => $measure->encode(), $this->measures),
            ]),
            ...($this->slots === [] ? [] : ['slots' => $this->slots]),
            ...($this->counts === [] ? [] : ['counts' => $this->counts]),
            ...($this->sewing === null ? [] : ['sewing' => $this->sewing->value]),
            ...($this->names === [] ? [] : ['names' => $this->names]),
            'on' => implode('; ', array_map(fn (On $on): string => $on->encode(), $this->on)),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->get('kind')->enum(StepKind::class),
            $data->get('code')->text(),
            $data->has('measures') ? array_map(Measurement::decode(...), $data->get('measures')->names()) : [],
            $data->has('slots') ? $data->get('slots')->names() : [],
            $data->has('counts') ? $data->get('counts')->counts() : [],
            $data->has('sewing') ? $data->get('sewing')->enum(Sewing::class) : null,
            array_map(On::decode(...), array_values(array_filter(explode('; ', $data->get('on')->text())))),
            $data->has('names') ? $data->get('names')->names() : [],
        );
    }
}
