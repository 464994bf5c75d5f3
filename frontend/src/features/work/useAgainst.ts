import { computed, ref, watch, type Ref } from 'vue';
import { Refused } from '../../api/client';
import type { Desk } from '../../store/desk';
import { useVersion } from './queries';

/** The version that the ledger shows differences to: the latest, or another that was pinned; kept over a reload. */
export function useAgainst(desk: Ref<Desk | null>, latest: Ref<number | null>) {
    const pinned = ref<number | null>(null);
    watch(
        desk,
        (opened) => {
            const kept = Number(opened?.notes.against);
            pinned.value = kept > 0 ? kept : null;
        },
        { immediate: true },
    );
    watch(pinned, (version) => desk.value?.note('against', version === null ? null : String(version)));
    const version = useVersion(() => pinned.value ?? latest.value);
    // One that is gone is not held against anything.
    watch(version.error, (fault) => {
        if (fault instanceof Refused && fault.status === 404) pinned.value = null;
    });
    return {
        pinned,
        ledger: computed(() => version.data.value?.ledger ?? null),
        /** Of the pinned one, as people count. */
        number: computed(() => (pinned.value === null ? null : (version.data.value?.version.number ?? null))),
    };
}
