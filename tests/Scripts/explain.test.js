import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

test('whether fields explain themselves is remembered by the device', async () => {
    const p = page('<input type="checkbox" data-explain>');
    (await fresh('explain')).startExplaining();
    assert.equal(p.one('input').checked, false);
    p.one('input').checked = true;
    p.send(p.one('input'), 'change');
    assert.equal(p.stored.get('explain-fields'), '1');
    p.one('input').checked = false;
    (await fresh('explain')).startExplaining();
    assert.equal(p.one('input').checked, true);
});
