import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createApp, h, nextTick, reactive, type Component } from 'vue';

/** A component on a page of its own, with somebody signed in who reads one of the measures. */
export function mounted(component: Component, props: Record<string, unknown>, measure: 'imperial' | 'metric' = 'imperial') {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    client.setQueryData(['session'], { name: 'Wren Halloway', measure });
    const host = document.createElement('div');
    document.body.replaceChildren(host);
    const state = reactive(props);
    const app = createApp({ render: () => h(component, state) });
    app.use(VueQueryPlugin, { queryClient: client });
    app.mount(host);
    const one = <T extends HTMLElement = HTMLElement>(selector: string): T => {
        const found = host.querySelector<T>(selector);
        if (!found) throw new Error(`Nothing is ${selector} in ${host.innerHTML}`);
        return found;
    };
    return {
        host,
        one,
        all: (selector: string) => [...host.querySelectorAll<HTMLElement>(selector)],
        text: (selector: string) => one(selector).textContent?.replace(/\s+/g, ' ').trim(),
        async click(selector: string): Promise<void> {
            one(selector).click();
            await nextTick();
        },
        async write(selector: string, text: string): Promise<void> {
            const field = one<HTMLInputElement>(selector);
            field.value = text;
            field.dispatchEvent(new Event(field.tagName === 'SELECT' ? 'change' : 'input', { bubbles: true }));
            await nextTick();
        },
        async change(over: Record<string, unknown>): Promise<void> {
            Object.assign(state, over);
            await nextTick();
        },
    };
}
