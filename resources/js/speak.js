// What a person is told without looking: a word for the ear, a tone where it was switched on, a buzz where the device can.
export function tone() {
    if (localStorage.getItem('oak-tone') !== '1') {
        return;
    }
    const context = new AudioContext();
    const gain = context.createGain();
    const sound = context.createOscillator();
    gain.gain.setValueAtTime(0.2, context.currentTime);
    gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.9);
    sound.frequency.value = 660;
    sound.connect(gain).connect(context.destination);
    sound.start();
    sound.stop(context.currentTime + 0.9);
}

export function signal() {
    tone();
    navigator.vibrate?.([200, 100, 200]);
}

/** In the page's one place for it, so that nothing else is read out again. */
export function speak(words) {
    const place = document.querySelector('#spoken');
    if (place && words) {
        place.textContent = words;
        signal();
    }
}

/** Each call for hands sounds once on each device. */
export function startCalls() {
    const heard = new Set(JSON.parse(sessionStorage.getItem('oak-calls') ?? '[]'));
    document.addEventListener('htmx:afterSwap', () => {
        for (const call of document.querySelectorAll('[data-call]')) {
            if (!heard.has(call.dataset.call)) {
                heard.add(call.dataset.call);
                sessionStorage.setItem('oak-calls', JSON.stringify([...heard]));
                signal();
            }
        }
    });
}
