import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

// Its clock is the one of countdown.js, which is read when that is first opened.
const button = '<main></main><button data-remind="w-1" data-at="%AT%" data-words="W: build coat 5 opens"></button><input type="checkbox" id="tone">';
const { shopNow } = await (page('', { now: '0', runs: '1' }), import('../../resources/js/countdown.js'));

async function bench(inSeconds) {
    const p = page(button, { now: '5000', runs: '1' });
    (await fresh('remind')).startReminders();
    p.one('button').dataset.at = String(shopNow() + inSeconds);

    return p;
}

test('a reminder is set and taken back by one press each, and says which', async () => {
    const p = await bench(600);
    assert.equal(p.one('button').textContent, 'Remind me');
    p.send(p.one('button'), 'click');
    assert.deepEqual([p.one('button').textContent, p.one('button').getAttribute('aria-pressed')], ['Reminds', 'true']);
    assert.equal(JSON.parse(p.stored.get('oak-reminders'))['w-1'].words, 'W: build coat 5 opens');
    p.send(p.one('button'), 'click');
    assert.deepEqual([p.one('button').textContent, p.stored.get('oak-reminders')], ['Remind me', '{}']);
});

test('when its time has come it is shown once, and seen it goes', async () => {
    const p = await bench(600);
    p.send(p.one('button'), 'click');
    p.after(599);
    assert.equal(p.one('#reminder'), null);
    p.after(2);
    p.after(60);
    assert.equal(document.querySelectorAll('#reminder p').length, 1);
    assert.match(p.one('#reminder').textContent, /W: build coat 5 opens/);
    assert.equal(p.one('#reminder').getAttribute('role'), 'alert');
    p.send(p.one('#reminder button'), 'click');
    assert.equal(p.one('#reminder'), null);
});
