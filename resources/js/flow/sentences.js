// What an arm does for the rack, in the words that the server gives: as app/View/Words/FlowWords puts them.
import { fill } from '../words.js';
import { dullShare, flow } from './spray.js';

const percent = (share) => String(Math.round(share * 100));
const upper = (text) => text.charAt(0).toUpperCase() + text.slice(1);

export const shareWords = (share, words) => words.shares.reduce((said, [from, text]) => (share >= from ? text : said), '');

export function jetName(jet, n, words) {
    return fill(words.jet, { n: String(n), place: percent(Math.abs(jet.place)), state: words.state[String(jet.blocked)] });
}

export const openWords = (painted, words) => (painted.openness === null ? '' : fill(words.open, { percent: percent(painted.openness) }));

export function sentences(arm, painted, { words, model }) {
    let said = [];
    if (arm.motion !== 'spins' && painted.coverage !== null) {
        const key = arm.motion === 'stuck' ? 'stands' : 'hits';
        said.push(fill(words[key], { percent: percent(painted.coverage), hour: String(arm.hitsAt ?? 12) }));
    } else if (painted.wet) {
        const open = flow({ jets: arm.jets.map((jet) => ({ ...jet, blocked: 0 })), motion: 'spins' }, model);
        arm.rings.reduce((from, { to, name, holds }) => {
            const lost = dullShare([from, to], painted.dull) - dullShare([from, to], open.dull);
            if (lost >= words.worthSaying) {
                said.push([lost, fill(words.dull, { Share: upper(shareWords(lost, words)), ring: name, holds })]);
            }
            return to;
        }, 0);
        // The ring that loses most comes first.
        said = said.length ? said.sort(([a], [b]) => b - a).map(([, text]) => text) : [words.fine];
    }
    if (painted.under !== null && painted.under < 1) {
        said.push(fill(words.under, { percent: percent(painted.under) }));
    }
    return said;
}
