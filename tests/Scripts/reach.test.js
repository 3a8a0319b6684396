import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

await (page('', { now: '0', runs: '0' }), import('../../resources/js/countdown.js'));

async function bench() {
    const p = page('<p id="reach" hidden data-words="Out of reach since :at"></p>', { now: String(Date.UTC(2027, 2, 10, 15, 34) / 1000), runs: '0', zone: 'Europe/Vienna' });
    (await fresh('reach')).startReach();

    return p;
}

test('out of reach says since when, in the shop\'s time, until an answer comes', async () => {
    const p = await bench();
    p.send(document, 'htmx:sendError');
    assert.deepEqual([p.one('#reach').hidden, p.one('#reach').textContent], [false, 'Out of reach since 16:34']);
    document.body.dataset.now = String(Number(document.body.dataset.now) + 600);
    p.send(document, 'htmx:timeout');
    assert.equal(p.one('#reach').textContent, 'Out of reach since 16:34', 'the first that was missed counts');
    p.send(document, 'htmx:afterOnLoad');
    assert.equal(p.one('#reach').hidden, true);
});

test('a refusal is an answer, a broken server is none', async () => {
    const p = await bench();
    p.send(document, 'htmx:responseError', { detail: { xhr: { status: 422 } } });
    assert.equal(p.one('#reach').hidden, true);
    p.send(document, 'htmx:responseError', { detail: { xhr: { status: 503 } } });
    assert.equal(p.one('#reach').hidden, false);
});
