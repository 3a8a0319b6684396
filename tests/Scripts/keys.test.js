import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { fresh, page } from './page.js';

let p;
let pressed;
let helped;

beforeEach(async () => {
    p = page('<a data-key="b"></a><input name="grams"><input type="checkbox"><dialog id="keys"></dialog><a data-open="keys"></a>'
        + '<details data-fold="t"><button></button></details>');
    [pressed, helped] = [0, 0];
    p.one('[data-key=b]').click = () => { pressed++; };
    p.one('#keys').showModal = () => { helped++; };
    p.one('details button').focus = () => { pressed += 10; };
    (await fresh('keys')).startKeys();
});

const key = (on, name, more = {}) => p.send(p.one(on), 'keydown', { key: name, ...more });

test('a key presses what it stands for', () => {
    key('body', 'b');
    key('[type=checkbox]', 'b');
    assert.equal(pressed, 2);
});

test('none while typing, none with a modifier', () => {
    key('[name=grams]', 'b');
    for (const more of [{ ctrlKey: true }, { metaKey: true }, { altKey: true }]) {
        key('body', 'b', more);
    }
    assert.equal(pressed, 0);
});

test('? and its button open the keys, and then keys rest', () => {
    key('body', '?');
    p.send(p.one('[data-open]'), 'click');
    assert.equal(helped, 2);
    p.one('#keys').open = true;
    key('body', 'b');
    assert.equal(pressed, 0);
});

test('the letter of a key is not typed into what it opens', () => {
    const event = p.send(p.one('body'), 'keydown', { key: 'b' });
    assert.equal(event.defaultPrevented, true);
    assert.equal(p.send(p.one('body'), 'keydown', { key: 'x' }).defaultPrevented, false);
});

test('t opens its fold, n begins a part where no room has that key', () => {
    key('body', 't');
    assert.equal(p.one('details').open, true);
    assert.equal(pressed, 10);
    key('body', 'n');
    assert.deepEqual(p.calls, [['assign', '/parts/choose']]);
});
