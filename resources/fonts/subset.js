import { mkdir, readFile, writeFile } from 'node:fs/promises';
import subsetFont from 'subset-font';

/** All characters of some ranges of Unicode, both ends included. */
const ranges = (...pairs) => pairs
    .flatMap(([first, last]) => Array.from({ length: last - first + 1 }, (_, index) => String.fromCodePoint(first + index)))
    .join('');

const LATIN = ranges([0x20, 0x7e], [0xa0, 0xff], [0x131, 0x131], [0x152, 0x153], [0x2010, 0x2026], [0x2032, 0x2033], [0x2039, 0x203a],
    [0x2044, 0x2044], [0x20ac, 0x20ac], [0x2122, 0x2122]);
/** Latin of Europe's other languages, eighths and other fractions, raised and lowered figures, arrows, and signs of mathematics. */
const MARKS = ranges([0x100, 0x17f], [0x192, 0x192], [0x1e9e, 0x1e9e], [0x218, 0x21b], [0x2070, 0x209c], [0x2150, 0x215f], [0x2190, 0x2199],
    [0x2200, 0x2265]);

/** What pages need of the fonts that ship with Dew: these characters, and the weights that the styles ask for. */
const FONTS = [
    ['sans', '@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2', LATIN, { wght: { min: 400, max: 700 } }],
    ['sans-marks', 'source-sans/WOFF2/VF/SourceSans3VF-Upright.ttf.woff2', MARKS, { wght: { min: 400, max: 700 } }],
    ['serif', '@fontsource-variable/fraunces/files/fraunces-latin-soft-normal.woff2', LATIN, { wght: 500, SOFT: 100 }],
    ['serif-marks', '@fontsource-variable/fraunces/files/fraunces-latin-ext-soft-normal.woff2', MARKS, { wght: 500, SOFT: 100 }],
];

/** A part of the build: cuts the fonts down to what pages need, before the styles ask for them. */
export const fonts = () => ({
    name: 'dew-fonts',
    async buildStart() {
        const from = new URL('../../node_modules/', import.meta.url);
        const into = new URL('made/', import.meta.url);
        await mkdir(into, { recursive: true });
        await Promise.all(FONTS.map(async ([name, file, characters, variationAxes]) => {
            const font = await subsetFont(await readFile(new URL(file, from)), characters, { targetFormat: 'woff2', variationAxes });
            await writeFile(new URL(`${name}.woff2`, into), font);
        }));
    },
});
