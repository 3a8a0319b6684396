import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

test('a press says that it is sent until the answer is there', async () => {
    const shown = [];
    globalThis.addEventListener = (type, then) => { shown.push(then); };
    const p = page('<form method="post"><button>Coat is on</button></form><form method="get"><button id="look">Look</button></form>', { sending: 'Sending' });
    (await fresh('sending')).startSending();
    const [sends, asks] = document.querySelectorAll('form');
    [sends.method, asks.method] = ['post', 'get'];
    p.send(sends, 'submit', { submitter: p.one('button') });
    p.send(asks, 'submit', { submitter: p.one('#look') });
    assert.equal(p.one('button').textContent, 'Coat is on', 'its value goes with the form first');
    await new Promise((done) => { setTimeout(done, 5); });
    assert.deepEqual([p.one('button').textContent, p.one('#look').textContent], ['Sending', 'Look']);
    shown.forEach((then) => then());
    assert.equal(p.one('button').textContent, 'Coat is on');
});
