// Reminders while the page is open: what the run sheet will ask for and when windows open and close, by the shop's
// clock. A notification only where the browser was asked and said yes; a tone only where it was switched on.
import { shopNow } from './countdown.js';
import { signal, tone } from './speak.js';

const KEY = 'oak-reminders';
const load = () => JSON.parse(localStorage.getItem(KEY) ?? '{}');
const keep = (all) => localStorage.setItem(KEY, JSON.stringify(all));

function show(words) {
    let box = document.querySelector('#reminder');
    if (!box) {
        box = document.createElement('div');
        box.id = 'reminder';
        box.className = 'notice reminder';
        box.setAttribute('role', 'alert');
        document.querySelector('main').before(box);
    }
    const line = document.createElement('p');
    line.textContent = words;
    const done = document.createElement('button');
    done.className = 'btn quiet';
    done.textContent = 'Seen';
    done.addEventListener('click', () => { line.remove(); if (!box.childElementCount) { box.remove(); } });
    line.append(' ', done);
    box.append(line);
    signal();
    if (window.Notification?.permission === 'granted') {
        new Notification('Oak Gloss', { body: words });
    }
}

function mark() {
    const all = load();
    for (const button of document.querySelectorAll('[data-remind]')) {
        const on = button.dataset.remind in all;
        button.setAttribute('aria-pressed', on);
        // What follows its word says which part it is of, to who does not see it.
        (button.firstChild ?? button).textContent = on ? button.dataset.on ?? 'Reminds' : button.dataset.off ?? 'Remind me';
    }
    const toggle = document.querySelector('#tone');
    if (toggle) {
        toggle.checked = localStorage.getItem('oak-tone') === '1';
    }
}

function tick() {
    const all = load();
    for (const [id, { at, words }] of Object.entries(all)) {
        if (at <= shopNow()) {
            delete all[id];
            keep(all);
            show(words);
            mark();
        }
    }
}

export function startReminders() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-remind]');
        if (!button) {
            return;
        }
        const all = load();
        if (button.dataset.remind in all) {
            delete all[button.dataset.remind];
        } else {
            all[button.dataset.remind] = { at: Number(button.dataset.at), words: button.dataset.words };
            if (window.Notification?.permission === 'default') {
                Notification.requestPermission();
            }
        }
        keep(all);
        mark();
    });
    document.addEventListener('change', (event) => {
        if (event.target.id === 'tone') {
            localStorage.setItem('oak-tone', event.target.checked ? '1' : '0');
            tone();
        }
    });
    document.addEventListener('htmx:afterSwap', mark);
    // Not while the page is left: a reminder shown then would be lost.
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && tick());
    mark();
    tick();
    setInterval(tick, 5000);
}
