import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { runInNewContext } from 'node:vm';

const shop = {
    page: '<form action="%TO%"><button %AGAIN%></button>%SENT%</form><dl>%TYPED%</dl>', unread: 'not read', policy: 'default-src',
    besides: ['_token', 'token'], fields: { grams: 'Grams poured' },
};

function worker(fetch) {
    const heard = {};
    const self = { addEventListener: (type, f) => { heard[type] = f; }, skipWaiting() {}, clients: { claim() {} } };
    runInNewContext(`const shop = ${JSON.stringify(shop)};\n${readFileSync(new URL('../../resources/js/worker.js', import.meta.url), 'utf8')}`, { self, fetch, Response, FormData });

    return (request) => new Promise((done) => heard.fetch({ request, respondWith: (answer) => done(answer), waitUntil() {} }));
}

function press(fields) {
    const form = new FormData();
    Object.entries(fields).forEach(([name, value]) => form.append(name, value));
    const request = { mode: 'navigate', method: 'POST', url: 'https://shop.example/parts/1/facts', clone: () => ({ formData: async () => form }) };

    return request;
}

const gone = async () => { throw new TypeError('no answer'); };

test('what the server answers is what the page gets', async () => {
    assert.equal(await (await worker(async () => 'kept')(press({}))), 'kept');
});

test('a press without an answer shows what was typed, and sends the same mark again', async () => {
    const answer = await (await worker(gone)(press({ _token: 'x', token: 'mark-1', grams: '36', zone_name: 'rim <b>' })));
    const html = await answer.text();
    assert.equal(answer.status, 503);
    assert.equal(answer.headers.get('Content-Security-Policy'), 'default-src');
    assert.match(html, /action="https:\/\/shop\.example\/parts\/1\/facts"><button >/);
    assert.match(html, /name="token" value="mark-1"/);
    assert.match(html, /<dt>Grams poured<\/dt><dd>36<\/dd><dt>Zone name<\/dt><dd>rim &#60;b&#62;<\/dd>/);
    assert.doesNotMatch(html, /<dt>Token/);
});

test('a password is neither shown nor sent again', async () => {
    const html = await (await (await worker(gone)(press({ email: 'ada@sample.example', password: 'oak' })))).text();
    assert.match(html, /<button hidden>/);
    assert.doesNotMatch(html, /<dd>oak/);
});

test('a page that is only read says that it was not', async () => {
    const answer = await (await worker(gone)({ mode: 'navigate', method: 'GET', url: 'https://shop.example/' }));
    assert.equal(await answer.text(), 'not read');
});
