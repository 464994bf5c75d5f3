import { Button, message, notification } from 'ant-design-vue';
import { h } from 'vue';
import { useBringBack, useDelete, type Place } from './places';

/** How long what was deleted can be brought back with one click, s; later from the list of what was deleted. */
const OFFERED = 8;

/** Deletes a room or a site and offers to bring it back. */
export function useDeleting() {
    const deleting = useDelete();
    const bringing = useBringBack();

    return async (place: Place, name: string): Promise<void> => {
        await deleting.run(place);
        if (deleting.refused.value) {
            void message.error(deleting.refused.value.message);
            return;
        }
        const key = `deleted-${place.kind}-${place.id}`;
        const back = async (): Promise<void> => {
            notification.close(key);
            await bringing.run(place);
        };
        notification.success({
            key,
            duration: OFFERED,
            placement: 'bottomRight',
            message: `“${name}” was deleted`,
            description: 'Later it is brought back under Activity.',
            btn: () => h(Button, { type: 'primary', size: 'small', onClick: () => void back() }, () => 'Undo'),
        });
    };
}
