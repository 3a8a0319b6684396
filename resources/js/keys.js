// Single keys for rooms and acts. None while typing, none with a modifier, so that the browser's own stay free.
function isTyping(target) {
    return target.closest('input:not([type=checkbox]), select, textarea, [contenteditable]') !== null;
}

export function startKeys() {
    const help = document.querySelector('#keys');
    document.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-open]');
        const dialog = opener && document.querySelector(`dialog#${opener.dataset.open}`);
        if (dialog) {
            event.preventDefault();
            dialog.showModal();
        }
    });
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || [...document.querySelectorAll('dialog')].some((dialog) => dialog.open)) {
            return;
        }
        if (event.key === '?') {
            help?.showModal();

            return;
        }
        const fold = event.key === 't' ? document.querySelector('[data-fold="t"]') : null;
        if (fold) {
            fold.open = true;
            fold.querySelector('button')?.focus();

            return;
        }
        if (event.key === 'n' && !document.querySelector('[data-key="n"]')) {
            location.assign('/parts/choose');

            return;
        }
        const act = /^[a-z]$/.test(event.key) ? document.querySelector(`[data-key="${event.key}"]`) : null;
        if (act) {
            // The letter itself must not land in the field that the act brings.
            event.preventDefault();
            act.click();
        }
    });
}
