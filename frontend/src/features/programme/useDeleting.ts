import { Button, message, notification } from 'ant-design-vue';
import { h } from 'vue';
import { useBringBack, useDelete, type Deletable } from './places';

/** How long what was deleted can be brought back with one click, s; later from the list of what was deleted. */
const OFFERED = 8;

/** Deletes something and offers to bring it back; says where either is refused. */
export function useDeleting() {
    const deleting = useDelete();
    const bringing = useBringBack();

    /** Whether it was deleted. */
    return async (what: Deletable, name: string): Promise<boolean> => {
        await deleting.run(what);
        if (deleting.refused.value) {
            void message.error(deleting.refused.value.message);
            return false;
        }
        const key = `deleted-${what.kind}-${what.id}`;
        const back = async (): Promise<void> => {
            await bringing.run(what);
            if (bringing.refused.value) void message.error(bringing.refused.value.message);
            else notification.close(key);
        };
        notification.success({
            key,
            duration: OFFERED,
            placement: 'bottomRight',
            message: `“${name}” was deleted`,
            description: 'Later it is brought back under Activity.',
            btn: () => h(Button, { type: 'primary', size: 'small', onClick: () => void back() }, () => 'Undo'),
        });
        return true;
    };
}
