import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createApp, defineComponent, h, nextTick, reactive, type App, type Component } from 'vue';
import { WORK, type Work } from '../../frontend/src/features/work/useWork';

type Measure = 'imperial' | 'metric';

const RouterLink = defineComponent({
    setup:
        (_, { slots }) =>
        () =>
            h('a', { href: '#' }, slots.default?.()),
});

function appOf(component: Component, measure: Measure, work?: Work): App {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    client.setQueryData(['session'], { name: 'Wren Halloway', email: 'wren@alderfen.example', measure });
    const app = createApp(component);
    app.use(VueQueryPlugin, { queryClient: client });
    app.component('RouterLink', RouterLink);
    if (work) app.provide(WORK, work);
    return app;
}

/** Something set up in a component that shows nothing. */
export function within<T>(setup: () => T, measure: Measure = 'imperial'): { made: T; app: App } {
    let made!: T;
    const app = appOf(
        {
            setup() {
                made = setup();
                return () => null;
            },
        },
        measure,
    );
    app.mount(document.createElement('div'));
    return { made, app };
}

/** A component on a page of its own, with somebody signed in who reads one of the measures, and work on a room where it needs it. */
export function mounted(component: Component, props: Record<string, unknown> = {}, measure: Measure = 'imperial', work?: Work) {
    const host = document.createElement('div');
    document.body.replaceChildren(host);
    const state = reactive(props);
    appOf({ render: () => h(component, state) }, measure, work).mount(host);
    const one = <T extends HTMLElement = HTMLElement>(selector: string, within: ParentNode = host): T => {
        const found = within.querySelector<T>(selector);
        if (!found) throw new Error(`Nothing is ${selector} in ${host.innerHTML}`);
        return found;
    };
    const said = (element: HTMLElement): string | undefined => element.textContent?.replace(/\s+/g, ' ').trim();
    return {
        host,
        one,
        all: (selector: string) => [...host.querySelectorAll<HTMLElement>(selector)],
        text: (selector: string) => said(one(selector)),
        async click(selector: string): Promise<void> {
            one(selector).click();
            await nextTick();
        },
        /** Clicks the button that says so. */
        async press(words: string, within: ParentNode = host): Promise<void> {
            const button = [...within.querySelectorAll('button')].find((each) => said(each)?.startsWith(words));
            if (!button) throw new Error(`No button says ${words} in ${host.innerHTML}`);
            button.click();
            await nextTick();
        },
        /** Chooses one of a few that are all in sight, by its words. */
        async pick(words: string): Promise<void> {
            const label = [...document.body.querySelectorAll('label')].find((each) => said(each) === words);
            const input = label?.querySelector('input');
            if (!input) throw new Error(`Nothing to be picked says ${words} in ${document.body.innerHTML}`);
            input.click();
            await nextTick();
        },
        /** Chooses one of a list that is opened, by its words. */
        async choose(label: string, words: string): Promise<void> {
            await new Promise((soon) => setTimeout(soon, 0));
            const named = [...host.querySelectorAll('label')].find((each) => said(each) === label && each.htmlFor !== '');
            const box = named && document.getElementById(named.htmlFor)?.closest('.ant-select-selector');
            if (!box) throw new Error(`Nothing to be chosen is ${label} in ${host.innerHTML}`);
            box.dispatchEvent(new MouseEvent('mousedown', { bubbles: true }));
            await nextTick();
            await new Promise((soon) => setTimeout(soon, 0));
            const option = [...document.body.querySelectorAll<HTMLElement>('.ant-select-item-option')].find((each) => said(each) === words);
            if (!option) throw new Error(`${label} offers no ${words}: ${document.body.innerHTML}`);
            option.click();
            await nextTick();
        },
        async write(selector: string, text: string): Promise<void> {
            const field = one<HTMLInputElement>(selector);
            field.value = text;
            field.dispatchEvent(new Event('input', { bubbles: true }));
            await nextTick();
        },
        async submit(): Promise<void> {
            one('form').dispatchEvent(new Event('submit', { cancelable: true }));
            await nextTick();
        },
        async change(over: Record<string, unknown>): Promise<void> {
            Object.assign(state, over);
            await nextTick();
        },
    };
}
