// Paths of a rack seen from above, in hundredths of its radius: as app/View/Drawing/ArmDrawing draws them.
import { wetRings } from './spray.js';

const R = 100;
const near = (number) => number.toFixed(2);

const circle = (radius) => `M${near(radius)} 0A${near(radius)} ${near(radius)} 0 1 0 -${near(radius)} 0A${near(radius)} ${near(radius)} 0 1 0 ${near(radius)} 0Z`;

const annulus = ([inner, outer]) => circle(outer * R) + (inner > 0 ? circle(inner * R) : '');

function wedge([inner, outer], degrees, sector) {
    const point = (radius, angle) => `${near(radius * R * Math.cos((angle * Math.PI) / 180))} ${near(radius * R * Math.sin((angle * Math.PI) / 180))}`;
    const [from, to] = [degrees - sector / 2, degrees + sector / 2];
    return `M${point(outer, from)} A${outer * R} ${outer * R} 0 0 1 ${point(outer, to)} L${point(inner, to)} A${inner * R} ${inner * R} 0 0 0 ${point(inner, from)} Z`;
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
