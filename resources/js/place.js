import { shrunk } from './shrink.js';

// A defect is put on the drawing by a tap, or by keys: the face in focus has a cross that arrows move, Enter puts it.
const STEP_MM = 10;

export function startPlaces() {
    watchSizes();
    const svg = document.querySelector('svg[data-place]');
    const form = document.querySelector('#put form');
    if (! svg || ! form) return;
    const px = Number(svg.dataset.pxPerMm);
    const cross = svg.querySelector('.cross');
    const of = (plate) => Object.fromEntries(['x', 'y', 'w', 'h', 'from'].map((n) => [n, Number(plate.dataset[n])]));
    let at = null;

    const show = (plate, x, y) => {
        const box = of(plate);
        at = { plate, x: Math.min(box.x + box.w, Math.max(box.x, x)), y: Math.min(box.y + box.h, Math.max(box.y, y)) };
        cross.setAttribute('transform', `translate(${at.x} ${at.y})`);
        cross.setAttribute('visibility', 'visible');
        form.elements.zone.value = plate.dataset.zone;
        form.elements.along.value = Math.round(box.from + (at.x - box.x) / px);
        form.elements.across.value = Math.round((at.y - box.y) / px);
    };
    const put = () => {
        form.scrollIntoView({ block: 'nearest', behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth' });
        form.elements.defect.focus();
    };
    svg.addEventListener('click', (e) => {
        const plate = e.target.closest('.plate');
        if (! plate) return;
        const point = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM().inverse());
        show(plate, point.x, point.y);
        put();
    });
    svg.addEventListener('keydown', (e) => {
        const plate = e.target.closest('.plate');
        const move = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
        if (! plate || (! move && e.key !== 'Enter' && e.key !== ' ')) return;
        e.preventDefault();
        e.stopPropagation();
        const box = of(plate);
        const from = at?.plate === plate ? at : { x: box.x + box.w / 2, y: box.y + box.h / 2 };
        const step = STEP_MM * px;
        show(plate, from.x + step * (move?.[0] ?? 0), from.y + step * (move?.[1] ?? 0));
        if (! move) put();
    });
}

// A picture that is too large is said before it is sent: a phone's upload takes minutes.
function watchSizes() {
    for (const file of document.querySelectorAll('input[type=file][data-most]')) {
        file.addEventListener('change', async () => {
            await shrunk(file);
            const isLarge = file.files[0] && file.files[0].size > Number(file.dataset.most);
            const says = document.getElementById(file.getAttribute('aria-describedby'));
            says.querySelector('strong')?.remove();
            file.closest('.field').classList.toggle('is-wrong', Boolean(isLarge));
            if (isLarge) {
                file.value = '';
                says.insertAdjacentHTML('afterbegin', '<strong role="alert"></strong>');
                says.querySelector('strong').textContent = `${file.dataset.large} `;
            }
        });
    }
}
