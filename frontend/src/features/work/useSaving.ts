import { useQueryClient } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { useRouter } from 'vue-router';
import { answer, api, type Ledger, type Placement, type Room } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { useDraft } from './useDraft';

/** What was saved with what. */
export type Saving = 'room' | 'build';

interface Saved {
    roomId: Ref<number | null>;
    siteId: number;
    /** Where the person is, who may have gone on while it was saved. */
    stage: Ref<string>;
    drafting: ReturnType<typeof useDraft>;
    build: Ref<Room['builds'][number] | null>;
    ledger: Ref<Ledger | undefined>;
    /** What stands in the room besides and is counted. */
    beside: Ref<Placement[]>;
}

/** Saves what is on the screen: the room, and with it the build. */
export function useSaving({ roomId, siteId, stage, drafting, build, ledger, beside }: Saved) {
    const client = useQueryClient();
    const router = useRouter();
    const { draft, roomChanged, buildChanged } = drafting;

    const worthwhile = (withBuild: boolean): boolean => roomId.value === null || roomChanged.value || (withBuild && buildChanged.value);

    async function saveRoom(): Promise<Room> {
        const body = { room: draft.entries, goal: draft.goal };
        if (roomId.value === null) {
            return answer(api.POST('/sites/{site}/rooms', { params: { path: { site: siteId } }, body }));
        }
        return answer(api.PUT('/rooms/{room}', { params: { path: { room: roomId.value } }, body: { ...body, revision: draft.revision } }));
    }

    async function saveBuild(id: number): Promise<void> {
        if (build.value === null) {
            const name = ledger.value?.unit?.shape ?? 'Build';
            const added = await answer(
                api.POST('/rooms/{room}/builds', {
                    params: { path: { room: id } },
                    body: { name, unit: draft.choices, beside: beside.value },
                }),
            );
            drafting.buildSaved(added.id, added.latest);
            return;
        }
        const version = await answer(
            api.POST('/builds/{build}/versions', {
                params: { path: { build: build.value.id } },
                body: { unit: draft.choices, beside: beside.value, based_on: draft.version, keep_figures: draft.keepFigures },
            }),
        );
        drafting.buildSaved(build.value.id, version);
    }

    async function write(withBuild: boolean): Promise<Saving> {
        const isNew = roomId.value === null;
        let id = roomId.value;
        if (isNew || roomChanged.value) {
            const done = await saveRoom();
            id = done.id;
            drafting.roomSaved(done);
        }
        if (withBuild && id !== null) await saveBuild(id);
        await client.invalidateQueries({ queryKey: ['programme'] });
        await client.invalidateQueries({ queryKey: ['room'] });
        if (isNew && id !== null) {
            drafting.forget();
            const at = (next: string) => router.replace({ name: 'room', params: { room: id, stage: next } });
            const next = stage.value === 'room' ? 'target' : stage.value;
            await at(next);
            // Whoever went to another stage meanwhile is taken there.
            if (stage.value !== 'room' && stage.value !== next) await at(stage.value);
        }
        return withBuild ? 'build' : 'room';
    }
    const writing = useWrite(write);

    /** What was saved; nothing where it was refused. */
    async function save(withBuild: boolean): Promise<Saving | undefined> {
        const saved = await writing.run(withBuild);
        // What someone else has saved is told at once, not at the next look.
        if (writing.refused.value?.status === 409) await client.invalidateQueries({ queryKey: ['room'] });
        return saved;
    }

    return { busy: writing.busy, refused: writing.refused, save, worthwhile };
}
