// What is wrong with how the page lies on this screen, in words. Each control is focused in turn, as Tab would; `least` is the size
// in px that each has to have.
export const faults = (page, least = 23.5) => page.evaluate((smallest) => {
    const name = (element) => `${element.tagName.toLowerCase()}.${element.getAttribute('class') ?? ''} “${
        (element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 30)}”`;
    const found = [];
    const wide = document.documentElement.scrollWidth - window.innerWidth;
    if (wide > 0) {
        found.push(`${wide} px stick out sideways`);
    }
    if (document.querySelectorAll('h1').length !== 1) {
        found.push(`${document.querySelectorAll('h1').length} main headings`);
    }
    const bars = [...document.querySelectorAll('body *')].filter((element) => {
        const { position, display } = getComputedStyle(element);

        return ['fixed', 'sticky'].includes(position) && display !== 'none';
    });
    const controls = [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]')].filter(
        (element) => ! element.disabled && element.type !== 'hidden' && element.checkVisibility({ visibilityProperty: true }),
    );
    for (const control of controls) {
        control.focus();
        if (document.activeElement !== control) {
            continue;
        }
        const seen = control.getBoundingClientRect();
        if (seen.width <= 1 || seen.height <= 1) {
            continue;
        }
        if (seen.bottom <= 0 || seen.top >= window.innerHeight) {
            found.push(`${name(control)} is out of sight`);
        }
        for (const bar of bars.filter((each) => ! each.contains(control) && ! control.contains(each))) {
            const over = bar.getBoundingClientRect();
            const down = Math.min(seen.bottom, over.bottom) - Math.max(seen.top, over.top);
            const across = Math.min(seen.right, over.right) - Math.max(seen.left, over.left);
            const above = down > 1 && across > 1 && document.elementFromPoint(
                Math.max(seen.left, over.left) + across / 2, Math.max(seen.top, over.top) + down / 2,
            );
            // A long text shows its caret, and what scrolls in its own box only has to be begun.
            const partly = control.matches('textarea, [tabindex="0"]') && down < seen.height - 40;
            if (above && bar.contains(above) && ! partly) {
                found.push(`${name(control)} is ${Math.round(down)} px under ${name(bar)}`);
            }
        }
        const around = control.closest('label')?.getBoundingClientRect() ?? seen;
        const [across, down] = [Math.max(seen.width, around.width), Math.max(seen.height, around.height)];
        if (getComputedStyle(control).display !== 'inline' && Math.min(across, down) < smallest) {
            found.push(`${name(control)} is ${Math.round(across)} × ${Math.round(down)} px`);
        }
    }

    return found;
}, least);
