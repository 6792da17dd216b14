// Drawings as large as an eye or a finger wants them: their numbers are never smaller than can be read, whatever the width of the screen;
// two fingers, or the two buttons, draw one larger, and a finger then moves it about.
// In pixels where it is drawn smaller than it is; it grows with a drawing that is larger.
const NUMBER = 11.5;
const LARGEST = 4;

function scaleOf(svg) {
    const shown = svg.getBoundingClientRect();
    const box = svg.viewBox.baseVal;
    return box.width && box.height ? Math.min(shown.width / box.width, shown.height / box.height) : 0;
}

function sizeNumbers(svg) {
    const scale = scaleOf(svg);
    if (scale > 0) {
        svg.style.setProperty('--number', `${NUMBER / Math.min(1, scale)}px`);
    }
}

const watched = new ResizeObserver((entries) => entries.forEach((entry) => sizeNumbers(entry.target)));

function watchAll() {
    for (const svg of document.querySelectorAll('svg.drawn:has(.step)')) {
        sizeNumbers(svg);
        watched.observe(svg);
    }
    for (const buttons of document.querySelectorAll('.pinched .nearer')) {
        buttons.hidden = false;
    }
}

// Where a drawing is looked at: the whole of it, or a window of it around a point.
function look(wrap, factor, x, y) {
    const svg = wrap.querySelector('svg');
    const box = svg.viewBox.baseVal;
    wrap.whole ??= { x: box.x, y: box.y, width: box.width, height: box.height };
    const { whole } = wrap;
    const width = Math.min(whole.width, Math.max(whole.width / LARGEST, box.width / factor));
    const height = (width * whole.height) / whole.width;
    const within = (value, from, most) => Math.min(Math.max(value, from), from + most);
    box.x = within(x - ((x - box.x) * width) / box.width, whole.x, whole.width - width);
    box.y = within(y - ((y - box.y) * height) / box.height, whole.y, whole.height - height);
    box.width = width;
    box.height = height;
    wrap.classList.toggle('is-larger', width < whole.width * 0.99);
    sizeNumbers(svg);
}

function pointIn(svg, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
}

export function drawNearer() {
    const fingers = new Map();
    let apart = 0;
    const wrapOf = (event) => event.target.closest?.('.pinched');
    document.addEventListener('click', (event) => {
        const button = event.target.closest?.('[data-nearer]');
        const wrap = button && wrapOf(event);
        if (wrap) {
            const box = wrap.querySelector('svg').viewBox.baseVal;
            look(wrap, button.dataset.nearer === 'larger' ? 1.5 : 1 / 1.5, box.x + box.width / 2, box.y + box.height / 2);
        }
    });
    document.addEventListener('pointerdown', (event) => {
        if (wrapOf(event)) {
            fingers.set(event.pointerId, event);
            apart = 0;
        }
    });
    document.addEventListener('pointermove', (event) => {
        const before = fingers.get(event.pointerId);
        const wrap = before && wrapOf(before);
        if (!wrap) {
            return;
        }
        const svg = wrap.querySelector('svg');
        fingers.set(event.pointerId, event);
        if (fingers.size === 2) {
            const [one, other] = [...fingers.values()];
            const now = Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
            const [a, b] = [pointIn(svg, one), pointIn(svg, other)];
            if (apart > 0) {
                look(wrap, now / apart, (a.x + b.x) / 2, (a.y + b.y) / 2);
            }
            apart = now;
        } else if (wrap.classList.contains('is-larger')) {
            const [from, to] = [pointIn(svg, before), pointIn(svg, event)];
            svg.viewBox.baseVal.x += from.x - to.x;
            svg.viewBox.baseVal.y += from.y - to.y;
            look(wrap, 1, to.x, to.y);
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, (event) => {
            fingers.delete(event.pointerId);
            apart = 0;
        });
    }
    watchAll();
    document.addEventListener('htmx:after:swap', watchAll);
}
