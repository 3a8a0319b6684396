import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

const card = '<section data-scale="/scale"><b data-scale-grams></b><i data-scale-fill></i><span data-scale-says></span><form data-scale-take><button></button></form></section>';

async function says(...answers) {
    const p = page(card);
    const asked = [];
    let taken = 0;
    p.one('form').requestSubmit = () => { taken++; p.send(p.one('form'), 'submit'); };
    const waits = [];
    globalThis.setTimeout = (f) => { waits.push(f); };
    globalThis.fetch = async (url) => {
        asked.push(url);
        const answer = answers.shift();
        if (answer instanceof Error) {
            throw answer;
        }

        return { ok: true, json: async () => answer };
    };
    (await fresh('scale')).startScale();
    const settle = async () => { for (let i = 0; i < 8; i++) await Promise.resolve(); };
    await settle();
    while (waits.length > 0 && answers.length > 0) {
        waits.shift()();
        await settle();
    }

    return { p, asked, taken: () => taken, waits };
}

const now = (more) => ({ grams: '12.0 g', at: '40', says: 'Pour on', take: '', isSlow: false, isWrong: false, isRight: false, ...more });

test('what lies on it is shown, and nothing can be taken before its mark', async () => {
    const { p } = await says(now({ isSlow: true }));
    assert.deepEqual([p.one('b').textContent, p.one('i').getAttribute('width'), p.one('span').textContent], ['12.0 g', '40', 'Pour on']);
    assert.equal(p.one('section').classList.contains('is-slow'), true);
    assert.equal(p.one('button').disabled, true);
});

test('what rests on the mark is taken once, and then it is asked no more', async () => {
    const { taken, waits } = await says(now({ isRight: true, take: 'Keep 36.0 g' }), now({ isRight: true, take: 'Keep 36.0 g' }));
    assert.equal(taken(), 1);
    assert.equal(waits.length, 0);
});

test('too much is offered to be kept by a press, not by itself', async () => {
    const { p, taken } = await says(now({ isWrong: true, take: 'Keep 40.0 g' }));
    assert.deepEqual([p.one('button').textContent, p.one('button').disabled, p.one('button').classList.contains('go')], ['Keep 40.0 g', false, true]);
    assert.equal(taken(), 0);
});

test('out of reach it asks again', async () => {
    const { p, asked } = await says(new Error('no answer'), now({}));
    assert.deepEqual(asked, ['/scale', '/scale']);
    assert.equal(p.one('b').textContent, '12.0 g');
});
