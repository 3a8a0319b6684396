import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

const until = (s, more = '') => `<b data-until="${s}" ${more}></b>`;

test('the shop\'s time goes on with the machine\'s clock, and stands where it is frozen', async () => {
    const running = page('', { now: '5000', runs: '1' });
    const { shopNow } = await fresh('countdown');
    running.after(90);
    assert.equal(shopNow(), 5090);
    document.body.dataset.runs = '0';
    assert.equal(shopNow(), 5000);
});

test('what is left is said in minutes, hours, days; never less than nothing', async () => {
    const p = page(until(5059, 'data-prefix="closes in "') + until(5000 + 7500) + until(5000 + 200000) + until(4000, 'data-prefix="no more"'), { now: '5000', runs: '1' });
    (await fresh('countdown')).startCountdowns();
    p.after(0);
    assert.deepEqual([...document.querySelectorAll('b')].map((b) => b.textContent), ['closes in 1 min', '2 h 05', '2 d 7 h', '0 min']);
});

test('a window that closes renews the bench once, and shuts what goes on at the scale', async () => {
    const p = page(`<div id="bench">${until(5060)}</div><i data-when-over hidden></i><i data-until-over></i>`, { now: '5000', runs: '1' });
    (await fresh('countdown')).startCountdowns();
    p.after(30);
    assert.deepEqual(p.calls, []);
    p.after(31);
    p.after(60);
    assert.deepEqual(p.calls, [['trigger', '#bench', 'over']]);
    assert.equal(p.one('[data-when-over]').hidden, false);
    assert.equal(p.one('[data-until-over]').hidden, true);
});

test('a frozen clock counts nothing down', async () => {
    const p = page(until(5060), { now: '5000', runs: '0' });
    (await fresh('countdown')).startCountdowns();
    p.after(100);
    assert.equal(p.one('b').textContent, '');
});
