// A page to try a script on: a document, a clock that is moved by hand, and what the browser would have been asked for.
import { parseHTML } from 'linkedom';

let copies = 0;

export function page(body, dataset = {}) {
    const { window, document } = parseHTML(`<!doctype html><html><body>${body}</body></html>`);
    Object.assign(document.body.dataset, dataset);
    const calls = [];
    const note = (name) => (...given) => { calls.push([name, ...given]); };
    const ticks = [];
    const clock = { now: 1_000_000 };
    const stored = new Map();
    const globals = {
        window, document, innerHeight: 800,
        navigator: {},
        location: { search: '', assign: note('assign'), replace: note('replace') },
        localStorage: { getItem: (k) => stored.get(k) ?? null, setItem: (k, v) => { stored.set(k, v); } },
        setInterval: (f) => { ticks.push(f); },
        matchMedia: () => ({ matches: true }),
        Date: class extends Date { static now() { return clock.now; } },
    };
    window.htmx = { trigger: note('trigger') };
    for (const [name, value] of Object.entries(globals)) {
        Object.defineProperty(globalThis, name, { value, configurable: true, writable: true });
    }

    return {
        document, calls, stored,
        one: (css) => document.querySelector(css),
        /** Time goes on by so many seconds, and what waits for it is called. */
        after(seconds) {
            clock.now += 1000 * seconds;
            ticks.forEach((f) => f());
        },
        send(target, type, more = {}) {
            const event = new window.Event(type, { bubbles: true, cancelable: true });
            Object.assign(event, more);
            target.dispatchEvent(event);

            return event;
        },
    };
}

/** A script as a page that is just opened has it: nothing of another page is left in it. */
export const fresh = (name) => import(`../../resources/js/${name}.js?copy=${++copies}`);
