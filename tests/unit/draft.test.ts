import { beforeEach, describe, expect, it } from 'vitest';
import { effectScope, nextTick } from 'vue';
import { FIRST_CHOICES, FRESH_ROOM, useDraft } from '../../frontend/src/composables/useDraft';
import { CHOICES, room } from './samples';

const begun = (key = 'room-7', of: Parameters<ReturnType<typeof useDraft>['begin']>[0] = room()) =>
    effectScope(true).run(() => {
        const drafting = useDraft(key);
        drafting.begin(of);
        return drafting;
    })!;

beforeEach(() => sessionStorage.clear());

describe('what is on the screen and not saved yet', () => {
    it('begins as the server holds it, with the choices of the latest version', () => {
        const { draft, roomChanged, buildChanged } = begun();

        expect(draft.entries.name).toBe('Loft');
        expect(draft.goal).toBe('air-changes-6');
        expect(draft.choices).toEqual(CHOICES);
        expect([roomChanged.value, buildChanged.value]).toEqual([false, false]);
    });

    it('begins empty for a new room, with something to build from', () => {
        const { draft, roomChanged } = begun('new-in-1', null);

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

        const second = begun();
        expect(second.draft.entries.length).toBe('28 ft');
        expect(second.roomChanged.value).toBe(true);

        second.roomSaved(room({ entries: { ...second.draft.entries } }));
        await nextTick();
        expect(second.roomChanged.value).toBe(false);
        expect(sessionStorage.length).toBe(0);
    });

    it('of one room is not taken for that of another', async () => {
        begun('room-7').draft.entries.name = 'Seven';
        await nextTick();

        expect(begun('room-8').draft.entries.name).toBe('Loft');
    });

    it('counts newer figures as a change worth a version', () => {
        const { draft, buildChanged, buildSaved } = begun();
        draft.keepFigures = false;
        expect(buildChanged.value).toBe(true);
        buildSaved(draft.choices);
        expect([buildChanged.value, draft.keepFigures]).toEqual([false, true]);
    });

    it('can be forgotten', async () => {
        const drafting = begun('new-in-1', null);
        drafting.draft.entries.name = 'Attic';
        await nextTick();
        expect(sessionStorage.length).toBe(1);
        drafting.forget();
        await nextTick();
        expect(sessionStorage.length).toBe(0);
    });
});
