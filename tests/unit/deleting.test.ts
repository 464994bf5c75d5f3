import { message, notification } from 'ant-design-vue';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { VNode } from 'vue';
import { api } from '../../frontend/src/api/client';
import type { Deletable } from '../../frontend/src/features/programme/places';
import { useDeleting } from '../../frontend/src/features/programme/useDeleting';
import { useMeters } from '../../frontend/src/features/proof/meters';
import { usePlanning } from '../../frontend/src/features/day/queries';
import { within } from './mounted';

const taken = () => ({ response: new Response(null, { status: 204 }) }) as never;
const refused = (said: string) => ({ error: { message: said, errors: {} }, response: new Response(null, { status: 409 }) }) as never;

const calls = (spy: { mock: { calls: unknown[][] } }): unknown[][] => spy.mock.calls;

afterEach(() => void vi.restoreAllMocks());

describe('deleting', () => {
    const PATHS: [Deletable['kind'], string][] = [
        ['site', '/sites/{site}'],
        ['room', '/rooms/{room}'],
        ['unit', '/units/{unit}'],
        ['day', '/days/{day}'],
        ['meter', '/meters/{meter}'],
    ];

    /** What is offered once something was deleted. */
    function offered(spy: { mock: { calls: unknown[][] } }) {
        const { message: said, btn } = spy.mock.calls[0]![0] as { message: string; btn: () => VNode };
        return { said, undo: btn().props!.onClick as () => void };
    }

    it.each(PATHS)('of a %s can be undone at once', async (kind, path) => {
        const spy = vi.spyOn(notification, 'success').mockImplementation(() => undefined);
        const close = vi.spyOn(notification, 'close').mockImplementation(() => undefined);
        const sent = vi.spyOn(api, 'DELETE').mockResolvedValue(taken());
        const { made: remove, app } = within(() => useDeleting());
        expect(await remove({ kind, id: 4 }, 'Loft')).toBe(true);
        const { said, undo } = offered(spy);
        expect(said).toBe('“Loft” was deleted');
        undo();
        await vi.waitFor(() => expect(close).toHaveBeenCalledWith(`deleted-${kind}-4`));
        expect(calls(sent)).toEqual([
            [path, { params: { path: { [kind]: 4 } } }],
            [`${path}/deletion`, { params: { path: { [kind]: 4 } } }],
        ]);
        app.unmount();
    });

    it('of a meter takes it off the list of meters', async () => {
        vi.spyOn(notification, 'success').mockImplementation(() => undefined);
        vi.spyOn(api, 'DELETE').mockResolvedValue(taken());
        const get = vi.spyOn(api, 'GET').mockResolvedValue({ data: [], response: new Response() } as never);
        const { made, app } = within(() => ({ meters: useMeters(1), remove: useDeleting() }));
        await vi.waitFor(() => expect(made.meters.isSuccess.value).toBe(true));
        await made.remove({ kind: 'meter', id: 4 }, 'Hall');
        await vi.waitFor(() => expect(get).toHaveBeenCalledTimes(2));
        app.unmount();
    });

    it('that is refused says so and offers nothing', async () => {
        const spy = vi.spyOn(notification, 'success').mockImplementation(() => undefined);
        const error = vi.spyOn(message, 'error').mockReturnValue(undefined as never);
        vi.spyOn(api, 'DELETE').mockResolvedValue(refused('Others stand on it.'));
        const { made: remove, app } = within(() => useDeleting());
        expect(await remove({ kind: 'unit', id: 4 }, 'Unit 4')).toBe(false);
        expect(error).toHaveBeenCalledWith('Others stand on it.');
        expect(spy).not.toHaveBeenCalled();
        app.unmount();
    });

    it('that cannot be undone just now says so, and can be undone once more', async () => {
        const spy = vi.spyOn(notification, 'success').mockImplementation(() => undefined);
        const close = vi.spyOn(notification, 'close').mockImplementation(() => undefined);
        const error = vi.spyOn(message, 'error').mockReturnValue(undefined as never);
        const sent = vi.spyOn(api, 'DELETE').mockResolvedValue(taken());
        const { made: remove, app } = within(() => useDeleting());
        await remove({ kind: 'day', id: 4 }, 'Saturday');
        sent.mockRejectedValueOnce(new TypeError('Failed to fetch'));
        const { undo } = offered(spy);
        undo();
        await vi.waitFor(() => expect(error).toHaveBeenCalledTimes(1));
        expect(close).not.toHaveBeenCalled();
        undo();
        await vi.waitFor(() => expect(close).toHaveBeenCalledTimes(1));
        app.unmount();
    });
});

describe('planning a day', () => {
    const aborted = () => new DOMException('No longer wanted', 'AbortError');
    const planned = (length: number) => ({ data: { id: 3, plan: { length } }, response: new Response() }) as never;
    /** A server that plans until it is told to stop. */
    const searching =
        () =>
        (_: string, { signal }: { signal: AbortSignal }) =>
            new Promise((_, fail) => signal.addEventListener('abort', () => fail(aborted())));

    it('takes a first plan at once and a shorter one later', async () => {
        const post = vi.spyOn(api, 'POST').mockResolvedValueOnce(planned(210)).mockResolvedValueOnce(planned(190));
        const { made, app } = within(() => usePlanning(3));
        await made.plan();
        expect(calls(post).map(([, sent]) => (sent as { body: { budget: number } }).body.budget)).toEqual([300, 4200]);
        expect([made.isSearching.value, made.share.value]).toEqual([false, 0]);
        app.unmount();
    });

    it('is ended by whoever cancels, during the first plan or the second', async () => {
        const post = vi.spyOn(api, 'POST').mockImplementation(searching() as never);
        const { made, app } = within(() => usePlanning(3));
        const first = made.plan();
        await vi.waitFor(() => expect(post).toHaveBeenCalledTimes(1));
        made.cancel();
        await expect(first).resolves.toBeUndefined();

        post.mockReset();
        post.mockResolvedValueOnce(planned(210)).mockImplementation(searching() as never);
        const second = made.plan();
        await vi.waitFor(() => expect(made.isSearching.value).toBe(true));
        await vi.waitFor(() => expect(post).toHaveBeenCalledTimes(2));
        made.cancel();
        await expect(second).resolves.toBeUndefined();
        expect(made.isSearching.value).toBe(false);
        app.unmount();
    });

    it('asks for no longer search where there is no first plan, and says why', async () => {
        const post = vi.spyOn(api, 'POST').mockResolvedValue(refused('Nobody is there to check.'));
        const { made, app } = within(() => usePlanning(3));
        await made.plan();
        expect(post).toHaveBeenCalledTimes(1);
        expect([made.message.value, made.isSearching.value]).toEqual(['Nobody is there to check.', false]);
        app.unmount();
    });
});
