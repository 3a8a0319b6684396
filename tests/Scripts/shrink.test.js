import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

async function sent(file, [width, height], dataset) {
    page('');
    const drawn = [];
    window.createImageBitmap = globalThis.createImageBitmap = async () => ({ width, height, close() {} });
    document.createElement = () => ({
        getContext: () => ({ drawImage: (picture, x, y, w, h) => drawn.push(w, h) }),
        toBlob: (done) => done(new Blob(['small'], { type: 'image/jpeg' })),
    });
    globalThis.DataTransfer = class { files = []; items = { add: (f) => this.files.push(f) }; };
    const input = { files: [file], dataset };
    await (await fresh('shrink')).shrunk(input);

    return { drawn, file: input.files[0] };
}

const photo = new File(['large'], 'chip.jpg', { type: 'image/jpeg' });

test('a large photo is sent smaller: by its longest side, or by its pixels', async () => {
    const bySide = await sent(photo, [4000, 3000], { shrink: '2000', quality: '0.8' });
    assert.deepEqual([bySide.drawn, await bySide.file.text(), bySide.file.name], [[2000, 1500], 'small', 'chip.jpg']);
    assert.deepEqual((await sent(photo, [4000, 3000], { shrinkPixels: '3000000', quality: '0.8' })).drawn, [2000, 1500]);
});

test('a small one, and what is no picture, go as they are', async () => {
    assert.equal((await sent(photo, [1000, 800], { shrink: '2000' })).file, photo);
    const text = new File(['a'], 'a.csv', { type: 'text/csv' });
    assert.equal((await sent(text, [4000, 3000], { shrink: '2000' })).file, text);
});

test('what the browser can\'t open goes as it is', async () => {
    const input = { files: [photo], dataset: { shrink: '2000' } };
    page('');
    window.createImageBitmap = globalThis.createImageBitmap = async () => { throw new Error('broken'); };
    await (await fresh('shrink')).shrunk(input);
    assert.equal(input.files[0], photo);
});
