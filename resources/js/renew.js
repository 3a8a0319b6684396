// The bench renews itself in place: the keyboard stays where it is, what somebody opened stays open, what is typed stays
// typed, and what came after the page stays until it comes anew.
import { Idiomorph } from 'idiomorph/htmx';
import { stays } from './stays.js';

export function startRenewing() {
    Idiomorph.defaults.ignoreActiveValue = true;
    Idiomorph.defaults.callbacks.beforeNodeMorphed = (old) => !stays(old);
    Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, element) => !(name === 'open' && element.matches('details'));
    document.addEventListener('htmx:afterSwap', ({ detail }) => {
        if (detail.target.matches('[data-comes]')) {
            detail.target.dataset.came = '1';
        }
    });
}
