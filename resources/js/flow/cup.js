// What a cup says while it still stands in the rack: as core/Flow/CupTest judges it. Both are held to tests/fixtures/flow.
const SLACK = 1e-9;

// looks: [minute, ml, whether it ran over], in order; null while there is nothing to judge.
export function judge(looks, baseline, { good, weak, span, checks }) {
    if (looks.length < 2 || looks.some(([minute], i) => i > 0 && minute <= looks[i - 1][0])) {
        return null;
    }
    let [rate, atLeast] = [-Infinity, false];
    looks.slice(1).forEach(([minute, ml, over], i) => {
        const each = (ml - looks[i][1]) / (minute - looks[i][0]);
        if (each > rate) {
            [rate, atLeast] = [each, over];
        }
    });
    if (!baseline) {
        return { rate, verdict: 'no-baseline' };
    }
    const ratio = rate / baseline;
    const enough = looks.at(-1)[0] - looks[0][0] >= span - SLACK || looks.filter(([minute]) => minute > 0).length >= checks;
    let verdict = 'keep-checking';
    if (ratio >= good - SLACK) {
        verdict = 'good';
    } else if (!atLeast && ratio >= weak - SLACK) {
        verdict = 'weak';
    } else if (!atLeast && enough) {
        verdict = 'starved';
    }
    return { rate, ratio, verdict };
}

// How much of the cup is full when the water stands at this share of its height; flare is brim over floor in width.
export const filled = (height, flare) => (flare === 1 ? height : ((1 + (flare - 1) * height) ** 3 - 1) / (flare ** 3 - 1));

export const heightOf = (share, flare) => (flare === 1 ? share : (Math.cbrt(1 + share * (flare ** 3 - 1)) - 1) / (flare - 1));
