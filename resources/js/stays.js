// What a page that renews itself leaves alone: what somebody typed, and what came after the page.
const isTyped = (field) => {
    if (field.matches('input[type=checkbox], input[type=radio]')) {
        return field.checked !== field.defaultChecked;
    }
    if (field.matches('select')) {
        return [...field.options].some((o) => o.selected !== o.defaultSelected);
    }

    return field.matches('input, textarea') && field.value !== field.defaultValue;
};

export const stays = (element) => element.nodeType === 1 && (element.dataset.came === '1' || isTyped(element));
