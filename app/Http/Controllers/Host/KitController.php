<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Actions\Host\KeepKits;
use App\Http\Controllers\Controller;
use App\Http\Requests\KitSettingsRequest;
use App\Http\Requests\MarkKitsRequest;
use App\Http\Requests\OrderFileRequest;
use App\Models\KitRow;
use App\Models\KitSettings;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\KitTables;
use App\Support\OrderDesk;
use App\Wording\Problems;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Table;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\OrderReader;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\MeasureException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The kits of a quilt-along: orders, contents, bolts, what is packed and handed out. */
final class KitController extends Controller
{
    private const ON_A_PAGE = 100;

    /** Complaints about a file that are shown; the first ones say what is wrong with the others. */
    private const SHOWN = 8;

    public function index(Request $request, QuiltAlong $quiltAlong, KitRoom $room): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'kits', 'title' => __('kits.title')]);
        }
        $rows = $quiltAlong->kitRows()->orderBy('id')->get()->toBase();
        $tables = new KitTables($quiltAlong, $room);
        $state = $request->string('state')->value();
        $shown = $quiltAlong->kitRows()
            ->when($state === 'ordered', fn ($query) => $query->whereColumn('packed', '<', 'count'))
            ->when($state === 'packed', fn ($query) => $query->whereColumn('packed', 'count')->whereColumn('handed_out', '<', 'count'))
            ->when($state === 'handed_out', fn ($query) => $query->whereColumn('handed_out', 'count'))
            ->orderBy('size_key')->orderBy('name')->orderBy('id')
            ->paginate(self::ON_A_PAGE)->withQueryString();

        return view('host.kits', [
            'quiltAlong' => $quiltAlong,
            'rows' => $rows,
            'shown' => $shown,
            'state' => $state,
            'tables' => $tables,
            'lines' => $tables->lines($rows),
            'bolts' => $tables->bolts($room->plan($quiltAlong, $rows)),
            'settings' => $quiltAlong->kitSettings(),
            'shop' => KitRoom::shop($quiltAlong),
        ]);
    }

    public function mark(MarkKitsRequest $request, QuiltAlong $quiltAlong, KeepKits $kits): RedirectResponse
    {
        $given = $request->validated();
        $ids = array_map(intval(...), array_keys($this->fields($request, 'order', '[1-9][0-9]{0,17}')));
        $count = $kits->mark($quiltAlong, array_slice($ids, 0, self::ON_A_PAGE), $given['to']);
        if ($count > 0) {
            KeepHistory::write($quiltAlong, $this->person($request), 'kits_'.$given['to'], ['count' => $count]);
        }

        return redirect()->to(route('host.kits', $quiltAlong).'#orders')
            ->with($count === 0 ? 'warning' : 'status', $count === 0 ? __('kits.marked_none') : trans_choice('kits.marked', $count));
    }

    public function settings(KitSettingsRequest $request, QuiltAlong $quiltAlong, KeepKits $kits): RedirectResponse
    {
        $given = $request->validated();
        $bolt = $this->length($given['bolt'], KitRoom::shop($quiltAlong))
            ?? throw ValidationException::withMessages(['bolt' => __('kits.bolt_length_wrong')]);
        $kits->settings($quiltAlong, new KitSettings(
            array_values(array_filter(
                KitKind::cases(), fn (KitKind $kind): bool => $request->boolean('offered_'.$kind->value),
            )), (int) $given['reserve'], $bolt,
            $quiltAlong->kitSettings()->hand,
        ));

        return redirect()->to(route('host.kits', $quiltAlong).'#settings')->with('status', __('kits.saved'));
    }

    /** The bolts on hand, all cloths at once. */
    public function bolts(Request $request, QuiltAlong $quiltAlong, KeepKits $kits, KitRoom $room): RedirectResponse
    {
        $given = $this->fields($request, 'hand', '[0-9a-f]{12}');
        $shop = KitRoom::shop($quiltAlong);
        $settings = $quiltAlong->kitSettings();
        $hand = $settings->hand;
        $wrong = [];
        foreach ($room->plan($quiltAlong, $quiltAlong->kitRows()->get())->cloths as $key => $cloth) {
            if (! array_key_exists($key, $given)) {
                continue;
            }
            $hand[$key] = [];
            foreach (array_filter(LengthParser::texts(mb_substr($given[$key], 0, 300), $shop->unit()), fn (string $text): bool => $text !== '') as $text) {
                $length = $this->length($text, $shop);
                if ($length === null) {
                    $wrong["hand_$key"] = __('kits.bolt_wrong', [
                        'text' => Str::limit($text, 30), 'cloth' => $cloth->name, 'unit' => __('kits.units.'.$shop->value),
                    ]);
                } else {
                    $hand[$key][] = $length;
                }
            }
        }
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }
        $kits->settings($quiltAlong, new KitSettings($settings->offered, $settings->reserve, $settings->bolt, array_filter($hand)));

        return redirect()->to(route('host.kits', $quiltAlong).'#bolts')->with('status', __('kits.bolts_saved'));
    }

    public function fetch(QuiltAlong $quiltAlong, OrderDesk $desk, KeepKits $kits, KitRoom $room): RedirectResponse
    {
        return $this->take($quiltAlong, $desk->csv($quiltAlong), 'desk', $kits, $room);
    }

    public function read(OrderFileRequest $request, QuiltAlong $quiltAlong, KeepKits $kits, KitRoom $room): RedirectResponse
    {
        $file = $request->file('file');

        return $this->take(
            $quiltAlong, $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '', 'file', $kits, $room,
        );
    }

    /** All orders as a table, with what became of them. */
    public function file(QuiltAlong $quiltAlong): Response
    {
        $rows = $quiltAlong->kitRows()->where('origin', '!=', KitRow::RESERVE)->orderBy('id')->get();

        return response(Table::write([...OrderReader::COLUMNS, ...OrderReader::STATE], array_values($rows->map(fn (KitRow $row): array => [
            'number' => $row->number, 'name' => $row->name, 'email' => $row->email, 'kit' => $row->order()->kit(), 'size' => $row->size_key,
            'colourway' => $row->colourway_key, 'count' => $row->count, 'packed' => $row->packed, 'handed_out' => $row->handed_out,
            'origin' => $row->origin,
        ])->all())), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($quiltAlong->name) ?: 'kits').'-kits.csv"',
        ]);
    }

    /**
     * The fields of a form that stand for many things of one kind, as hand_1 and hand_2 do.
     *
     * @return array<string, string> by what stands after the name
     */
    private function fields(Request $request, string $name, string $pattern): array
    {
        $fields = [];
        foreach ((array) $request->post() as $field => $value) {
            if (preg_match("/^{$name}_($pattern)$/D", (string) $field, $found) === 1) {
                $fields[$found[1]] = is_string($value) ? $value : '';
            }
        }

        return $fields;
    }

    private function take(QuiltAlong $quiltAlong, string $csv, string $origin, KeepKits $kits, KitRoom $room): RedirectResponse
    {
        $announcement = $room->announcement($quiltAlong);
        try {
            $orders = OrderReader::csv(
                $csv, $announcement->sizes, $announcement->colourways, $quiltAlong->clues()->pluck('id', 'key')->all(), $announcement->slots,
            );
        } catch (DocumentException $error) {
            $lines = array_map(Problems::complaint(...), array_slice($error->complaints, 0, self::SHOWN));
            throw ValidationException::withMessages(['file' => __('kits.file_wrong', ['complaints' => implode(' ', $lines)])]);
        }
        $contents = $room->contents($quiltAlong);
        $empty = array_filter($orders, fn (KitOrder $order): bool => ! $room->isKnown($order, $contents, $announcement));
        if ($empty !== []) {
            throw ValidationException::withMessages(['file' => __('kits.file_wrong', ['complaints' => implode(' ', array_map(
                fn (KitOrder $order): string => __('kits.holds_nothing', ['number' => $order->number]), array_slice($empty, 0, self::SHOWN),
            ))])]);
        }
        $outcome = $kits->take($quiltAlong, $orders, $origin);
        $late = $outcome['late'] === [] ? '' : ' '.__('kits.late', ['numbers' => implode(', ', array_slice($outcome['late'], 0, 20))]);

        return redirect()->route('host.kits', $quiltAlong)->with(
            'status', __('kits.taken', ['new' => $outcome['new'], 'changed' => $outcome['changed']]).$late,
        );
    }

    /** A length in yards or metres, as a shop writes it; null when it is none. */
    private function length(string $text, ShopMeasure $shop): ?Length
    {
        try {
            $length = Length::parse($text, $shop->unit());
        } catch (MeasureException) {
            return null;
        }

        return $length->isPositive() && $length->toFloat() <= 36 * 1000 ? $length : null;
    }
}
