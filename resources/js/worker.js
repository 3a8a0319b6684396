// A press that gets no answer says so, with what was typed, instead of the browser's own error. Its mark lets it be sent again:
// the same press counts once.
// What it needs of the shop stands before it: WorkerController.
/* global shop */
const { page, unread, policy, besides, fields } = shop;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
    const { request } = event;
    if (request.mode === 'navigate') {
        event.respondWith(request.method === 'POST' ? pressed(request) : fetch(request).catch(() => answer(unread)));
    }
});

async function pressed(request) {
    const copy = request.clone();
    try {
        return await fetch(request);
    } catch {
        const form = await copy.formData().catch(() => new FormData());
        const sent = [...form.entries()];
        const again = sent.every(([name, value]) => typeof value === 'string' && ! name.includes('password'));
        const words = sent.filter(([name, value]) => typeof value === 'string' && value !== '' && ! name.includes('password')
            && ! name.startsWith('measured[') && ! besides.includes(name));

        return answer(page
            .replace('%TO%', safe(request.url))
            .replace('%AGAIN%', again ? '' : 'hidden')
            .replace('%SENT%', () => sent.filter(([, value]) => typeof value === 'string').map(([name, value]) => `<input type="hidden" name="${safe(name)}" value="${safe(value)}">`).join(''))
            .replace('%TYPED%', () => words.map(([name, value]) => `<dt>${safe(spoken(name))}</dt><dd>${safe(value)}</dd>`).join('')));
    }
}

function answer(html) {
    return new Response(html, { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8', 'Content-Security-Policy': policy } });
}

function spoken(name) {
    if (fields[name]) {
        return fields[name];
    }
    const plain = name.replace(/[_[\]]+/g, ' ').trim();

    return plain.charAt(0).toUpperCase() + plain.slice(1);
}

function safe(text) {
    return text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
}
