import { describe, expect, it } from 'vitest';
import { ledgerRows } from '../../frontend/src/features/ledger/rows';
import { ledger, shown, speed, unit } from './samples';

const rowOf = (rows: ReturnType<typeof ledgerRows>, key: string) => rows.find((row) => row.key === key);

describe('the rows of the ledger', () => {
    it('tell the bare room before anything is built', () => {
        expect(ledgerRows(ledger(), null, 'imperial', 'EUR').map((row) => [row.name, row.now])).toEqual([
            ['Volume', '6,821 ft³'],
            ['Floor', '758 ft²'],
        ]);
    });

    it('tell the judged speed and no other', () => {
        const built = ledger({ unit: unit({ speeds: [speed(), speed({ name: '2', clean_air: shown('702 cfm') })], chosen: 1 }) });

        expect(rowOf(ledgerRows(built, null, 'imperial', 'EUR'), 'clean_air')?.now).toBe('702 cfm');
    });

    it('say whose band it is where the goal judges another clean air than that of the room', () => {
        const goal = (judges: string, judgesRoom: boolean) => ({
            id: 'g',
            name: 'G',
            source: '',
            judges,
            judges_room: judgesRoom,
            asks: shown('104 cfm'),
            needs: '',
            share: 1,
            already: null,
            already_share: 0,
            remains: null,
            is_goal: true,
            gets: null,
            reached: null,
        });
        const named = (judges: string, judgesRoom: boolean) =>
            rowOf(ledgerRows(ledger({ unit: unit(), targets: [goal(judges, judgesRoom)] }), null, 'imperial', 'EUR'), 'band')?.name;

        expect(named('Wildfire smoke', true)).toBe('90 % range');
        expect(named('Tobacco and wood smoke', false)).toBe('90 % range: Tobacco and wood smoke');
    });

    it('are written in the measure of the screen', () => {
        const rows = ledgerRows(ledger({ unit: unit() }), null, 'metric', 'EUR');

        expect(rowOf(rows, 'clean_air')?.now).toBe('1,019 m³/h');
        expect(rowOf(rows, 'pressure')?.now).toBe('12.5 Pa');
    });

    it('show what was before only where it differs', () => {
        const before = ledger({ unit: unit() });
        const now = ledger({
            unit: unit({
                speeds: [speed({ watts: shown('75 W') })],
                cost: {
                    first: '97.00',
                    change: '60.00',
                    energy: '131.49',
                    total: '461.49',
                    years: '2 years',
                    filters_last: '6 months',
                    span: '2 years, 4 changes, 8 h a day',
                },
            }),
        });
        const rows = ledgerRows(now, before, 'imperial', 'EUR');

        expect(rows.filter((row) => row.was !== '').map((row) => [row.key, row.was, row.now])).toEqual([
            ['watts', '55 W', '75 W'],
            ['first', 'EUR 90.00', 'EUR 97.00'],
        ]);
    });

    it('have nothing to compare with before the first version', () => {
        expect(ledgerRows(ledger({ unit: unit() }), ledger(), 'imperial', 'EUR').every((row) => row.was === '')).toBe(true);
    });
});
