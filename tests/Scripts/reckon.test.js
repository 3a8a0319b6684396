import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

async function reckoning() {
    const p = page('<section data-reckon="/reckon" data-to="/run-sheet"><progress id="reckoned"></progress><b id="reckoned-words"></b></section>');
    const events = { closed: false, close() { this.closed = true; } };
    globalThis.EventSource = function (url) { events.url = url; return events; };
    (await fresh('reckon')).startReckoning();

    return { p, events };
}

test('it says how far it is, and goes on when it is done', async () => {
    const { p, events } = await reckoning();
    assert.equal(events.url, '/reckon');
    events.onmessage({ data: '40' });
    assert.deepEqual([p.one('#reckoned').value, p.one('#reckoned-words').textContent, p.calls.length], [40, '40 %', 0]);
    events.onmessage({ data: 'done' });
    assert.deepEqual([p.calls, events.closed], [[['replace', '/run-sheet']], true]);
});

test('where the line breaks the page itself is asked for', async () => {
    const { p, events } = await reckoning();
    events.onerror();
    assert.deepEqual(p.calls, [['replace', '/run-sheet']]);
});

test('a page that reckons nothing opens no line', async () => {
    page('');
    globalThis.EventSource = function () { throw new Error('opened'); };
    (await fresh('reckon')).startReckoning();
});
