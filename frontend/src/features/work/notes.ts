import type { Ref } from 'vue';
import type { Desk } from '../../store/desk';

/** Something small that is kept with the work on a room. */
export interface Notes<T> {
    read(): T | null;
    write(noted: T): void;
}

export function notesIn<T>(desk: Ref<Desk | null>, key: string): Notes<T> {
    let noted: T | null | undefined;
    return {
        read() {
            const text = desk.value?.notes[key];
            return (noted ??= text === undefined ? null : (JSON.parse(text) as T));
        },
        write(next) {
            noted = next;
            desk.value?.note(key, JSON.stringify(next));
        },
    };
}
