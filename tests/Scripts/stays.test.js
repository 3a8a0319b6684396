import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

test('what was typed or came after the page is left alone, the rest is renewed', async () => {
    const p = page('<input id="empty"><input id="given" value="3"><input id="typed"><input id="box" type="checkbox"><div id="later" data-came="1"></div><div id="else"></div>');
    for (const field of document.querySelectorAll('input')) {
        Object.assign(field, { defaultValue: field.value, defaultChecked: field.checked });
    }
    p.one('#typed').value = '21';
    const { stays } = await fresh('stays');
    const answers = Object.fromEntries(['empty', 'typed', 'later', 'else'].map((id) => [id, stays(p.one(`#${id}`))]));
    assert.deepEqual(answers, { empty: false, typed: true, later: true, else: false });
});
