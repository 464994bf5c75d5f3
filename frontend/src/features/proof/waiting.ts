import type { Proof, Survey } from '../../api/client';
import type { OutboxRow, ToldReading } from '../../store/database';

/** The proof with readings laid over it that the server does not know yet: what was told is seen, what it means comes with the answer. */
export function withWaiting(proof: Proof, waiting: OutboxRow<ToldReading>[]): Proof {
    return waiting.length === 0 ? proof : { ...proof, surveys: proof.surveys.map((survey) => told(survey, waiting)) };
}

function told(survey: Survey, waiting: OutboxRow<ToldReading>[]): Survey {
    const own = new Map(waiting.filter((row) => row.told.survey === survey.id).map((row) => [row.told.place, row]));
    if (own.size === 0) return survey;
    const { tissue, traverse } = survey;
    const points = tissue?.points.map((point) => {
        const answer = own.get(point.id)?.told.entered as typeof point.answer | undefined;
        return answer === undefined ? point : { ...point, answer, leaks: !point.should_pull && answer === 'in', gap: null };
    });
    return {
        ...survey,
        readings: [
            ...survey.readings.filter(({ place }) => !own.has(place)),
            ...[...own.values()].map(({ at, told }) => ({
                id: 0,
                place: told.place,
                entered: told.entered,
                source: told.source,
                meter: told.more.meter ?? null,
                by: '',
                at,
                replaces: null,
                photo: null,
            })),
        ],
        tissue: tissue && points ? { ...tissue, points, answered: points.filter(({ answer }) => answer !== null).length } : tissue,
        traverse: traverse && {
            ...traverse,
            rows: traverse.rows.map((row, r) => row.map((share, c) => (own.has(`${r}-${c}`) ? (share ?? 1) : share))),
        },
    };
}
