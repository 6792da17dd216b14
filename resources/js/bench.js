// At the bench the screen stays awake, and the steps are read aloud where someone wants that and the browser can.
let lock = null;

async function stayAwake() {
    if (document.querySelector('[data-bench]') && document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        lock = await navigator.wakeLock.request('screen').catch(() => null);
    }
}

const SPEAKS = 'wren-bench-speaks';
let said = '';

function speak() {
    const says = document.querySelector('[data-bench] [data-says]')?.textContent.trim() ?? '';
    const button = document.querySelector('[data-speaks]');
    if (button && 'speechSynthesis' in window) {
        button.hidden = false;
        button.setAttribute('aria-pressed', String(localStorage.getItem(SPEAKS) !== null));
    }
    if (localStorage.getItem(SPEAKS) !== null && says !== said && 'speechSynthesis' in window) {
        window.speechSynthesis.cancel();
        window.speechSynthesis.speak(new SpeechSynthesisUtterance(says));
    }
    said = says;
}

export function workAtTheBench() {
    document.addEventListener('visibilitychange', () => lock === null || stayAwake());
    document.addEventListener('htmx:after:swap', speak);
    document.addEventListener('click', (event) => {
        if (event.target.closest?.('[data-speaks]')) {
            if (localStorage.getItem(SPEAKS) === null) {
                localStorage.setItem(SPEAKS, '1');
                said = '';
            } else {
                localStorage.removeItem(SPEAKS);
                window.speechSynthesis.cancel();
            }
            speak();
        }
    });
    stayAwake();
    speak();
}
