/** One stage of the job on a room. */
export interface Stage {
    key: 'room' | 'target' | 'find' | 'build' | 'sheet';
    name: string;
    says: string;
    done: boolean;
    open: boolean;
}
