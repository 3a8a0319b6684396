import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

const SVG = '<svg data-place data-px-per-mm="2"><g class="plate" data-zone="top" data-x="10" data-y="20" data-w="200" data-h="100" data-from="50" tabindex="0"></g><path class="cross" visibility="hidden"/></svg>';
const FORM = '<div id="put"><form><input name="zone"><input name="along"><input name="across"><select name="defect"></select></form></div>';

async function placed() {
    const p = page(SVG + FORM, {});
    globalThis.matchMedia = () => ({ matches: true });
    const form = p.one('#put form');
    form.elements = Object.fromEntries(['zone', 'along', 'across', 'defect'].map((n) => [n, p.one(`[name=${n}]`)]));
    form.scrollIntoView = () => { form.dataset.seen = '1'; };
    form.elements.defect.focus = () => { form.dataset.asks = '1'; };
    (await fresh('place')).startPlaces();
    const key = (name) => {
        const event = new window.Event('keydown', { bubbles: true, cancelable: true });
        event.key = name;
        p.one('.plate').dispatchEvent(event);
    };
    const at = () => [form.elements.zone.value, Number(form.elements.along.value), Number(form.elements.across.value)];

    return { p, key, at, form };
}

test('an arrow puts the cross ten millimetres from the middle, and on from there', async () => {
    const { p, key, at } = await placed();
    key('ArrowRight');
    assert.deepEqual(at(), ['top', 50 + 50 + 10, 25]);
    key('ArrowDown');
    assert.deepEqual(at(), ['top', 110, 35]);
    assert.equal(p.one('.cross').getAttribute('visibility'), 'visible');
});

test('the cross stays on its face', async () => {
    const { key, at } = await placed();
    for (let n = 0; n < 20; n++) { key('ArrowLeft'); key('ArrowUp'); }
    assert.deepEqual(at(), ['top', 50, 0]);
});

test('Enter puts it and asks what it is; other keys do nothing', async () => {
    const { key, at, form } = await placed();
    key('a');
    assert.deepEqual(at(), ['', 0, 0]);
    key('Enter');
    assert.deepEqual(at(), ['top', 100, 25]);
    assert.deepEqual([form.dataset.seen, form.dataset.asks], ['1', '1']);
});
