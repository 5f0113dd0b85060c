// The messages that the scripts of a page show. The page carries them in its own language, and this fills in what
// they leave open. Forms of a plural stand in the order zero, one, two, few, many, other, without those the language
// has not: "1 step waits|:count steps wait".
const ORDER = ['zero', 'one', 'two', 'few', 'many', 'other'];

let carried = null;

const messages = () => {
    const nodes = document.querySelectorAll('template[data-words]');
    carried ??= Object.assign({}, ...[...nodes].map((node) => JSON.parse(node.content.textContent)));

    return carried;
};

export const formOf = (message, count, language) => {
    const forms = message.split('|');
    const rules = new Intl.PluralRules(language);
    const has = ORDER.filter((category) => rules.resolvedOptions().pluralCategories.includes(category));

    return forms[Math.min(has.indexOf(rules.select(count)), forms.length - 1)];
};

export const fill = (message, values) =>
    Object.entries(values).reduce((text, [name, value]) => text.replaceAll(`:${name}`, String(value)), message);

export const words = (key, values = {}) => {
    const message = messages()[key] ?? '';

    return fill('count' in values ? formOf(message, values.count, document.documentElement.lang || 'en') : message, values);
};
