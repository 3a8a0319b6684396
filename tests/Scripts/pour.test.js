import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

async function typed(grams, dataset) {
    const p = page(`<form><input name="grams" value="${grams}"></form>`);
    const root = p.one('form');
    Object.assign(root.dataset, { resin: '0', hardener: '0', ratio: '0.3', unit: 'g', unitG: '1' }, dataset);
    const cup = Object.assign((await fresh('pour')).pour(), { $root: root });
    cup.typed();

    return cup.preview;
}

test('resin asks for its hardener, by weight', async () => {
    assert.equal(await typed('120', { component: 'resin' }), 'asks for 36.0 g hardener');
    assert.equal(await typed('120,5', { component: 'resin' }), 'asks for 36.1 g hardener');
});

test('hardener says what ratio it makes, and by how much it is off', async () => {
    assert.equal(await typed('36', { component: 'hardener', resin: '120' }), 'makes 100 : 30.0, +0.0 %');
    assert.equal(await typed('33', { component: 'hardener', resin: '120' }), 'makes 100 : 27.5, −8.3 %');
});

test('ounces are reckoned as ounces', async () => {
    assert.equal(await typed('4', { component: 'resin', unit: 'oz', unitG: '28.349523125' }), 'asks for 1.200 oz hardener');
});

test('nothing is said of what is no weight, or of pigment', async () => {
    for (const [grams, of] of [['', 'resin'], ['some', 'resin'], ['-4', 'resin'], ['0', 'hardener'], ['5', 'pigment']]) {
        assert.equal(await typed(grams, { component: of, resin: '120' }), '');
    }
});
