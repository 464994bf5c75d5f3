import type { Choices, Ledger, Room, Shown, Speed, Unit } from '../../frontend/src/api/client';

export const shown = (imperial: string, metric = imperial): Shown => ({ imperial, metric });

export function speed(over: Partial<Speed> = {}): Speed {
    return {
        name: '1',
        pressure: shown('0.05 inWC', '12.5 Pa'),
        fan_flow: shown('800 cfm'),
        filter_flow: shown('780 cfm'),
        bypass_flow: shown('20 cfm'),
        bypass_share: shown('2.5 %'),
        clean_air: shown('600 cfm', '1,019 m³/h'),
        judged: shown('600 cfm'),
        goal_share: 1.2,
        air_changes: shown('5.0 /h'),
        minutes90: shown('21 min'),
        minutes99: shown('42 min'),
        level: shown('62 dBA'),
        seat_level: null,
        watts: shown('55 W'),
        restriction: 'fair',
        reaches_goal: true,
        keeps_quiet: true,
        ...over,
    };
}

export function unit(over: Partial<Unit> = {}): Unit {
    return {
        summary: 'Cube of four · Box fan · Filter',
        shape: 'Cube of four',
        units: 1,
        needed: 1,
        standing: 'meets',
        findings: [],
        chosen: 0,
        speeds: [speed()],
        remarks: [],
        provenance: 'typical',
        band: { low: shown('480 cfm', '815 m³/h'), high: shown('740 cfm', '1,257 m³/h'), low_share: 0.96, high_share: 1.48 },
        chance: 0.93,
        likelihood: 'reaches',
        verdict: 'Reaches the goal',
        chance_text: shown('93 %'),
        surer: null,
        minutes90: shown('18 (12–21 min)'),
        minutes99: shown('36 (24–42 min)'),
        form: {
            size: shown('20 in × 20 in × 24 in'),
            footprint: shown('3 ft²'),
            mass: shown('11 lb'),
            stands: 'by itself',
            tipping: shown('30°'),
            minutes: 53,
            tools: ['knife'],
            skills: ['cutting'],
        },
        cost: {
            first: '90.00',
            change: '60.00',
            energy: '131.49',
            total: '461.49',
            years: '2 years',
            filters_last: '6 months',
            span: '2 years, 4 changes, 8 h a day',
        },
        drawing: { mark: '', frame: { x: 0, y: 0, width: 1, height: 1 }, strokes: [], labels: [], arrows: [], extents: [] },
        ...over,
    };
}

export function ledger(over: Partial<Ledger> = {}): Ledger {
    return {
        floor_area: shown('758 ft²', '70.4 m²'),
        volume: shown('6,821 ft³', '193.1 m³'),
        pollutant: 'Wildfire smoke',
        goal: '5 air changes an hour',
        goal_asks: shown('568 cfm'),
        targets: [],
        scale_imperial: [],
        scale_metric: [],
        build_share: null,
        unit: null,
        standing: null,
        beside: [],
        cautions: [],
        ...over,
    };
}

export const CHOICES: Choices = {
    shape: 'cube',
    fan: 'drum-18',
    filter: '24x24x2-g13',
    joining: 'hot-glue',
    corners: 'open',
    prefilter: '',
    direction: '',
    options: {},
    units: 2,
    speed: '1',
};

export function room(over: Partial<Room> = {}): Room {
    return {
        id: 7,
        programme_id: 1,
        site_id: 1,
        site: 'Millrace Primary',
        entries: {
            name: 'Loft',
            use: 'office',
            length: '27\' 6"',
            width: '8,4 m',
            height: '9 ft',
            people: '6',
            pollutant: 'wildfire-pm25',
            noise_limit: '',
            has_fuel_burning: false,
            outdoor: '',
            leakiness: 'ordinary',
            ventilation: '',
            central: '',
            central_grade: '',
            supply: '',
            supply_grade: '',
            exhaust: '',
            outline: [],
            furnishings: [],
        },
        goal: 'air-changes-6',
        revision: 3,
        changed_by: null,
        stage: 'designed',
        builds: [
            {
                id: 1,
                name: 'Cube',
                latest: {
                    id: 4,
                    number: 2,
                    choices: CHOICES,
                    clean_air: shown('600 cfm'),
                    asks: shown('568 cfm'),
                    units: 2,
                    units_needed: 1,
                    standing: 'meets',
                    chance: shown('93 %'),
                    saved_at: '2026-11-24T04:00:00Z',
                    saved_by: null,
                },
            },
        ],
        placements: [],
        ...over,
    };
}
