// Paths of a rack seen from above, in hundredths of its radius: as app/View/Drawing/ArmDrawing draws them.
import { wetRings } from './spray.js';

const R = 100;
const near = (number) => number.toFixed(2);

function circle(radius) {
    const r = near(radius);
    return `M${r} 0A${r} ${r} 0 1 0 -${r} 0A${r} ${r} 0 1 0 ${r} 0Z`;
}

const annulus = ([inner, outer]) => circle(outer * R) + (inner > 0 ? circle(inner * R) : '');

function wedge([inner, outer], degrees, sector) {
    const point = (radius, angle) => {
        const turn = (angle * Math.PI) / 180;
        return `${near(radius * R * Math.cos(turn))} ${near(radius * R * Math.sin(turn))}`;
    };
    const [from, to] = [degrees - sector / 2, degrees + sector / 2];
    const [far, close] = [outer * R, inner * R];
    return (
        `M${point(outer, from)} A${far} ${far} 0 0 1 ${point(outer, to)} ` +
        `L${point(inner, to)} A${close} ${close} 0 0 0 ${point(inner, from)} Z`
    );
}

// Degrees by which the arm lies turned: towards what it hits.
export const turned = (arm) => (arm.motion === 'hits' ? 30 * (arm.hitsAt ?? 12) - 90 : 0);

export function wetPath(arm, painted, model) {
    if (!painted.wet) {
        return '';
    }
    if (arm.motion === 'spins') {
        return painted.wet.map(annulus).join(' ');
    }
    const top = arm.jets.filter((jet) => jet.side === 'top');
    return [top.filter((jet) => jet.place >= 0), top.filter((jet) => jet.place < 0)]
        .flatMap((jets, i) => wetRings(jets, model).map((ring) => wedge(ring, turned(arm) + 180 * i, model.sector)))
        .join(' ');
}

export const jetRadius = (jet) => 2.2 + Math.min(6, jet.bore) * 0.5;

export const stateOf = (jet) => ({ 0: 'open', 0.5: 'half', 1: 'shut' })[jet.blocked];
