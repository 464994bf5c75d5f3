import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue';

/** The size of an element as it is laid out, followed as it changes, px. */
export function useSize(host: Ref<HTMLElement | undefined>, first = { width: 0, height: 0 }) {
    const size = ref(first);
    const observer = new ResizeObserver(([entry]) => {
        if (entry) size.value = { width: entry.contentRect.width, height: entry.contentRect.height };
    });
    onMounted(() => host.value && observer.observe(host.value));
    onBeforeUnmount(() => observer.disconnect());
    return size;
}
