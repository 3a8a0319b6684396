// A photo is made smaller before it is sent, where the browser can: a phone's upload takes minutes, and the server keeps it small.
// data-shrink: longest side in pixels; data-shrink-pixels: only what has more pixels than that, to as many.
async function smaller(file, { shrink, shrinkPixels, quality }) {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const { width, height } = picture;
    const share = shrink
        ? Number(shrink) / Math.max(width, height)
        : Math.sqrt(Number(shrinkPixels) / (width * height));
    if (share >= 1) {
        return file;
    }
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(width * share), Math.round(height * share)];
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    const bytes = await new Promise((done) => canvas.toBlob(done, 'image/jpeg', Number(quality)));

    return bytes ? new File([bytes], file.name, { type: 'image/jpeg' }) : file;
}

export async function shrunk(input) {
    const file = input.files[0];
    if (! file?.type.startsWith('image/') || ! window.createImageBitmap) {
        return;
    }
    try {
        const small = await smaller(file, input.dataset);
        if (small !== file) {
            const held = new DataTransfer();
            held.items.add(small);
            input.files = held.files;
        }
    } catch {
        // What this browser can't open goes as it is: the server says what is wrong with it.
    }
}
