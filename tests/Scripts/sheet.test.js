import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

const RANGE = '<svg xmlns="http://www.w3.org/2000/svg"><rect data-from="900" data-until="1100"/></svg>';

async function sheet() {
    const p = page('<p class="sheet-live"></p><svg class="run-sheet" data-from="0" data-per-px="10" data-grid="5" data-zone="UTC"><a class="block" tabindex="0" data-start="1000" data-range="/range" data-try="/try"><rect x="100" y="40"/></a><g id="range"></g></svg>', {});
    const block = p.one('.block');
    Object.defineProperty(block, 'ownerSVGElement', { value: p.one('.run-sheet') });
    Object.defineProperty(document, 'activeElement', { value: block, configurable: true });
    document.importNode = (node) => node.cloneNode(true);
    const went = [];
    globalThis.location = { search: '?span=1w', assign: (to) => went.push(to) };
    globalThis.DOMParser = window.DOMParser;
    globalThis.fetch = async (url) => { went.push(String(url)); return { ok: true, text: async () => RANGE }; };
    (await fresh('sheet')).startSheet();
    const key = (name, shiftKey = false) => {
        const event = new window.Event('keydown', { bubbles: true, cancelable: true });
        Object.assign(event, { key: name, shiftKey });
        block.dispatchEvent(event);
    };

    return { p, key, block, went };
}

const settled = () => new Promise((done) => { setTimeout(done, 0); });

test('arrows move a step by the grid, with shift by an hour, and its range is asked for', async () => {
    const { key, block, went } = await sheet();
    key('ArrowRight');
    assert.equal(block.getAttribute('transform'), 'translate(0.5 0)');
    key('ArrowRight', true);
    assert.equal(block.getAttribute('transform'), 'translate(6.5 0)');
    await settled();
    assert.deepEqual(went, ['/range?from=0&span=1w']);
});

test('outside its range it is said and marked, inside it is not', async () => {
    const { p, key, block } = await sheet();
    key('ArrowRight');
    await settled();
    assert.ok(!block.classList.contains('is-off'));
    key('ArrowRight', true);
    key('ArrowRight', true);
    assert.ok(block.classList.contains('is-off'));
    assert.match(p.one('.sheet-live').textContent, /no place there/);
});

test('Enter asks the server what gives; a step that was not moved is put back', async () => {
    const { key, went, block } = await sheet();
    key('ArrowLeft');
    key('Enter');
    assert.equal(went.at(-1), '/try?at=995&from=0&span=1w');
    key('ArrowLeft');
    key('ArrowRight');
    const before = went.length;
    key('Enter');
    await settled();
    assert.ok(!went.slice(before).some((to) => to.startsWith('/try')));
    assert.equal(block.getAttribute('transform'), null);
});

test('Escape puts it back and says so', async () => {
    const { p, key, block } = await sheet();
    key('ArrowRight');
    key('Escape');
    assert.deepEqual([block.getAttribute('transform'), block.classList.contains('is-held'), p.one('.sheet-live').textContent], [null, false, 'Put back']);
});
