// A patch of weave under a tube lamp, pixel by pixel from what the core says of the surface: film, relief, scratch,
// gloss, dust. Nothing here is a picture; the same figures always shade the same.
const PX_PER_MM = 10;
const TOW_MM = 2;

// 0 to 1, the same for the same place.
function chance(x, y, salt) {
    let n = Math.imul(x, 374761393) + Math.imul(y, 668265263) + Math.imul(salt, 2147483647 - 58);
    n = Math.imul(n ^ (n >>> 13), 1274126177);
    return ((n ^ (n >>> 16)) >>> 0) / 4294967296;
}

// 2×2 twill: which tow lies on top, and how far from its crown a place is, −1 to 1 across and along.
function tow(xMm, yMm) {
    const [i, j] = [Math.floor(xMm / TOW_MM), Math.floor(yMm / TOW_MM)];
    const [u, v] = [2 * (xMm / TOW_MM - i) - 1, 2 * (yMm / TOW_MM - j) - 1];
    const warp = (((i + j) % 4) + 4) % 4 < 2;
    return { warp, across: warp ? u : v, along: warp ? v : u, strand: warp ? i * 97 + j : j * 89 + i };
}

function shade(patch, width, height) {
    const image = new ImageData(width, height);
    const rows = patch.cells.length / patch.columns;
    const lampY = 0.42 * height;
    for (let y = 0; y < height; y++) {
        for (let x = 0; x < width; x++) {
            const cell = patch.cells[Math.min(rows - 1, Math.floor((y / height) * rows)) * patch.columns + Math.min(patch.columns - 1, Math.floor((x / width) * patch.columns))];
            const [xMm, yMm] = [x / PX_PER_MM, y / PX_PER_MM];
            const t = tow(xMm, yMm);
            // Fibre shines across its length: tows of one direction catch the lamp, those of the other do not.
            const crown = Math.sqrt(Math.max(0, 1 - t.across * t.across));
            const fibre = 0.75 + 0.25 * chance(Math.floor((t.across + 1) * 9), t.strand, 1);
            const grey = (t.warp ? 34 + 46 * crown * (1 - 0.35 * t.along * t.along) : 14 + 26 * crown) * fibre;
            const bare = cell.burnt;
            // Resin over the weave is a little amber, the more of it the more.
            const amber = bare ? 0 : Math.min(0.25, Math.max(0, cell.filmUm) / 1800);
            let [r, g, b] = [grey * (1 + 0.5 * amber) + 16 * amber, grey + 8 * amber, grey * (1 - 0.6 * amber)];
            if (bare) {
                const hair = 0.6 + 0.4 * chance(x, y, 2);
                r = g = b = (96 + 60 * crown) * hair;
            }
            // The surface leans with what is left of the relief, and with the scratch.
            const gloss = cell.low ? Math.max(cell.gloss, 80) : cell.gloss;
            const lean = (patch.textureUm / 1000) * Math.sin(2 * Math.PI * yMm / (2 * TOW_MM)) * Math.cos(2 * Math.PI * xMm / (2 * TOW_MM)) * (Math.PI / (2 * TOW_MM));
            const scratch = cell.low ? 0 : patch.scratchUm;
            const groove = scratch * (chance(Math.floor(x * 0.12 + y * 1.9), Math.floor(y * 0.4 + x * 0.02), 3) - 0.5);
            // A strong relief breaks the lamp up into a glint on every bump.
            const away = (y - lampY) / (0.07 * height) + 150 * lean + 0.55 * groove;
            const broken = patch.textureUm / 18;
            const blur = 1 + broken + 22 * Math.pow(1 - Math.min(1, gloss / 95), 1.6);
            const lamp = (gloss / 95) * Math.exp(-((away / blur) ** 2)) / (1 + 0.5 * broken) + (bare ? 0 : 0.05 * (1 - gloss / 95) * (1 + 0.5 * groove / (0.3 + scratch)));
            const white = bare ? 0 : 210 * Math.max(0, lamp);
            const fog = patch.haze * 60 * Math.exp(-((away / 9) ** 2));
            [r, g, b] = [r + white + fog, g + white + fog, b + 1.04 * white + fog];
            image.data.set([r, g, b, 255], 4 * (y * width + x));
        }
    }
    return image;
}

function specks(context, patch, width, height) {
    const lying = Math.round(260 * patch.dust);
    const shut = Math.round(120 * patch.sealed);
    for (let n = 0; n < lying + shut; n++) {
        const isShut = n >= lying;
        const [x, y] = [chance(n, 1, isShut ? 8 : 9) * width, chance(n, 2, isShut ? 8 : 9) * height];
        context.fillStyle = isShut ? 'rgba(235,225,200,.75)' : 'rgba(214,205,188,.8)';
        context.beginPath();
        context.arc(x, y, 0.7 + 1.5 * chance(n, 3, 7), 0, 7);
        context.fill();
        if (isShut) {
            // The film stands up around a grain.
            context.strokeStyle = 'rgba(255,255,255,.25)';
            context.beginPath();
            context.arc(x, y, 4 + 2 * chance(n, 4, 7), 3.6, 6.2);
            context.stroke();
        }
    }
}

export function startPatches() {
    document.querySelectorAll('canvas[data-patch]').forEach((canvas) => {
        const patch = JSON.parse(canvas.dataset.patch);
        const context = canvas.getContext('2d');
        context.putImageData(shade(patch, canvas.width, canvas.height), 0, 0);
        specks(context, patch, canvas.width, canvas.height);
        canvas.dataset.drawn = '1';
    });
}
