import { describe, expect, it } from 'vitest';
import type { Target } from '../../frontend/src/api/client';
import RuleBand from '../../frontend/src/features/goal/RuleBand.vue';
import { mounted } from './mounted';
import { shown } from './samples';

const target: Target = {
    id: 'air-changes-5',
    name: '5 air changes an hour',
    source: 'CDC ventilation guidance, 2023',
    judges: 'Smoke',
    judges_room: false,
    asks: shown('693 cfm', '1,177 m³/h'),
    needs: 'how big the room is',
    share: 0.5,
    already: null,
    already_share: 0,
    remains: shown('693 cfm', '1,177 m³/h'),
    is_goal: true,
    gets: null,
    reached: null,
};

describe('a rule on the target', () => {
    const band = (over: Partial<Target>, measure: 'imperial' | 'metric' = 'imperial') =>
        mounted(RuleBand, { target: { ...target, ...over }, chosen: false, buildShare: null, buildName: '' }, measure);

    it('says only what it asks where the building gives nothing', () => {
        const page = band({});
        expect(page.text('.asks')).toBe('693 cfm');
        expect(page.all('.already')).toHaveLength(0);
    });

    it('stripes what the building gives, and says what is left to make', () => {
        const given = { already: shown('298 cfm', '506 m³/h'), already_share: 0.2151, remains: shown('395 cfm', '671 m³/h') };
        const page = band(given);
        expect(page.one('.already').style.width).toBe('21.51%');
        expect(page.text('.asks')).toContain('make 395 cfm');
        expect(band(given, 'metric').text('.asks')).toContain('make 671 m³/h');
    });

    it('says what must be told before it asks anything, and cannot be chosen then', () => {
        const page = band({ asks: null, remains: null, share: 0, needs: 'how many people' });
        expect(page.text('.asks')).toBe('enter how many people');
        expect(page.one<HTMLButtonElement>('button').disabled).toBe(true);
        expect(page.all('.strip')).toHaveLength(0);
    });
});
