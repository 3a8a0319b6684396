// A press says that it is on its way until the server has answered: whether it was kept is told by the answer alone.
export function startSending() {
    const pressed = new Map();
    document.addEventListener('submit', (event) => {
        const button = event.submitter;
        if (event.defaultPrevented || !button || event.target.method !== 'post' || event.target.hasAttribute('hx-post')) {
            return;
        }
        // After the form has taken the button's value with it.
        setTimeout(() => {
            pressed.set(button, button.innerHTML);
            button.setAttribute('aria-busy', 'true');
            button.textContent = document.body.dataset.sending ?? '…';
        }, 0);
    });
    // Back on a page that the browser kept, nothing is on its way.
    addEventListener('pageshow', () => {
        pressed.forEach((said, button) => {
            button.innerHTML = said;
            button.removeAttribute('aria-busy');
        });
        pressed.clear();
    });
}
