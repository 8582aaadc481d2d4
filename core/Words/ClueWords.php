<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** Everything that a clue says besides its opening and what is worked out. */
final readonly class ClueWords
{
    /** Cautions that a host may add to those that the work itself asks for. */
    public const CAUTIONS = ['spray', 'ink', 'bleeding', 'circuits', 'leads'];

    /**
     * @param  string  $closing  Markdown, as all longer texts; may be empty
     * @param  list<Note>  $notes
     * @param  list<Illustration>  $pictures
     * @param  list<HostTool>  $tools
     * @param  list<MachineSetting>  $machine
     * @param  string  $recap  what the host adds to what is said of earlier clues
     * @param  list<string>  $cautions  of {@see CAUTIONS}
     * @param  list<StepChange>  $steps
     */
    public function __construct(
        public string $closing = '',
        public array $notes = [],
        public array $pictures = [],
        public ?Link $link = null,
        public array $tools = [],
        public array $machine = [],
        public string $recap = '',
        public array $cautions = [],
        public array $steps = [],
        public ClueKind $kind = ClueKind::Usual,
    ) {
    }

    /** Without the notes for other sizes. */
    public function atSize(string $size): self
    {
        return $this->with(
            array_values(array_filter($this->notes, fn (Note $note): bool => $note->size === null || $note->size === $size)),
        );
    }

    /** Without the notes for other colourways. */
    public function inColourway(string $colourway): self
    {
        return $this->with(array_values(
            array_filter($this->notes, fn (Note $note): bool => $note->colourway === null || $note->colourway === $colourway),
        ));
    }

    /** @return list<string> every longer text, notes and steps included */
    public function texts(): array
    {
        return array_values(array_filter([
            ...array_map(fn (Note $note): string => $note->text, $this->notes),
            ...array_map(fn (Illustration $picture): string => $picture->text, $this->pictures),
            ...array_map(fn (StepChange $step): string => $step->text, $this->steps),
            $this->recap,
            $this->closing,
        ], fn (string $text): bool => $text !== ''));
    }

    /** @return list<StepChange> of one task */
    public function stepsOf(string $task): array
    {
        return array_values(array_filter($this->steps, fn (StepChange $step): bool => $step->task === $task));
    }

    /** @param  list<Note>  $notes */
    private function with(array $notes): self
    {
        return new self(
            $this->closing, $notes, $this->pictures, $this->link, $this->tools, $this->machine, $this->recap,
            $this->cautions, $this->steps, $this->kind,
        );
    }

    /** @return array<string, mixed> plain data without what is empty; see {@see fromData()} */
    public function toData(): array
    {
        $plain = fn (object $thing): array => array_filter(
            get_object_vars($thing), fn (mixed $value): bool => $value !== null && $value !== '',
        );

        return array_filter([
            'closing' => $this->closing,
            'notes' => array_map($plain, $this->notes),
            'pictures' => array_map($plain, $this->pictures),
            'link' => $this->link === null ? null : $plain($this->link),
            'tools' => array_map(fn (HostTool $tool): array => $tool->toData(), $this->tools),
            'machine' => array_map($plain, $this->machine),
            'recap' => $this->recap,
            'cautions' => $this->cautions,
            'steps' => array_map($plain, $this->steps),
            'kind' => $this->kind === ClueKind::Usual ? null : $this->kind->value,
        ], fn (mixed $value): bool => $value !== null && $value !== '' && $value !== []);
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /**
         * @var array{closing?: string, notes?: list<array{id: string, text: string, size?: string, colourway?: string}>,
         *     pictures?: list<array{id: string, picture: string, text: string}>, link?: array{address: string, text: string},
         *     tools?: list<array{id: string, name: string, atLeast?: string}>, machine?: list<array{id: string, stage: string}>,
         *     recap?: string, cautions?: list<string>, steps?: list<array{id: string, task: string, what: string, step?: string, text: string}>,
         *     kind?: string} $data
         */
        return new self(
            $data['closing'] ?? '',
            array_map(fn (array $note): Note => new Note(...$note), $data['notes'] ?? []),
            array_map(fn (array $picture): Illustration => new Illustration(...$picture), $data['pictures'] ?? []),
            isset($data['link']) ? new Link(...$data['link']) : null,
            array_map(HostTool::fromData(...), $data['tools'] ?? []),
            array_map(fn (array $setting): MachineSetting => new MachineSetting(...$setting), $data['machine'] ?? []),
            $data['recap'] ?? '',
            $data['cautions'] ?? [],
            array_map(fn (array $step): StepChange => new StepChange(...($step + ['step' => null])), $data['steps'] ?? []),
            ClueKind::from($data['kind'] ?? ClueKind::Usual->value),
        );
    }
}
