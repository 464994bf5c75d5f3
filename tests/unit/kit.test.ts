import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../frontend/src/api/client';
import KitList from '../../frontend/src/features/kit/KitList.vue';
import { mounted } from './mounted';

afterEach(() => vi.restoreAllMocks());

describe('the kit of a sheet', () => {
    it('says so when it cannot be had, and asks again', async () => {
        const asked = vi.spyOn(api, 'GET').mockResolvedValue({
            error: { message: 'The records cannot be reached just now.' },
            response: new Response(null, { status: 503 }),
        } as never);
        const page = mounted(KitList, { version: 3, currency: 'EUR', mayChange: true });
        await vi.waitFor(() => expect(page.all('button')).toHaveLength(1));
        expect(page.all('.kit')).toHaveLength(0);
        await page.click('button');
        await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(2));
    });

    it('tells what comes from stock, and offers a reader no moves', async () => {
        const line = { name: 'Box fan', needed: 2, from_shelf: 1, free: 3, packs: '1 × pack of 1', left_over: 0, price: '28.00', note: '' };
        vi.spyOn(api, 'GET').mockResolvedValue({
            data: { lines: [line], to_buy: '28.00', wanted: 1, reserved: 1, used: 0 },
            response: new Response(),
        } as never);
        const page = mounted(KitList, { version: 4, currency: 'EUR', mayChange: false });
        await vi.waitFor(() => expect(page.text('.shelf')).toBe('1 from stock, 3 free in stock'));
        expect(page.all('button')).toHaveLength(0);
    });
});
