// The scale under the cup: asked again as soon as it answered. What rests on the mark is kept, and the next jar comes by itself.
const EVERY_MS = 300;

export function startScale() {
    const card = document.querySelector('[data-scale]');
    if (!card) {
        return;
    }
    const part = (name) => card.querySelector(`[data-scale-${name}]`);
    const take = part('take');
    let kept = false;
    take.addEventListener('submit', () => { kept = true; });
    const show = (now) => {
        part('grams').textContent = now.grams;
        part('fill').setAttribute('width', now.at);
        card.classList.toggle('is-slow', now.isSlow);
        card.classList.toggle('is-wrong', now.isWrong);
        card.classList.toggle('is-right', now.isRight);
        if (part('says').textContent !== now.says) {
            part('says').textContent = now.says;
        }
        const button = take.querySelector('button');
        button.disabled = now.take === '';
        // Under the mark the next act is to pour, not to keep.
        button.classList.toggle('go', now.isWrong);
        button.textContent = now.take || button.textContent;
        if (now.isRight && !kept) {
            take.requestSubmit();
        }
    };
    const ask = async () => {
        if (!document.hidden) {
            try {
                const answer = await fetch(card.dataset.scale, { headers: { Accept: 'application/json' } });
                answer.ok && !kept && show(await answer.json());
            } catch {
                // The shop's computer is out of reach: the next answer says so or shows the weight.
            }
        }
        !kept && setTimeout(ask, EVERY_MS);
    };
    ask();
}
