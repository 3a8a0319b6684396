// The phone on its shelf: its screen stays on where the browser can do that, and says so where it can't.
export function startAwake() {
    const says = document.querySelector('#awake');
    if (!says) {
        return;
    }
    const hold = async () => {
        try {
            await navigator.wakeLock.request('screen');
            says.textContent = '';
        } catch {
            says.textContent = document.body.dataset.awake;
        }
    };
    // A lock ends when the page is left.
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && hold());
    hold();
}
