import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { answer, api, Refused, type AccountChange, type Beginning, type Joining, type Person } from '../api/client';
import { sessionGate } from '../api/sessionGate';
import { useWrite } from '../api/useWrite';
import { forgetPages, tellWho } from '../store/away';

const SESSION = ['session'];

/** Set while somebody has signed out and the server does not know it yet. */
const LEAVING = 'signing-out';

/** Ends a session that somebody left without a network. */
async function leave(): Promise<void> {
    if (localStorage.getItem(LEAVING) === null) return;
    await answer(api.DELETE('/session')).catch((fault: unknown) => {
        // It has ended by itself.
        if (!(fault instanceof Refused && fault.status === 401)) throw fault;
    });
    localStorage.removeItem(LEAVING);
}

/** Who is signed in. */
export const useSession = () =>
    useQuery({
        queryKey: SESSION,
        queryFn: async (): Promise<Person> => {
            await leave();
            const person = await answer(api.GET('/session'));
            sessionGate.know(person.id);
            return person;
        },
        staleTime: Infinity,
    });

export interface Credentials {
    email: string;
    password: string;
    remember?: boolean;
}

/** Ways in for whoever is not signed in. */
export const useWaysIn = () =>
    useQuery({ queryKey: ['beginning'], queryFn: () => answer(api.GET('/beginning')), meta: { isForEverybody: true } });

/** Signs somebody in by what they send. */
function useEntering<V>(enter: (what: V) => Promise<Person>) {
    const client = useQueryClient();
    return useWrite(enter, (person) => {
        sessionGate.know(person.id);
        localStorage.removeItem(LEAVING);
        void tellWho(person.id);
        client.setQueryData(SESSION, person);
    });
}

export const useSignIn = () => useEntering((body: Credentials) => answer(api.POST('/session', { body })));

/** Begins a programme, with its organiser. */
export const useBegin = () => useEntering((body: Beginning) => answer(api.POST('/beginning', { body })));

export const useLookRound = () => useEntering<void>(() => answer(api.POST('/demo')));

/** What a link invites to. */
export const useInvitation = (token: string) =>
    useQuery({
        queryKey: ['invitation', token],
        queryFn: () => answer(api.GET('/entrances/{token}', { params: { path: { token } } })),
        meta: { isForEverybody: true },
    });

/** Comes in by a link: with an account that is there, or with a new one. */
export const useAccept = (token: string) =>
    useEntering((body: Joining) => answer(api.POST('/entrances/{token}', { params: { path: { token } }, body })));

/** Asks for a link to set another password. */
export const useForgot = () => useWrite((email: string) => answer(api.POST('/passwords', { body: { email } })));

/** Sets another password by a link, and comes in. */
export const useSetPassword = (token: string) =>
    useEntering((body: { email: string; password: string }) =>
        answer(api.PUT('/passwords/{token}', { params: { path: { token } }, body })),
    );

/** Changes what is known of whoever is signed in. */
export function useChangeAccount() {
    const client = useQueryClient();
    return useWrite(
        (body: AccountChange) => answer(api.PUT('/account', { body })),
        (person) => client.setQueryData(SESSION, person),
    );
}

export const useSignOutEverywhere = () =>
    useWrite((current_password: string) => answer(api.DELETE('/account/sessions', { body: { current_password } })), forgetPages);

export function useSignOut() {
    const client = useQueryClient();
    return useWrite(async () => {
        // Without a network the session is ended as soon as there is one, and this browser forgets at once.
        localStorage.setItem(LEAVING, 'yes');
        await leave().catch((fault: unknown) => {
            if (!(fault instanceof Refused && fault.status === 0)) throw fault;
        });
        await forgetPages();
        sessionGate.know(0);
        client.clear();
    });
}

/** Keeps light or dark with the person. */
export function useKeepColours() {
    const client = useQueryClient();
    const writing = useWrite(
        (colours: 'light' | 'dark') => answer(api.PATCH('/session', { body: { colours } })),
        (person) => client.setQueryData(SESSION, person),
    );
    return (colours: 'light' | 'dark'): void => void writing.run(colours);
}

/** Changes the measure that figures are written in: on the screen at once, with the person as soon as it is written. */
export function useSetMeasure() {
    const client = useQueryClient();
    const writing = useWrite(
        (measure: Person['measure']) => answer(api.PATCH('/session', { body: { measure } })),
        (person) => client.setQueryData(SESSION, person),
    );
    return (measure: Person['measure']): void => {
        client.setQueryData<Person>(SESSION, (person) => person && { ...person, measure });
        void writing.run(measure);
    };
}
