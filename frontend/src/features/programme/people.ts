import { useQuery, useQueryClient } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { answer, api, type People } from '../../api/client';
import { useWrite } from '../../api/useWrite';

export type Role = People['people'][number]['role'];

const key = (programme: Ref<number>) => ['people', programme];

/** Who belongs to a programme, and who is invited. */
export const usePeople = (programme: Ref<number>) =>
    useQuery({
        queryKey: key(programme),
        queryFn: () => answer(api.GET('/programmes/{programme}/people', { params: { path: { programme: programme.value } } })),
    });

/** Asks anew who is there once something about it was written. */
function useChange<T, V>(programme: Ref<number>, write: (what: V) => Promise<T>) {
    const client = useQueryClient();
    return useWrite(write, () => client.invalidateQueries({ queryKey: key(programme) }));
}

export const useChangeRole = (programme: Ref<number>) =>
    useChange(programme, ({ person, role }: { person: number; role: Role }) =>
        answer(
            api.PATCH('/programmes/{programme}/people/{person}', {
                params: { path: { programme: programme.value, person } },
                body: { role },
            }),
        ),
    );

export const useRemovePerson = (programme: Ref<number>) =>
    useChange(programme, (person: number) =>
        answer(api.DELETE('/programmes/{programme}/people/{person}', { params: { path: { programme: programme.value, person } } })),
    );

export const useInvite = (programme: Ref<number>) =>
    useChange(programme, (body: { role: Role; email: string | null }) =>
        answer(api.POST('/programmes/{programme}/invitations', { params: { path: { programme: programme.value } }, body })),
    );

export const useHandOver = (programme: Ref<number>) => {
    const client = useQueryClient();
    return useWrite(
        (person: number) =>
            answer(
                api.POST('/programmes/{programme}/people/{person}/hand-over', { params: { path: { programme: programme.value, person } } }),
            ),
        // Whoever handed over may do less from now on.
        () => Promise.all(['people', 'programme'].map((what) => client.invalidateQueries({ queryKey: [what] }))),
    );
};

/** A link with which a member sets another password. */
export const useHelp = (programme: Ref<number>) =>
    useChange(programme, (person: number) =>
        answer(
            api.POST('/programmes/{programme}/people/{person}/password-link', {
                params: { path: { programme: programme.value, person } },
            }),
        ),
    );

export const useWithdraw = (programme: Ref<number>) =>
    useChange(programme, (invitation: number) => answer(api.DELETE('/invitations/{invitation}', { params: { path: { invitation } } })));
