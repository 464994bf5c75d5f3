import { useQueryClient } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, api, type Shown } from '../api/client';
import { useSession } from '../api/queries';

/** Which measure figures are written in, kept with the person. */
export function useMeasure() {
    const session = useSession();
    const client = useQueryClient();
    const measure = computed(() => session.data.value?.measure ?? 'imperial');

    async function setMeasure(next: 'imperial' | 'metric'): Promise<void> {
        const before = session.data.value;
        if (before) client.setQueryData(['session'], { ...before, measure: next });
        client.setQueryData(['session'], await answer(api.PATCH('/session', { body: { measure: next } })));
    }

    return { measure, setMeasure, show: (shown: Shown | null | undefined): string => (shown ? shown[measure.value] : '') };
}
