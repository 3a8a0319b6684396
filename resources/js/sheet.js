// Drags a step along the run sheet, by pointer or by arrows. Where it may start comes from the server and is drawn
// while it is held; letting go asks the server what gives.
const STEP_KEYS = { ArrowLeft: -1, ArrowRight: 1 };
let held = null;

const sheetOf = (block) => block.ownerSVGElement;

function time(sheet, minutes) {
    return new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit', timeZone: sheet.dataset.zone }).format(minutes * 60000);
}

async function showRange(block) {
    const query = new URLSearchParams({ from: sheetOf(block).dataset.from, span: new URLSearchParams(location.search).get('span') ?? '3d' });
    const answer = await fetch(`${block.dataset.range}?${query}`, { headers: { 'HX-Request': 'true' } });
    if (!answer.ok || held?.block !== block) {
        return;
    }
    const drawn = new DOMParser().parseFromString(await answer.text(), 'image/svg+xml').documentElement;
    const y = Number(block.querySelector('rect').getAttribute('y')) - 2;
    const target = document.querySelector('#range');
    target.replaceChildren(...[...drawn.querySelectorAll('rect')].map((rect) => {
        const copy = document.importNode(rect, true);
        copy.setAttribute('y', y);
        copy.setAttribute('height', 32);
        return copy;
    }));
    target.dataset.ready = '1';
    if (held.at !== held.start) {
        moveTo(held.at);
    }
}

function say(words) {
    document.querySelector('.sheet-live').textContent = words;
}

function take(block) {
    putBack();
    const sheet = sheetOf(block);
    held = { block, sheet, start: Number(block.dataset.start), at: Number(block.dataset.start), perPx: Number(sheet.dataset.perPx), grid: Number(sheet.dataset.grid) };
    block.classList.add('is-held');
    showRange(block);
}

function mayStart(minutes) {
    return [...document.querySelectorAll('#range rect')].some((r) => minutes >= Number(r.dataset.from) - 1e-6 && minutes <= Number(r.dataset.until) + 1e-6);
}

function moveTo(minutes) {
    held.at = Math.round(minutes / held.grid) * held.grid;
    held.block.setAttribute('transform', `translate(${(held.at - held.start) / held.perPx} 0)`);
    const fits = document.querySelector('#range').dataset.ready !== '1' || mayStart(held.at);
    held.block.classList.toggle('is-off', !fits);
    let flag = document.querySelector('#held-time');
    if (!flag) {
        flag = document.createElementNS('http://www.w3.org/2000/svg', 'text');
        flag.id = 'held-time';
        flag.setAttribute('class', 'held-time');
        held.sheet.append(flag);
    }
    const rect = held.block.querySelector('rect');
    flag.setAttribute('x', Number(rect.getAttribute('x')) + (held.at - held.start) / held.perPx);
    flag.setAttribute('y', Number(rect.getAttribute('y')) - 3);
    flag.textContent = time(held.sheet, held.at) + (fits ? '' : ' · no place');
    say(`${time(held.sheet, held.at)}${fits ? '' : ', no place there'}`);
}

function putBack() {
    if (!held) {
        return;
    }
    held.block.classList.remove('is-held', 'is-off');
    held.block.removeAttribute('transform');
    document.querySelector('#held-time')?.remove();
    const range = document.querySelector('#range');
    range.replaceChildren();
    delete range.dataset.ready;
    held = null;
}

function letGo() {
    const { block, at, start, sheet } = held;
    if (Math.abs(at - start) < 1e-6) {
        putBack();

        return;
    }
    const query = new URLSearchParams({ at, from: sheet.dataset.from, span: new URLSearchParams(location.search).get('span') ?? '3d' });
    held = null;
    location.assign(`${block.dataset.try}?${query}`);
}

export function startSheet() {
    let pointer = null;
    document.addEventListener('pointerdown', (event) => {
        const block = event.target.closest?.('.run-sheet .block');
        if (!block || event.button !== 0) {
            return;
        }
        pointer = { id: event.pointerId, x: event.clientX, scale: sheetOf(block).viewBox.baseVal.width / sheetOf(block).getBoundingClientRect().width, moved: false };
        take(block);
        try { block.setPointerCapture(event.pointerId); } catch { /* the pointer is gone already */ }
    });
    document.addEventListener('pointermove', (event) => {
        if (!held || pointer?.id !== event.pointerId) {
            return;
        }
        const px = (event.clientX - pointer.x) * pointer.scale;
        if (pointer.moved || Math.abs(px) > 4) {
            pointer.moved = true;
            event.preventDefault();
            moveTo(held.start + px * held.perPx);
        }
    });
    const end = (event) => {
        if (!held || pointer?.id !== event.pointerId) {
            return;
        }
        const moved = pointer.moved;
        pointer = null;
        if (event.type === 'pointercancel' || !moved) {
            putBack();

            return;
        }
        // The click that follows a drag must not open the link.
        const stop = (click) => { click.preventDefault(); click.stopPropagation(); };
        document.addEventListener('click', stop, { capture: true, once: true });
        setTimeout(() => document.removeEventListener('click', stop, { capture: true }), 50);
        letGo();
    };
    document.addEventListener('pointerup', end);
    document.addEventListener('pointercancel', end);
    document.addEventListener('dragstart', (event) => event.target.closest?.('.run-sheet .block') && event.preventDefault());
    document.addEventListener('keydown', (event) => {
        const block = document.activeElement?.closest?.('.run-sheet .block');
        if (!block) {
            return;
        }
        if (STEP_KEYS[event.key]) {
            event.preventDefault();
            if (held?.block !== block) {
                take(block);
            }
            moveTo(held.at + STEP_KEYS[event.key] * (event.shiftKey ? 60 : held.grid));
        } else if (held && event.key === 'Enter') {
            event.preventDefault();
            letGo();
        } else if (held && event.key === 'Escape') {
            putBack();
            say('Put back');
        }
    });
    document.addEventListener('focusout', (event) => event.target.closest?.('.run-sheet .block') && held && !pointer && putBack());
}
