// The bench renews itself in place: the keyboard stays where it is, what somebody opened stays open, what is typed stays
// typed, and what came after the page stays until it comes anew.
import { Idiomorph } from 'idiomorph/htmx';

export const isTyped = (field) => {
    if (field.matches('input[type=checkbox], input[type=radio]')) {
        return field.checked !== field.defaultChecked;
    }
    if (field.matches('select')) {
        return [...field.options].some((o) => o.selected !== o.defaultSelected);
    }

    return field.matches('input, textarea') && field.value !== field.defaultValue;
};

export const stays = (element) => element.nodeType === Node.ELEMENT_NODE && (element.dataset.came === '1' || isTyped(element));

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
