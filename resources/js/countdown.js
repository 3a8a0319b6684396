// Countdowns and the demo clock, from the shop's time at load and the machine's clock since: right after a sleep too.
import { speak } from './speak.js';

const loadedAt = Date.now();

export function shopNow() {
    const { now, runs } = document.body.dataset;

    return Number(now) + (runs === '1' ? (Date.now() - loadedAt) / 1000 : 0);
}

/** The shop's time when the page was opened: what was over by then is no news. */
function loadedNow() {
    return Number(document.body.dataset.now);
}

function span(seconds) {
    const minutes = Math.max(0, Math.round(seconds / 60));
    if (minutes < 60) {
        return `${minutes} min`;
    }
    const hours = Math.floor(minutes / 60);

    return hours < 48 ? `${hours} h ${String(minutes % 60).padStart(2, '0')}` : `${Math.floor(hours / 24)} d ${hours % 24} h`;
}

export function startCountdowns() {
    if (document.body.dataset.runs !== '1') {
        return;
    }
    const tick = () => {
        for (const node of document.querySelectorAll('[data-until]')) {
            const left = Number(node.dataset.until) - shopNow();
            // Said once, when the sure part of a window ends.
            if (node.dataset.sure && !node.dataset.said && Number(node.dataset.sure) <= shopNow()) {
                node.dataset.said = '1';
                speak(Number(node.dataset.sure) > loadedNow() ? node.dataset.saysSure : '');
            }
            node.textContent = (left > 0 ? node.dataset.prefix ?? '' : '') + span(left);
            // A window that closed or a wait that ended changes what the bench says.
            if (left <= 0 && !node.dataset.over) {
                node.dataset.over = '1';
                speak(node.dataset.saysOver);
                document.querySelector('#bench') && window.htmx.trigger('#bench', 'over');
                // At the scale nothing that is typed is lost: the way on is shut, and the warning stands.
                document.querySelectorAll('[data-when-over]').forEach((n) => { n.hidden = false; });
                document.querySelectorAll('[data-until-over]').forEach((n) => { n.hidden = true; });
            }
        }
    };
    setInterval(tick, 5000);
    document.addEventListener('visibilitychange', tick);
    document.addEventListener('htmx:afterSwap', tick);
}
