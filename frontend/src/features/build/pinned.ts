import type { Choices } from '../../api/client';

/** Builds that are set aside at most, to stand beside the one on the bench. */
export const MOST_PINNED = 3;

/** Sets a build aside; where there is no room, the one that has lain there longest goes. */
export function pin(draft: { pinned: Choices[] }, build: Choices): void {
    draft.pinned = [...draft.pinned, { ...build }].slice(-MOST_PINNED);
}

export function unpin(draft: { pinned: Choices[] }, index: number): void {
    draft.pinned = draft.pinned.filter((_, place) => place !== index);
}
