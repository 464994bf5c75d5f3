import { computed } from 'vue';
import type { Shown } from '../api/client';
import { useSession } from './queries';

/** Which measure figures are written in, kept with the person. */
export function useMeasure() {
    const session = useSession();
    const measure = computed(() => session.data.value?.measure ?? 'imperial');
    return { measure, show: (shown: Shown | null | undefined): string => (shown ? shown[measure.value] : '') };
}
