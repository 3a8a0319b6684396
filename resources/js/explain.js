// Whether each field explains itself: one tick for all pages, remembered by this device.
const KEPT = 'explain-fields';

export function startExplaining() {
    const ticks = [...document.querySelectorAll('[data-explain]')];
    for (const tick of ticks) {
        tick.checked = localStorage.getItem(KEPT) === '1';
        tick.addEventListener('change', () => localStorage.setItem(KEPT, tick.checked ? '1' : '0'));
    }
}
