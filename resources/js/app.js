import '@fontsource/barlow-semi-condensed/latin-400.css';
import '@fontsource/barlow-semi-condensed/latin-500.css';
import '@fontsource/barlow-semi-condensed/latin-600.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import { startAwake } from './awake.js';
import { startCountdowns } from './countdown.js';
import { startExplaining } from './explain.js';
import { startKeys } from './keys.js';
import { startPatches } from './patch.js';
import { startPlaces } from './place.js';
import { pour } from './pour.js';
import { startReach } from './reach.js';
import { startReckoning } from './reckon.js';
import { startRenewing } from './renew.js';
import { startReminders } from './remind.js';
import { startScale } from './scale.js';
import { startSending } from './sending.js';
import { startSheet } from './sheet.js';
import { startCalls } from './speak.js';

window.htmx = htmx;

Alpine.data('pour', pour);
Alpine.start();

startCountdowns();
startKeys();
startExplaining();
startSheet();
startRenewing();
startReminders();
startReckoning();
startPatches();
startPlaces();
startScale();
startReach();
startAwake();
startSending();
startCalls();

// Whose zones these are is told to the form itself, so that an answer still under way can't forget it.
document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-zones-typed]');
    if (button) {
        button.form.elements.zones_typed.value = button.dataset.zonesTyped;
    }
}, true);

// What somebody picked by hand stays, whatever is typed after it.
document.addEventListener('change', ({ target }) => {
    const picked = target.form?.elements.picked;
    if (picked && target.matches('select')) {
        picked.value = `${picked.value} ${target.name}`.trim();
    }
}, true);

document.addEventListener('click', (event) => {
    if (event.target.closest('[data-print]')) {
        window.print();
    }
});

// What was refused or is asked about stands at its field; where that lies below the edge, the page begins there.
const asked = document.querySelector('form.sure, main [aria-invalid="true"]');
if (asked && !asked.closest('.notice') && asked.getBoundingClientRect().bottom > innerHeight) {
    asked.scrollIntoView({ block: 'center' });
}
