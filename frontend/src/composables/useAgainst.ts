import { computed, ref, watch, type Ref } from 'vue';
import { Refused } from '../api/client';
import { useVersion } from '../api/queries';

/** The version that the ledger shows differences to: the latest, or another that was pinned; kept over a reload. */
export function useAgainst(room: string, latest: Ref<number | null>) {
    const place = `against:${room}`;
    const kept = Number(sessionStorage.getItem(place));
    const pinned = ref<number | null>(kept > 0 ? kept : null);
    watch(pinned, (version) => {
        if (version === null) sessionStorage.removeItem(place);
        else sessionStorage.setItem(place, String(version));
    });
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
