// What a typed weight would make of the ratio, before it is kept. The server reckons the same once it is.
export function pour() {
    return {
        preview: '',
        typed() {
            const { component, resin, hardener, ratio, unit, unitG, shows } = this.$root.dataset;
            // A scale that is not tared shows what was in before, too.
            const grams = Number(unitG) * Number(this.$root.querySelector('[name=grams]').value.replace(',', '.')) - Number(shows ?? 0);
            if (!(grams > 0) || component === 'pigment') {
                this.preview = '';

                return;
            }
            const r = Number(resin) + (component === 'resin' ? grams : 0);
            const h = Number(hardener) + (component === 'hardener' ? grams : 0);
            if (h === 0) {
                this.preview = `asks for ${(r * Number(ratio) / Number(unitG)).toFixed(unit === 'g' ? 1 : 3)} ${unit} hardener`;

                return;
            }
            const off = 100 * (h / r / Number(ratio) - 1);
            this.preview = `makes 100 : ${(100 * h / r).toFixed(1)}, ${off >= 0 ? '+' : '−'}${Math.abs(off).toFixed(1)} %`;
        },
    };
}
