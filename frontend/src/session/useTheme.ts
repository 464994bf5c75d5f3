import { computed, ref, watchEffect } from 'vue';

type Colours = 'light' | 'dark';

const preferred = window.matchMedia('(prefers-color-scheme: dark)');
const byMachine = ref(preferred.matches);
// Until somebody chooses, it goes with the machine, also when that turns dark in the evening.
preferred.addEventListener?.('change', ({ matches }) => (byMachine.value = matches));
/** As this browser knows it, before anybody is known to be signed in. */
const chosen = ref(localStorage.getItem('theme') as Colours | null);
const dark = computed(() => (chosen.value === null ? byMachine.value : chosen.value === 'dark'));

watchEffect(() => {
    document.documentElement.dataset.theme = dark.value ? 'dark' : 'light';
});

/** Light or dark: kept in this browser, and with the person where somebody is signed in. */
export function useTheme() {
    function choose(colours: Colours): void {
        chosen.value = colours;
        localStorage.setItem('theme', colours);
    }
    return { dark, choose };
}
