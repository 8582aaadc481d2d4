<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\Picture;
use App\Drawing\UnitPicture;
use App\Support\Openings;
use App\Wording\Figure;
use App\Wording\SizeKind;
use Carbon\CarbonImmutable;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\HalfSquareTriangle;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Unit;

/** Made-up material for the style page, computed like everything else. */
final readonly class StylePage
{
    /**
     * @param  list<Figure>  $figures
     * @param  list<StitchClue>  $drops
     * @param  list<string>  $fractions
     * @param  array<string, Picture>  $units  one drawing of every kind, by its key
     */
    private function __construct(
        public array $figures,
        public array $drops,
        public array $fractions,
        public TaskSheet $task,
        public UnitPicture $pictures,
        public array $units,
    ) {
    }

    public static function make(): self
    {
        $light = new Slot('f-b', 'B', 'Lamplight', FabricValue::Light);
        $dark = new Slot('f-a', 'A', 'Deep water', FabricValue::Dark);
        $unit = new HalfSquareTriangle(Length::inches(2), $light, $dark);
        $room = CuttingRoom::usual();
        $making = $unit->making(new Method(HalfSquareTriangle::TWO), $room);
        $task = self::task($unit, $making, $room, __('style.unit'), 24);
        $opens = CarbonImmutable::parse('2027-03-06 09:00', 'America/New_York');

        return new self(
            figures: [
                Figure::of($making->pieces[0]->width, SizeKind::Cut, Notation::Fractions),
                Figure::of($task->trimWidth(), SizeKind::Unfinished, Notation::Fractions),
                Figure::of(Measurement::exact($task->finished->width), SizeKind::Finished, Notation::Fractions),
                Figure::of($making->pieces[0]->width, SizeKind::Cut, Notation::Centimetres),
                Figure::of(Measurement::exact(Length::fraction(47, 21)), SizeKind::Unfinished, Notation::Fractions),
            ],
            drops: [
                new StitchClue(1, StitchState::Done, __('style.title_one'), $opens, 'America/New_York', 24, 24, '#drops'),
                new StitchClue(2, StitchState::InProgress, __('style.title_two'), $opens, 'America/New_York', 10, 24, '#drops'),
                new StitchClue(3, StitchState::Waiting, __('style.title_three'), $opens, 'America/New_York', null, null, '#drops'),
                new StitchClue(4, StitchState::ToCome, null, $opens->addWeek(), 'America/New_York'),
                new StitchClue(5, StitchState::ToCome),
            ],
            fractions: array_map(
                fn (int $sixteenths): string => Notation::Fractions->print(Length::fraction($sixteenths, 16)),
                range(1, 16),
            ),
            task: $task,
            pictures: new UnitPicture(
                new Colourway('c', 'c', ['f-a' => new Cloth('ink blue', '#22375a'), 'f-b' => new Cloth('warm gold', '#e3b04b')]),
                ['f-a' => $dark, 'f-b' => $light],
            ),
            units: self::units($room),
        );
    }

    /** The HTML of a counter that stands at ten. */
    public function counter(): string
    {
        $open = new Openings;
        $counter = new CounterView('t-style', 'sewn', 't-style-sewn', '', __('counters.sewn'), 24, 2);
        $html = view('components.counter', ['counter' => $counter, 'open' => $open])->render();

        return Openings::fill($open->cut($html), ['done:t-style-sewn' => '10', 'hints:t-style-sewn' => '', 'undo:t-style-sewn' => '', 'message:t-style-sewn' => '']);
    }

    /** @return array<string, Picture> */
    private static function units(CuttingRoom $room): array
    {
        $colours = ['#22375a', '#e3b04b', '#5f8f94', '#e6e8e3', '#b4533f'];
        $slots = $cloths = [];
        foreach ($colours as $index => $colour) {
            $letter = chr(ord('A') + $index);
            $slots["f-$letter"] = new Slot("f-$letter", $letter, $letter, FabricValue::Medium);
            $cloths["f-$letter"] = new Cloth($letter, $colour);
        }
        $pictures = new UnitPicture(new Colourway('c', 'c', $cloths), $slots);
        $drawn = [];
        foreach (UnitLibrary::kinds() as $kind) {
            $unit = UnitLibrary::example(
                $kind,
                Length::inches(3),
                array_slice(array_values($slots), 0, $kind->fabricsAmong(5)),
            )->make();
            $making = $unit->making($kind->methods()[0], $room);
            $drawn[$kind->value] = $pictures->unit(self::task($unit, $making, $room, $kind->value, 1));
        }

        return $drawn;
    }

    private static function task(Unit $unit, Making $making, CuttingRoom $room, string $name, int $count): TaskSheet
    {
        return new TaskSheet(
            task: 't-style',
            digest: 'style',
            name: $name,
            kind: $unit->kind(),
            count: $count,
            finished: $unit->finished(),
            unfinished: $unit->finished()->outsetBy($room->seam),
            patches: $unit->patches(),
            making: $making,
            ways: [$making],
            overhangs: [],
            seamwork: $unit->seamwork(),
            cutArea: $unit->cutArea($room),
            room: $room,
        );
    }
}
