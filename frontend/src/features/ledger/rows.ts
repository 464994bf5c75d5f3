import type { Ledger, Shown, Speed } from '../../api/client';

type Measure = keyof Shown;

export interface LedgerRow {
    key: string;
    name: string;
    strong: boolean;
    now: string;
    /** What it was in the version before, where that differs; else empty. */
    was: string;
    /** Its figure needs the place of the one before. */
    wide?: boolean;
}

const OF_SPEED: { key: keyof Speed; name: string; strong?: boolean }[] = [
    { key: 'clean_air', name: 'Clean air', strong: true },
    { key: 'air_changes', name: 'Air changes', strong: true },
    { key: 'minutes90', name: '90 % gone in' },
    { key: 'minutes99', name: '99 % gone in' },
    { key: 'level', name: 'Level at 1 m' },
    { key: 'seat_level', name: 'Level at the loudest seat' },
    { key: 'watts', name: 'Power' },
    { key: 'filter_flow', name: 'Through filters' },
    { key: 'bypass_flow', name: 'Bypass' },
    { key: 'pressure', name: 'Pressure in box' },
];

const row = (key: string, name: string, now: string, then: string | undefined, strong = false): LedgerRow => ({
    key,
    name,
    strong,
    now,
    was: then === undefined || then === now ? '' : then,
});

/** The band is of the clean air that the goal judges, which need not be that of the room. */
function bandName(ledger: Ledger): string {
    const goal = ledger.targets.find((target) => target.is_goal);
    return !goal || goal.judges_room ? '90 % range' : `90 % range: ${goal.judges}`;
}

/** The rows of the ledger: of the judged speed of a build, or of the bare room before anything is built. */
export function ledgerRows(ledger: Ledger, before: Ledger | null, measure: Measure, currency: string): LedgerRow[] {
    const unit = ledger.unit;
    const speed = unit?.speeds[unit.chosen];
    if (!unit || !speed) {
        return [
            row('volume', 'Volume', ledger.volume[measure], undefined, true),
            row('floor_area', 'Floor', ledger.floor_area[measure], undefined),
        ];
    }
    const old = before?.unit?.speeds[before.unit.chosen];
    return [
        // What nothing is known of, such as the level at a seat where none is drawn, takes no row.
        ...OF_SPEED.filter(({ key }) => speed[key] !== null).flatMap(({ key, name, strong }) => [
            {
                ...row(key, name, (speed[key] as Shown)[measure], (old?.[key] as Shown | null | undefined)?.[measure], strong ?? false),
                // Times carry the range that the mixing of the room's air and the figures of the build give them.
                ...(key === 'minutes90' || key === 'minutes99' ? { now: unit[key][measure] } : {}),
            },
            ...(key === 'clean_air'
                ? [{ ...row('band', bandName(ledger), `${unit.band.low[measure]} – ${unit.band.high[measure]}`, undefined), wide: true }]
                : []),
        ]),
        row('first', 'First cost', `${currency} ${unit.cost.first}`, before?.unit ? `${currency} ${before.unit.cost.first}` : undefined),
        row(
            'total',
            `Total cost, ${unit.cost.years}`,
            `${currency} ${unit.cost.total}`,
            before?.unit ? `${currency} ${before.unit.cost.total}` : undefined,
        ),
    ];
}
