import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type PartLine } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { asksOf } from './written';

export type PartKind = PartLine['kind'];
export interface PartKey {
    kind: PartKind;
    code: string;
}

/** All that builds of a programme are made of, to be chosen from. */
export const useCatalogue = (programme: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['catalogue', programme],
        queryFn: () => answer(api.GET('/catalogue', { params: { query: { programme: toValue(programme) ?? undefined } } })),
        enabled: () => toValue(programme) !== null,
        staleTime: 300_000,
    });

export const useParts = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['parts', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/parts', { params: { path: { programme: toValue(programme) } } })),
    });

export const usePart = (programme: MaybeRefOrGetter<number>, part: MaybeRefOrGetter<PartKey | null>) =>
    useQuery({
        queryKey: ['part', programme, part],
        queryFn: () => {
            const { kind, code } = toValue(part) ?? { kind: 'fan' as const, code: '' };
            return answer(
                api.GET('/programmes/{programme}/parts/{kind}/{code}', { params: { path: { programme: toValue(programme), kind, code } } }),
            );
        },
        enabled: () => toValue(part) !== null,
    });

/** What is calculated with the figures of parts. */
const FROM_PARTS = ['parts', 'part', 'catalogue', 'evaluation', 'misfits', 'version'];

function useRefresh() {
    const client = useQueryClient();
    return () => Promise.all(FROM_PARTS.map((key) => client.invalidateQueries({ queryKey: [key] })));
}

export const useSavePart = (programme: MaybeRefOrGetter<number>) =>
    useWrite(
        ({ key, asks }: { key: PartKey; asks: ReturnType<typeof asksOf> }) =>
            answer(
                api.PUT('/programmes/{programme}/parts/{kind}/{code}', {
                    params: { path: { programme: toValue(programme), ...key } },
                    body: asks,
                }),
            ),
        useRefresh(),
    );

/** Restores the shipped figures of a part, or deletes one of the programme's own. */
export const useRestorePart = (programme: MaybeRefOrGetter<number>) =>
    useWrite(
        (key: PartKey) =>
            answer(
                api.DELETE('/programmes/{programme}/parts/{kind}/{code}', {
                    params: { path: { programme: toValue(programme), ...key } },
                }),
            ),
        useRefresh(),
    );
