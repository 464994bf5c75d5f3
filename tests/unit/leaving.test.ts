import { afterEach, expect, test, vi } from 'vitest';
import { api } from '../../frontend/src/api/client';
import { sessionGate } from '../../frontend/src/api/sessionGate';
import { useSession, useSignOut } from '../../frontend/src/session/queries';
import { within } from './mounted';

afterEach(() => {
    vi.restoreAllMocks();
    localStorage.removeItem('signing-out');
    sessionGate.know(0);
});

test('whoever signs out without a network is forgotten here at once, and their session is ended before anybody is known again', async () => {
    sessionGate.know(7);
    const remove = vi.spyOn(api, 'DELETE').mockRejectedValue(new TypeError('Failed to fetch') as never);
    const { made, app } = within(() => useSignOut());
    await made.run(undefined);
    expect(sessionGate.who()).toBe(0);
    expect(made.refused.value).toBeNull();
    expect(localStorage.getItem('signing-out')).not.toBeNull();
    app.unmount();

    const asked: string[] = [];
    remove.mockImplementation((async () => {
        asked.push('ended');
        return { response: new Response(null, { status: 204 }) };
    }) as never);
    vi.spyOn(api, 'GET').mockImplementation((async () => {
        asked.push('who');
        return { error: { message: 'Nobody', errors: {} }, response: new Response(null, { status: 401 }) };
    }) as never);
    const again = within(() => useSession());
    await again.made.refetch();
    expect(asked).toEqual(['ended', 'who']);
    expect(localStorage.getItem('signing-out')).toBeNull();
    again.app.unmount();
});

test('a session that has ended by itself needs no ending', async () => {
    vi.spyOn(api, 'DELETE').mockResolvedValue({
        error: { message: 'Nobody', errors: {} },
        response: new Response(null, { status: 401 }),
    } as never);
    const { made, app } = within(() => useSignOut());
    await made.run(undefined);
    expect([made.refused.value, localStorage.getItem('signing-out')]).toEqual([null, null]);
    app.unmount();
});
