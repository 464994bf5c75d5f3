import { describe, expect, it } from 'vitest';
import { effectScope, nextTick } from 'vue';
import { FIRST_CHOICES, FRESH_ROOM, NEW, useDraft } from '../../frontend/src/features/work/useDraft';
import { CHOICES, room } from './samples';
import { desk } from './work';

const begun = (kept = desk(), of: Parameters<ReturnType<typeof useDraft>['begin']>[1] = room()) =>
    effectScope(true).run(() => {
        const drafting = useDraft();
        drafting.begin(kept, of);
        return { ...drafting, kept: kept.kept };
    })!;
/** The same room opened again, with what was kept of it. */
const again = (kept: { draft: string | null }, of = room()) => begun(desk({ draft: kept.draft }), of);

describe('what is on the screen and not saved yet', () => {
    it('begins as the server holds it, with the choices of the latest version', () => {
        const { draft, roomChanged, buildChanged } = begun();

        expect(draft.entries.name).toBe('Loft');
        expect(draft.goal).toBe('air-changes-6');
        expect(draft.choices).toEqual(CHOICES);
        expect([roomChanged.value, buildChanged.value]).toEqual([false, false]);
    });

    it('begins empty for a new room, with something to build from', () => {
        const { draft, roomChanged } = begun(desk(), null);

        expect(draft.entries).toEqual(FRESH_ROOM);
        expect(draft.choices).toEqual(FIRST_CHOICES);
        expect(roomChanged.value).toBe(false);
    });

    it('tells a changed room from a changed build', () => {
        const { draft, roomChanged, buildChanged } = begun();
        draft.goal = 'per-person';
        expect([roomChanged.value, buildChanged.value]).toEqual([true, false]);
        draft.choices.corners = 'shroud';
        expect(buildChanged.value).toBe(true);
    });

    it('is still there after a reload, and gone once it is saved', async () => {
        const first = begun();
        first.draft.entries.length = '28 ft';
        await nextTick();

        const second = again(first.kept);
        expect(second.draft.entries.length).toBe('28 ft');
        expect(second.roomChanged.value).toBe(true);

        second.roomSaved(room({ entries: { ...second.draft.entries } }));
        await nextTick();
        expect(second.roomChanged.value).toBe(false);
        expect(second.kept.draft).toBeNull();
    });

    it('counts newer figures as a change worth a version', () => {
        const { draft, buildChanged, buildSaved } = begun();
        draft.keepFigures = false;
        expect(buildChanged.value).toBe(true);
        buildSaved(1, { ...room().builds[0]!.latest, id: 9, number: 3, choices: { ...draft.choices } });
        expect([buildChanged.value, draft.keepFigures]).toEqual([false, true]);
    });

    it('takes what was placed from here for no one else’s change, and what was placed elsewhere for one', () => {
        const { overtaken, placed } = begun();
        placed(3, 4);
        expect(overtaken(room({ revision: 4 })).room).toBe(false);
        placed(5, 6);
        expect(overtaken(room({ revision: 6 })).room).toBe(true);
    });

    it('takes another build to the bench, or a new one beside those that are saved', () => {
        const { draft, buildChanged, put, overtaken } = begun();
        const held = room();
        const second = {
            id: 2,
            name: 'Panel',
            latest: { ...held.builds[0]!.latest, id: 6, number: 1, choices: { ...CHOICES, shape: 'flat-panel' } },
        };
        const both = { ...held, builds: [...held.builds, second] };
        put(both, 2);
        expect([draft.choices.shape, draft.versionId, buildChanged.value]).toEqual(['flat-panel', 6, false]);
        put(both, 1);
        expect([draft.choices.shape, draft.versionId, overtaken(both).build]).toEqual(['cube', 4, false]);
        put(both, NEW, { ...CHOICES, units: 3 });
        expect([draft.choices.units, draft.versionId, buildChanged.value, overtaken(both).build]).toEqual([3, 0, true, false]);
    });

    const theirs = () => {
        const held = room({ revision: 3 });
        const [build] = held.builds;
        const choices = { ...CHOICES, corners: 'shroud' as const };
        return { ...held, builds: [{ ...build!, latest: { ...build!.latest, id: 9, number: 3, choices } }] };
    };

    it('knows what it was begun from, over a reload too, and tells when someone else has saved', async () => {
        const first = begun();
        expect(first.overtaken(room())).toEqual({ room: false, build: false });
        first.draft.choices.corners = 'taped';
        await nextTick();

        const second = again(first.kept, theirs());
        expect(second.overtaken(theirs())).toEqual({ room: false, build: true });
        expect(second.overtaken({ ...theirs(), revision: 4 })).toEqual({ room: true, build: true });
        expect(second.draft.choices.corners).toBe('taped');
    });

    it('tells of a build of someone else, whatever the number of its version', () => {
        const held = theirs();
        held.builds[0]!.latest.number = 1;
        expect(begun().overtaken(held)).toEqual({ room: false, build: true });
    });

    it('takes theirs whole, or stays as it is to be saved after theirs', async () => {
        const taking = begun();
        taking.draft.choices.corners = 'taped';
        taking.draft.pinned = [{ ...CHOICES }];
        await nextTick();
        taking.takeTheirs(theirs());
        expect([taking.draft.choices.corners, taking.draft.version, taking.draft.pinned.length]).toEqual(['shroud', 3, 1]);
        expect(taking.buildChanged.value).toBe(false);

        const keeping = begun();
        keeping.draft.choices.corners = 'taped';
        keeping.keepMine(theirs());
        expect([keeping.draft.choices.corners, keeping.draft.version]).toEqual(['taped', 3]);
        expect(keeping.overtaken(theirs())).toEqual({ room: false, build: false });
        expect(keeping.buildChanged.value).toBe(true);
    });

    it('can be forgotten', async () => {
        const drafting = begun(desk(), null);
        drafting.draft.entries.name = 'Attic';
        await nextTick();
        expect(drafting.kept.draft).toContain('Attic');
        drafting.forget();
        await nextTick();
        expect(drafting.kept.draft).toBeNull();
    });
});
