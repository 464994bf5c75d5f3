import { computed, type Ref } from 'vue';
import type { Ledger, Room } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import type { Stage } from './stage';
import type { useDraft } from './useDraft';

interface Standing {
    roomId: Ref<number | null>;
    drafting: ReturnType<typeof useDraft>;
    build: Ref<Room['builds'][number] | null>;
    ledger: Ref<Ledger | undefined>;
}

/** How each stage of the job on a room stands. */
export function useStages({ roomId, drafting, build, ledger }: Standing) {
    const { show } = useMeasure();
    const { draft, roomChanged, buildChanged } = drafting;

    return computed<Stage[]>(() => {
        const standing = ledger.value;
        const latest = build.value?.latest;
        return [
            {
                key: 'room',
                name: 'Room',
                says: standing ? `${show(standing.floor_area)}, ${draft.entries.people || 'no'} people` : 'not measured yet',
                done: roomId.value !== null && !roomChanged.value,
                open: true,
            },
            { key: 'target', name: 'Goal', says: standing?.goal ?? '', done: roomId.value !== null, open: standing !== undefined },
            {
                key: 'find',
                name: 'Find',
                says: 'best builds',
                done: latest !== undefined,
                open: standing !== undefined && roomId.value !== null,
            },
            {
                key: 'build',
                name: 'Build',
                says: latest ? `version ${latest.number}${buildChanged.value ? ', changed' : ''}` : 'no version yet',
                done: latest !== undefined && !buildChanged.value,
                open: standing !== undefined,
            },
            {
                key: 'kit',
                name: 'Kit',
                says: latest ? 'what to buy and cut' : 'save a build first',
                done: false,
                open: latest !== undefined,
            },
            {
                key: 'guide',
                name: 'Guide',
                says: latest ? 'step by step' : 'save a build first',
                done: false,
                open: latest !== undefined,
            },
            {
                key: 'sheet',
                name: 'Sheet',
                says: latest ? 'ready to print' : 'save a build first',
                done: false,
                open: latest !== undefined,
            },
            {
                key: 'proof',
                name: 'Proof',
                says: latest ? 'measure the unit' : 'save a build first',
                done: false,
                open: latest !== undefined,
            },
        ];
    });
}
