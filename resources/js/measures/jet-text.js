// The drawing of the arms as text, as it is sent, and read back where it was not taken.
export function drawn(arms) {
    return JSON.stringify(
        arms.map(({ id, motion, hitsAt, jets, rings }) => ({
            id,
            motion,
            hitsAt: motion === 'hits' ? hitsAt : null,
            jets: jets.map(({ place, side, bore, blocked }) => [place, side, bore, blocked]),
            stands: rings.map(({ to, holds }) => [to, holds]),
        })),
    );
}

export function restore(arms, typed) {
    const kept = typed ? JSON.parse(typed) : [];
    arms.forEach((arm) => {
        const same = kept.find(({ id }) => id === arm.id);
        if (same) {
            arm.jets = same.jets.map(([place, side, bore, blocked]) => ({ place, side, bore, blocked }));
            [arm.motion, arm.hitsAt] = [same.motion, same.hitsAt];
            same.stands.forEach(([, holds], i) => {
                arm.rings[i].holds = holds;
            });
        }
    });
}
