import { sessionGate } from '../api/sessionGate';

/** Pages that are there without a network: what public/sw.js keeps of them, for whoever is signed in. */
export async function keepPage(): Promise<void> {
    if (!('serviceWorker' in navigator)) return;
    await navigator.serviceWorker.register('/sw.js');
    const { active } = await navigator.serviceWorker.ready;
    // All that the page was made of, which came before there was anybody to keep it.
    const loaded = performance.getEntriesByType('resource').map(({ name }) => name);
    const files = loaded.filter(
        (name) =>
            new URL(name).origin === location.origin &&
            /\/build\/|\/api\/v1\/(session|programmes\/\d+|units\/\d+|versions\/\d+\/steps\/[a-z0-9-]+)(\/(shopping[^/]*|meters|proof|points\?.*))?$/.test(
                name,
            ),
    );
    active?.postMessage({ who: sessionGate.who(), keep: [location.href, ...new Set(files)] });
}

/** Whoever is signed in now: what was kept for anybody else goes. */
export async function tellWho(person: number): Promise<void> {
    if (!('serviceWorker' in navigator)) return;
    const registration = await navigator.serviceWorker.getRegistration();
    registration?.active?.postMessage({ who: person });
}

/** Nothing stays behind of somebody who signs out. */
export async function forgetPages(): Promise<void> {
    if (!('serviceWorker' in navigator)) return;
    const registration = await navigator.serviceWorker.getRegistration();
    registration?.active?.postMessage({ forget: true });
    await registration?.unregister();
}
