/** Stages of the job on a room, in their order; the keys stand in addresses. */
export const STAGES = ['room', 'target', 'find', 'build', 'kit', 'guide', 'sheet', 'proof'] as const;

export type StageKey = (typeof STAGES)[number];

/** One stage of the job on a room, as it stands. */
export interface Stage {
    key: StageKey;
    name: string;
    says: string;
    done: boolean;
    open: boolean;
}
