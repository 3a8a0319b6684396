// The bench renews itself in place: the keyboard stays where it is, what somebody opened stays open, what is typed stays
// typed, and what came after the page stays until it comes anew.
import { Idiomorph } from 'idiomorph/htmx';
import { speak } from './speak.js';
import { stays } from './stays.js';

export function startRenewing() {
    Idiomorph.defaults.ignoreActiveValue = true;
    Idiomorph.defaults.callbacks.beforeNodeMorphed = (old) => !stays(old);
    Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, element) => !(name === 'open' && element.matches('details'));
    const due = () => document.querySelector('#live h1')?.textContent.trim();
    let was = due();
    document.addEventListener('htmx:afterSwap', ({ detail }) => {
        // A window that opened, or what another pair of hands did: another thing is due.
        if (due() !== was) {
            was = due();
            speak(was);
        }
        if (detail.target.matches('[data-comes]')) {
            detail.target.dataset.came = '1';
        }
    });
}
