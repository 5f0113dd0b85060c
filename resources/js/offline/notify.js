// The browser's own notification, for as long as the page or its worker lives. It is asked for only where a person
// presses the button beside a wait.
export const canAsk = () => 'Notification' in window && Notification.permission === 'default';

export const ask = async () => (await Notification.requestPermission()) === 'granted';

// Says it once, however many waits share a page; a press on it leads back to the page.
export async function notify(title, body) {
    if (! ('Notification' in window) || Notification.permission !== 'granted') {
        return;
    }
    const options = { body, tag: `${location.pathname} ${title}`, icon: '/icons/192.png', data: { path: location.pathname } };
    try {
        const worker = await navigator.serviceWorker?.getRegistration();
        await (worker ? worker.showNotification(title, options) : new Notification(title, options));
    } catch {
        // It rings and is said on the page all the same.
    }
}
