import { expect, test } from 'vitest';
import { pageOf, router } from '../../frontend/src/router';

const page = (path: string): string => pageOf(router.resolve(path));

test('a link from one record to the next begins its page anew, another view of the same does not', () => {
    for (const [one, next] of [
        ['/units/1', '/units/2'],
        ['/units/1/proof', '/units/2/proof'],
        ['/days/1', '/days/2'],
        ['/programmes/1/units', '/programmes/2/units'],
        ['/programmes/1/days', '/programmes/2/days'],
        ['/programmes/1/shopping', '/programmes/2/shopping'],
        ['/rooms/1/kit', '/rooms/2/kit'],
        ['/units/1', '/units/1/proof'],
    ])
        expect(page(one!)).not.toBe(page(next!));
    expect(page('/rooms/1/kit')).toBe(page('/rooms/1/guide'));
    expect(page('/programmes/1/parts/fan/box-20-plain')).toBe(page('/programmes/1/parts/filter'));
});
