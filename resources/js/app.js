import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import { listenToKeys } from './keys.js';
import { tickWithoutASignal } from './basket.js';
import { cropper } from './cropper.js';
import { palette } from './palette.js';
import { carryPocketDesk, pocket } from './pocket.js';
import { findKindsByTyping } from './kinds.js';
import { nameWhatIsTouched } from './drawing.js';
import { drawNearer } from './nearer.js';
import { workAtTheBench } from './bench.js';
import { waitForASignal } from './bench-queue.js';
import { sayWhatThePageSays } from './answer.js';
import { readDockets } from './docket.js';
import { announceGauges, askOnlyTheLatest, countWhatIsUnderWay, emptyWhatWentIn, keepFocus, keepGaugesInSight, keepOpen, sayWhatFailed, showHowItGoes, showWhatIsWrong, tellWhatThePickerShows } from './swaps.js';
import { keepDrafts } from './drafts.js';
import { keepWhatIsTyped } from './typed.js';
import './into.js';

window.Alpine = Alpine;
window.htmx = htmx;

Alpine.data('cropper', cropper);
Alpine.data('palette', palette);
Alpine.data('pocket', pocket);
Alpine.start();

keepWhatIsTyped();
findKindsByTyping();
listenToKeys(countWhatIsUnderWay());
nameWhatIsTouched();
drawNearer();
workAtTheBench();
waitForASignal();
readDockets();
askOnlyTheLatest();
tellWhatThePickerShows();
showHowItGoes();
announceGauges();
keepOpen();
keepFocus();
keepGaugesInSight();
emptyWhatWentIn();
sayWhatFailed();
sayWhatThePageSays();
showWhatIsWrong();
keepDrafts();
tickWithoutASignal();
if (document.querySelector('.path')) {
    carryPocketDesk();
}

// On a phone they stand in one line, which may begin left of it.
document.querySelector('.tabs [aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });

for (const button of document.querySelectorAll('[data-print]')) {
    button.hidden = false;
    button.addEventListener('click', () => window.print());
}

for (const field of document.querySelectorAll('[data-time-zone]')) {
    field.value = Intl.DateTimeFormat().resolvedOptions().timeZone ?? '';
}
