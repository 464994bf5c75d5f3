import { computed, type Ref } from 'vue';
import type { Furnishing, Plan } from '../../api/client';
import { nameOf, type Picked } from './plan';
import type { usePlanView } from './usePlanView';

interface Furnished {
    plan: Plan | undefined;
    furnishings: Furnishing[];
    /** Rooms that a door may lead to. */
    neighbours: { id: number; name: string }[];
}

/** Signs of what is put on a plan: each lies where the answer put it, and moves along at once while it is dragged. */
export function usePlanSigns({ px, py }: ReturnType<typeof usePlanView>, held: Ref<Picked | null>, props: Furnished) {
    return computed(() =>
        props.furnishings.map((one, index) => {
            const sign = props.plan?.signs[index];
            const moved = held.value?.kind === 'furnishing' && held.value.index === index;
            const [x, y] = sign && !moved ? [sign.x, sign.y] : [one.x, one.y];
            return {
                index,
                name: sign?.name ?? nameOf(one.kind),
                leadsTo: props.neighbours.find((room) => String(room.id) === one.leads_to)?.name,
                x: px(x),
                y: py(y),
                strokes: sign?.strokes ?? [],
                by: sign ? [1000 * (x - sign.x), -1000 * (y - sign.y)] : [0, 0],
            };
        }),
    );
}
