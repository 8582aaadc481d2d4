/**
 * The outline of a piece: corners in order around it, each with the bend of the side that leaves it. Lengths are kept as they were written
 * until a corner is moved; `x`, `y` and `radius` are the same in inches, for drawing.
 */

const EIGHTHS = 8;
const CM = 2.54;

/** A length on the grid as a design writes it: "1 1/2", or "3.5 cm". */
export const written = (inches, metric) => {
    if (metric) {
        return inches === 0 ? '0' : `${Math.round(inches * CM * 100) / 100} cm`;
    }
    const eighths = Math.round(inches * EIGHTHS);
    const [whole, rest] = [Math.floor(eighths / EIGHTHS), eighths % EIGHTHS];
    const share = rest % 4 === 0 ? `${rest / 4}/2` : rest % 2 === 0 ? `${rest / 2}/4` : `${rest}/8`;

    return [whole || rest === 0 ? String(whole) : '', rest === 0 ? '' : share].filter(Boolean).join(' ');
};

/** A typed length in inches: "1 1/2", "0.75", "2.5 cm" or "25 mm"; null for what is none. */
export const measured = (text) => {
    const found = /^\s*(\d+(?:\.\d+)?)?(?:\s*[- ]?\s*(\d+)\/(\d+))?\s*(in|cm|mm|")?\s*$/i.exec(text);
    if (found === null || (found[1] === undefined && found[2] === undefined) || found[3] === '0') {
        return null;
    }
    const value = Number(found[1] ?? 0) + (found[2] === undefined ? 0 : Number(found[2]) / Number(found[3]));

    return value / ({ cm: CM, mm: CM * 10 }[found[4]?.toLowerCase()] ?? 1);
};

/** The nearest line of the grid, within the unit: its edges are lines too. */
export const snapped = (inches, step, most) => {
    const line = Math.max(0, Math.round(inches / step) * step);

    return line > most || most - inches < Math.abs(line - inches) ? most : line;
};

/** What a document holds, as corners with their bends. */
export const read = (shape) => {
    const corners = [];
    shape.forEach((one) => {
        if (one.arc === undefined) {
            corners.push({ x: one.at[0], y: one.at[1], text: [one.x, one.y], bend: null });
        } else if (corners.length > 0) {
            corners.at(-1).bend = { radius: one.radius, text: one.arc, clockwise: one.clockwise };
        }
    });

    return corners;
};

/** Corners as a document holds them. */
export const asShape = (corners) => corners.flatMap(({ text: [x, y], bend }) => [
    { x, y },
    ...(bend === null ? [] : [{ arc: bend.text, clockwise: bend.clockwise }]),
]);

export const moved = (corners, index, x, y, metric) => corners.map((corner, one) => one !== index ? corner : {
    ...corner,
    x,
    y,
    text: [x === corner.x ? corner.text[0] : written(x, metric), y === corner.y ? corner.text[1] : written(y, metric)],
});

/** With a corner more, between one and the next. */
export const divided = (corners, index, x, y, metric) => [
    ...corners.slice(0, index),
    { ...corners[index], bend: null },
    { x, y, text: [written(x, metric), written(y, metric)], bend: null },
    ...corners.slice(index + 1),
];

/** Three corners at least make an outline; two do where a side bends. */
export const mayRemove = (corners) => corners.length > 3 || (corners.length === 3 && corners.some(({ bend }) => bend !== null));

export const without = (corners, index) => corners.filter((corner, one) => one !== index);

/** The shortest radius that reaches from a corner to the next: half of the way between them. */
export const leastRadius = (corners, index) => {
    const next = corners[(index + 1) % corners.length];

    return Math.hypot(next.x - corners[index].x, next.y - corners[index].y) / 2;
};

/** With the side that leaves a corner bent, or straight where `bend` is null. */
export const bent = (corners, index, bend) => corners.map((corner, one) => one === index ? { ...corner, bend } : corner);

/** The outline as the data of an SVG path, in hundredths of an inch. */
export const path = (corners, scale = 100) => corners.length === 0 ? '' : corners.map(({ bend }, index) => {
    const next = corners[(index + 1) % corners.length];
    const [x, y] = [next.x * scale, next.y * scale];

    return bend === null ? `L${x} ${y}` : `A${bend.radius * scale} ${bend.radius * scale} 0 0 ${bend.clockwise ? 1 : 0} ${x} ${y}`;
}).reduce((data, part) => data + part, `M${corners[0].x * scale} ${corners[0].y * scale}`) + 'Z';
