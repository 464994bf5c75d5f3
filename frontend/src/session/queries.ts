import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { answer, api, type Person } from '../api/client';
import { sessionGate } from '../api/sessionGate';
import { useWrite } from '../api/useWrite';

const SESSION = ['session'];

/** Who is signed in. */
export const useSession = () =>
    useQuery({
        queryKey: SESSION,
        queryFn: async (): Promise<Person> => {
            const person = await answer(api.GET('/session'));
            sessionGate.know(true);
            return person;
        },
        staleTime: Infinity,
    });

export interface Credentials {
    email: string;
    password: string;
    remember?: boolean;
}

export function useSignIn() {
    const client = useQueryClient();
    return useWrite(
        (body: Credentials) => answer(api.POST('/session', { body })),
        (person) => {
            sessionGate.know(true);
            client.setQueryData(SESSION, person);
        },
    );
}

export function useSignOut() {
    const client = useQueryClient();
    return useWrite(
        () => answer(api.DELETE('/session')),
        () => {
            sessionGate.know(false);
            client.clear();
        },
    );
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
