// How far a round is, worked out from its script and its ticks alone: the same as core/Round/RoundState.php does, held to
// the same answers by tests/fixtures/projector. It knows nothing of the page, so that it can be tested by itself.
const holds = (sets, answers) => Object.entries(sets ?? {}).every(([name, values]) => values.includes(answers[name]));

// What happened last counts, not what arrived last.
const inOrder = (ticks) =>
    ticks
        .map((tick, place) => [tick, place])
        .sort(([a, i], [b, j]) => a.at - b.at || i - j)
        .map(([tick]) => tick);

const answersOf = (steps, newest) => {
    const answers = {};
    for (const step of steps) {
        const tick = newest.get(step.id);
        if (!step.capture || tick?.how !== 'done' || tick.answer === undefined || tick.answer === null || !holds(step.if, answers)) {
            continue;
        }
        answers[step.capture] = tick.answer;
        if (step.also && tick.also) {
            answers[step.also] = tick.also;
        }
    }

    return answers;
};

export const project = (script, ticks) => {
    const newest = new Map();
    inOrder(ticks).forEach((tick) => newest.set(tick.step, tick));
    const answers = answersOf(script, newest);

    const passes = (step, answer) => !step.pass || answer === step.pass;
    const isSkipped = (step) => newest.get(step.id)?.how === 'skipped';
    const isDone = (step) => {
        const tick = newest.get(step.id);

        return (
            tick !== undefined &&
            tick.how !== 'counting' &&
            (tick.how === 'skipped' || (tick.overruled && !step.gate) || !step.capture || passes(step, tick.answer))
        );
    };
    const offs = (part) => script.filter((step) => step.off === part);
    const isLeftOn = (part) => {
        const ticked = offs(part).filter((step) => newest.has(step.id));

        return ticked.length > 0 && ticked.every(isSkipped);
    };
    const isUntouched = (step) => (step.tests ?? []).length > 0 && step.tests.every((part) => offs(part).length === 0 || isLeftOn(part));
    const steps = script.filter((step) => holds(step.if, answers) && !(step.back && isLeftOn(step.back)) && !isUntouched(step));
    const current = steps.find((step) => !isDone(step)) ?? null;

    const leftOn = script.filter((step) => step.off && isSkipped(step)).map((step) => step.off);
    let off = [];
    const leftOver = [];
    steps
        .filter((step) => isDone(step) && !isSkipped(step))
        .forEach((step) => {
            if (step.off) {
                off.push(step.off);
            }
            if (step.back) {
                off = off.filter((part) => part !== step.back);
                if (Object.keys(newest.get(step.id).left ?? {}).length > 0) {
                    leftOver.push(step.back);
                }
            }
        });

    const ended = new Set(steps.filter((step) => step.waits && isDone(step)).map((step) => step.waits));
    const timers = steps
        .filter((step) => step.timer && !ended.has(step.id) && newest.get(step.id)?.how === 'done')
        .map((step) => {
            const tick = newest.get(step.id);
            const minutes = tick.wait ?? step.timer.minutes[answers[step.timer.by] ?? ''] ?? step.timer.minutes[''];

            return { step: step.id, label: step.timer.label, startedAt: tick.at, seconds: Math.round(minutes * 60) };
        });

    const openEnds = [...off.map((part) => ['part-off', part]), ...leftOver.map((part) => ['left-over', part])];
    let touched = false;
    steps.forEach((step) => {
        const tick = newest.get(step.id);
        const isUndone = tick === undefined || tick.how === 'counting';
        const answer = tick?.how === 'done' ? (tick.answer ?? null) : null;
        const isOpen = step.check && !passes(step, answer ?? '') && (step.must || answer !== null);
        if (isOpen && (!isUndone || (step.must && touched))) {
            openEnds.push([isUndone || tick.how === 'skipped' ? 'not-tested' : 'failed', step.check]);
        }
        touched ||= !isUndone && tick.how === 'done' && step.touches === true;
    });

    const asked = current === null ? undefined : newest.get(current.id);

    return {
        steps: steps.map((step) => step.id),
        done: steps.filter((step) => isDone(step) && !isSkipped(step)).map((step) => step.id),
        skipped: steps.filter(isSkipped).map((step) => step.id),
        current: current?.id ?? null,
        failed: current?.pass && (asked?.answer ?? null) !== null ? current.id : null,
        answers,
        off,
        leftOn,
        leftOver,
        timers,
        openEnds,
    };
};
