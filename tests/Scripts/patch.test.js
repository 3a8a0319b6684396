import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fresh, page } from './page.js';

globalThis.ImageData ??= class {
    constructor(width, height) {
        [this.width, this.height, this.data] = [width, height, new Uint8ClampedArray(4 * width * height)];
    }
};

const LIKE = { columns: 1, cells: [{ filmUm: 300, gloss: 88, burnt: false, low: false }], textureUm: 0, scratchUm: 0, haze: 0, dust: 0, sealed: 0 };

async function drawn(...patches) {
    page(patches.map((p) => `<canvas width="60" height="40" data-patch='${JSON.stringify({ ...LIKE, ...p })}'></canvas>`).join(''));
    const seen = [...document.querySelectorAll('canvas')].map((canvas) => {
        const of = { specks: 0 };
        [canvas.width, canvas.height] = [60, 40];
        canvas.getContext = () => ({ putImageData: (image) => { of.data = image.data; }, beginPath() {}, arc() {}, stroke() {}, fill() { of.specks++; } });

        return of;
    });
    (await fresh('patch')).startPatches();

    return seen;
}

const bright = ({ data }) => data.reduce((sum, v, i) => sum + (i % 4 === 3 ? 0 : v), 0);

test('the same figures always shade the same, other figures otherwise', async () => {
    const [a, b, c] = await drawn({}, {}, { textureUm: 40 });
    assert.deepEqual(a.data, b.data);
    assert.notDeepEqual(a.data, c.data);
});

test('a gloss shows the lamp in a line, a matt surface spreads it', async () => {
    const [gloss, matt] = await drawn({}, { cells: [{ ...LIKE.cells[0], gloss: 10 }] });
    assert.ok(Math.max(...gloss.data.filter((_, i) => i % 4 === 0)) > Math.max(...matt.data.filter((_, i) => i % 4 === 0)));
});

test('fog makes all of it paler; weave that is cut bare is grey without amber', async () => {
    const [clear, foggy, bare] = await drawn({}, { haze: 1 }, { cells: [{ ...LIKE.cells[0], burnt: true }] });
    assert.ok(bright(foggy) > bright(clear));
    assert.ok(bare.data.every((v, i) => i % 4 !== 2 || v === bare.data[i - 1]), 'red, green and blue alike');
});

test('dust lies on it by its figure', async () => {
    const [clean, dusty, shut] = await drawn({}, { dust: 0.1 }, { sealed: 0.05 });
    assert.deepEqual([clean.specks, dusty.specks, shut.specks], [0, 26, 6]);
});
