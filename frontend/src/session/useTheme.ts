import { ref, watchEffect } from 'vue';

const kept = localStorage.getItem('theme');
const preferred = window.matchMedia('(prefers-color-scheme: dark)');
const dark = ref(kept === null ? preferred.matches : kept === 'dark');
// Until somebody chooses, it goes with the machine, also when that turns dark in the evening.
preferred.addEventListener?.('change', ({ matches }) => {
    if (localStorage.getItem('theme') === null) dark.value = matches;
});

watchEffect(() => {
    document.documentElement.dataset.theme = dark.value ? 'dark' : 'light';
});

/** Light or dark, kept in this browser. */
export function useTheme() {
    function setDark(next: boolean): void {
        dark.value = next;
        localStorage.setItem('theme', next ? 'dark' : 'light');
    }
    return { dark, setDark };
}
