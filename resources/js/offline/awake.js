// Keeps the screen on during a round: by the browser's wake lock, or where it has none by a silent picture that
// plays, which keeps many screens on as well.
let playing = null;

const play = () => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = 2;
    const brush = canvas.getContext('2d');
    const video = document.createElement('video');
    if (playing || !canvas.captureStream || !brush) {
        return;
    }
    video.muted = true;
    video.playsInline = true;
    video.srcObject = canvas.captureStream(1);
    playing = video;
    setInterval(() => brush.fillRect(0, 0, 2, 2), 1000);
    video.play().catch(() => {
        playing = null; // the device decides; the round works all the same
    });
};

const ask = async () => {
    if (document.visibilityState !== 'visible') {
        return;
    }
    try {
        if (!navigator.wakeLock) {
            throw new Error('none');
        }
        await navigator.wakeLock.request('screen');
    } catch {
        document.addEventListener('pointerdown', play, { once: true });
    }
};

export const stayAwake = () => {
    ask();
    document.addEventListener('visibilitychange', ask);
};
