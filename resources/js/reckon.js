// Shows how far the run sheet is reckoned, then goes on to the page that was asked for.
export function startReckoning() {
    const section = document.querySelector('[data-reckon]');
    if (!section) {
        return;
    }
    const events = new EventSource(section.dataset.reckon);
    const goOn = () => { events.close(); location.replace(section.dataset.to); };
    events.onmessage = (event) => {
        if (event.data === 'done') {
            goOn();

            return;
        }
        document.querySelector('#reckoned').value = Number(event.data);
        document.querySelector('#reckoned-words').textContent = `${event.data} %`;
    };
    events.onerror = goOn;
}
