/** Reads docket numbers with the camera where the browser can: into the field that was touched last, then the next empty one. */
export function readDockets() {
    const button = document.querySelector('[data-camera]');
    const picture = document.querySelector('[data-camera-picture]');
    const fields = [...document.querySelectorAll('[data-docket]')];
    if (!button || !('BarcodeDetector' in window) || !navigator.mediaDevices || fields.length === 0) {
        return;
    }
    const words = button.textContent;
    let touched = null;
    let stream = null;
    let isLooking = false;
    for (const field of fields) field.addEventListener('focus', () => { touched = field; });

    const stop = () => {
        isLooking = false;
        stream?.getTracks().forEach((track) => track.stop());
        stream = null;
        picture.hidden = true;
        button.textContent = words;
    };

    const take = (text) => {
        if (fields.some((field) => field.value === text)) return;
        const field = touched?.value === '' ? touched : fields.find((one) => one.value === '');
        if (!field) return;
        field.value = text;
        const next = fields.find((one) => one.value === '');
        (next ?? field).focus();
        if (!next) stop();
    };

    const look = async (detector) => {
        while (isLooking) {
            const codes = await detector.detect(picture).catch(() => []);
            if (codes.length > 0) take(codes[0].rawValue.trim());
            await new Promise((wait) => requestAnimationFrame(wait));
        }
    };

    button.hidden = false;
    button.addEventListener('click', async () => {
        if (stream) {
            stop();
            return;
        }
        try {
            stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
            picture.srcObject = stream;
            await picture.play();
        } catch {
            stop();
            button.textContent = button.dataset.none;
            return;
        }
        picture.hidden = false;
        button.textContent = button.dataset.stop;
        isLooking = true;
        look(new window.BarcodeDetector());
    });
}
