import { ref, watchEffect } from 'vue';

const kept = localStorage.getItem('theme');
const dark = ref(kept === null ? window.matchMedia('(prefers-color-scheme: dark)').matches : kept === 'dark');

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
