import { shopNow } from './countdown.js';

// While the shop can't be reached the bench says since when: what stands there may be old.
let since = null;

function show(isReached) {
    const bar = document.getElementById('reach');
    if (! bar) {
        return;
    }
    since = isReached ? null : since ?? shopNow();
    bar.hidden = isReached;
    if (! isReached) {
        const at = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: document.body.dataset.zone }).format(new Date(1000 * since));
        bar.textContent = bar.dataset.words.replace(':at', at);
    }
}

export function startReach() {
    document.addEventListener('htmx:sendError', () => show(false));
    document.addEventListener('htmx:timeout', () => show(false));
    document.addEventListener('htmx:responseError', (event) => event.detail.xhr.status >= 500 && show(false));
    document.addEventListener('htmx:afterOnLoad', () => show(true));
    // What is pressed while nobody answers is told of in our own words (worker.js).
    navigator.serviceWorker?.register('/worker.js', { updateViaCache: 'all' }).catch(() => {});
}
