/** A transform that brings a block from one place to another. */
export function moved(transform, [fromX, fromY], [toX, toY]) {
    return `translate(${round(toX - fromX)} ${round(toY - fromY)}) ${transform ?? ''}`.trim();
}

/**
 * The number of the place next to one in a direction: the nearest of those that lie further that way than aside; null at the edge.
 *
 * @param {number[][]} middles of all places
 * @param {number} from number of the place
 * @param {number[]} direction such as [1, 0] for the right
 */
export function neighbour(middles, from, [right, down]) {
    let best = null;
    let least = Infinity;
    middles.forEach(([x, y], index) => {
        const [dx, dy] = [x - middles[from][0], y - middles[from][1]];
        const along = dx * right + dy * down;
        const aside = Math.abs(dx * down) + Math.abs(dy * right);
        const far = along + 2 * aside;
        if (index !== from && along > 0.5 && aside <= along + 0.5 && far < least) {
            [best, least] = [index, far];
        }
    });

    return best;
}

const round = (number) => Math.round(number * 100) / 100;
