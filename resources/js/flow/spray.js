// Which part of the rack an arm reaches: what core/Flow says, so that a drawing can follow a finger. Both are held to
// tests/fixtures/flow.
const LEAST = 1e-9;

export const share = ([inner, outer]) => outer ** 2 - inner ** 2;

const sum = (numbers) => numbers.reduce((total, number) => total + number, 0);

export function openness(jets) {
    if (jets.length === 0) {
        return null;
    }
    const widest = Math.max(...jets.map((jet) => jet.bore));
    const areas = jets.map((jet) => (jet.bore / widest) ** 2);
    return sum(areas.map((area, i) => area * (1 - jets[i].blocked))) / sum(areas);
}

export function union(rings) {
    const joined = [];
    [...rings]
        .sort((a, b) => a[0] - b[0] || a[1] - b[1])
        .forEach(([inner, outer]) => {
            const last = joined.at(-1);
            if (last && inner <= last[1] + LEAST) {
                last[1] = Math.max(last[1], outer);
            } else {
                joined.push([inner, outer]);
            }
        });
    return joined;
}

export function gaps(joined) {
    const dull = [];
    let from = 0;
    [...joined, [1, 1]].forEach(([inner, outer]) => {
        if (inner - from > LEAST) {
            dull.push([from, inner]);
        }
        from = Math.max(from, outer);
    });
    return dull;
}

export function wetRings(jets, model) {
    const half = model.ringWidth / 2;
    return union(
        jets
            .filter((jet) => jet.blocked <= model.wetsWhileBlocked)
            .map((jet) => [Math.max(0, Math.abs(jet.place) - half), Math.min(1, Math.abs(jet.place) + half)]),
    );
}

// Share of a ring that none of the others covers; the others must not overlap.
export function dullShare(ring, dull) {
    const shared = dull
        .map(([inner, outer]) => [Math.max(inner, ring[0]), Math.min(outer, ring[1])])
        .map((both) => (both[1] > both[0] ? share(both) : 0));
    return sum(shared) / share(ring);
}

export function flow({ jets, motion }, model) {
    const top = jets.filter((jet) => jet.side === 'top');
    const under = jets.filter((jet) => jet.side === 'under');
    const wet = top.length ? wetRings(top, model) : null;
    const reached = (some) => sum(wetRings(some, model).map(share));
    let coverage = null;
    if (wet) {
        coverage = Math.min(1, sum(wet.map(share)));
        if (motion !== 'spins') {
            const halves = [top.filter((jet) => jet.place >= 0), top.filter((jet) => jet.place < 0)];
            coverage = (sum(halves.map(reached)) * model.sector) / 360;
        }
    }
    return { openness: openness(jets), top: openness(top), under: openness(under), coverage, wet, dull: wet && gaps(wet) };
}
