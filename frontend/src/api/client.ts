import createClient from 'openapi-fetch';
import type { components, paths } from './generated';
import { send } from './sending';

type Schemas = components['schemas'];
export type AccountChange = Schemas['AccountChangeRequest'];
export type Axis = Schemas['Axis'];
export type Beginning = Schemas['BeginningRequest'];
export type BuildDay = Schemas['BuildDay'];
export type Catalogue = Schemas['Catalogue'];
export type Choices = Schemas['Choices'];
export type Comparison = Schemas['Comparison'];
export type Copies = Schemas['CopiesRequest'];
export type Corner = Schemas['Corner'];
export type CutPlan = Schemas['CutPlan'];
export type DayEntries = Omit<Schemas['DayRequest'], 'revision'>;
export type DayTask = NonNullable<BuildDay['plan']>['tasks'][number];
export type DeletedItem = Schemas['Deleted']['items'][number];
export type Dispute = Schemas['Dispute'];
export type Drawing = Schemas['Drawing'];
export type Find = Schemas['Find'];
export type FindRequest = Schemas['FindRequest'];
export type Furnishing = Schemas['Furnishing'];
export type Found = Schemas['Found'];
export type Joining = Schemas['InvitationRequest'];
export type Kit = Schemas['Kit'];
export type GuideStep = Schemas['GuideStep'];
export type LayOut = Schemas['CutPlanRequest'];
export type Ledger = Schemas['Ledger'];
export type Measured = Schemas['SizeRequest'];
export type Need = Schemas['Need'];
export type Option = Schemas['Option'];
export type MadeUnit = Schemas['MadeUnit'];
export type Misfits = Schemas['Misfits'];
export type PartLine = Schemas['PartLine'];
export type PartSheet = Schemas['PartSheet'];
export type Person = Schemas['Person'];
export type People = Schemas['People'];
export type Placement = Schemas['Placement'];
export type EditedPlan = Schemas['EditedPlan'];
export type Plan = Schemas['Plan'];
export type PlanEdit = Schemas['PlanChangeRequest'];
export type PlotLine = Schemas['PlotLine'];
export type Problem = Schemas['Problem'];
export type Proof = Schemas['Proof'];
export type Meter = Schemas['Meter'];
export type MeterRequest = Schemas['MeterRequest'];
export type Range95 = Schemas['Range95'];
export type Survey = Schemas['Survey'];
export type SurveyKind = Survey['kind'];
export type TissueResult = Schemas['TissueResult'];
export type TraverseResult = Schemas['TraverseResult'];
export type DecayResult = Schemas['DecayResult'];
export type LogPlot = Schemas['LogPlot'];
export type ReadingRequest = Schemas['ReadingsRequest']['readings'][number];
export type Purifier = Schemas['Purifier'];
export type Room = Schemas['Room'];
export type Site = Schemas['Site'];
export type RoomCard = Schemas['RoomCard'];
export type RoomEntries = Schemas['RoomEntries'];
export type Setting = Schemas['Setting'];
export type ShapeOptions = Schemas['ShapeOptions'];
export type Shown = Schemas['Shown'];
export type Stock = Schemas['Stock'];
export type Movement = Schemas['StockMovements']['movements'][number];
export type StockMovement = Schemas['StockRequest'];
export type Shopping = Schemas['Shopping'];
export type Speed = Schemas['Speed'];
export type Told = Schemas['Told'];
export type Target = Schemas['Target'];
export type Unit = Schemas['Unit'];
export type UnitLine = Schemas['UnitLine'];
export type Wishes = Schemas['Wishes'];
export type Working = Schemas['Working'];

/** An answer that is not the one asked for: what to say, and at which fields. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly errors: Record<string, string[]> = {},
        readonly choices: Record<string, string[]> = {},
    ) {
        super(message);
    }
}

export const api = createClient<paths>({
    baseUrl: '/api/v1',
    credentials: 'same-origin',
    headers: { Accept: 'application/json' },
    fetch: send,
});

const AWAY = 'Jornel cannot be reached just now. Nothing is lost; try again in a moment.';

/** Waits for an answer and gives its data, or throws what was refused. */
export async function answer<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
    let result;
    try {
        result = await asked;
    } catch (fault) {
        if (fault instanceof DOMException && fault.name === 'AbortError') throw fault;
        throw new Refused(0, AWAY);
    }
    if (result.response.ok) return result.data as T;
    const said = (typeof result.error === 'object' && result.error !== null ? result.error : {}) as Partial<Problem>;
    const message = result.response.status >= 500 && result.response.status !== 503 ? AWAY : (said.message ?? AWAY);
    throw new Refused(result.response.status, message, said.errors ?? {}, said.choices ?? {});
}
