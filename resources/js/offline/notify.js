// The browser's own notification, for as long as the page or its worker lives. It is asked for only where a person
// presses the button beside a wait.
export const canAsk = () => 'Notification' in window && Notification.permission === 'default';

export const ask = async () => 'Notification' in window && (await Notification.requestPermission()) === 'granted';

// Where the device keeps who wants to hear of what falls due: beside the rest, which every page loads.
export const DUE_WANTED_BY = 'due-wanted-by';

// Says it once, however many waits share a page; a press on it leads to the path.
export async function notify(title, body, path = location.pathname) {
    if (! ('Notification' in window) || Notification.permission !== 'granted') {
        return;
    }
    const options = { body, tag: `${path} ${title}`, icon: '/icons/192.png', data: { path } };
    try {
        const worker = await navigator.serviceWorker?.getRegistration();
        await (worker ? worker.showNotification(title, options) : new Notification(title, options));
    } catch {
        // It rings and is said on the page all the same.
    }
}
