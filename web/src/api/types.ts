import type { components } from './generated/contract';

export type { Analysis, Change, PieceAnalysis, Round, Run } from './unpack';

type Schemas = components['schemas'];

export type Plan = Schemas['plan.schema'];
export type Piece = Schemas['Piece'];
export type Yarn = Schemas['Yarn'];
export type Layer = Schemas['Layer'];
export type Stripe = Schemas['Stripe'];
export type Weight = Schemas['Weight'];
export type Method = Schemas['Method'];
export type ChangeAt = NonNullable<Piece['changes']['at']>[number];
export type ChangeDefaults = NonNullable<Plan['changes']>;
export type Edit = Schemas['Edit'];
export type Seen = Schemas['Seen'];
export type Amount = Schemas['Amount'];
export type PlanProblem = Schemas['$defs-Problem'];
export type OpenedPlan = Schemas['OpenedPlan'];
export type ShelfAnswer = Schemas['Shelf'];
export type PlanOnShelf = Schemas['PlanOnShelf'];
export type PlanSummary = Schemas['PlanSummary'];
export type YarnAtHand = Schemas['YarnAtHand'];
export type YarnDescription = Schemas['YarnDescription'];
export type KeptOfPlan = Schemas['KeptOfPlan'];
export type Problem = Schemas['Problem'];
export type Refusal = Schemas['Refused'];
export type Drawing = Schemas['Drawing'];
export type Step = Schemas['Step'];
export type WorkshopRole = Schemas['WorkshopRole'];
export type Accounts = Schemas['Accounts'];
export type Finished = Schemas['Finished'];
/** A line of a pasted pattern, and what was understood of it. */
export type PastedLine = Schemas['PastedPattern']['pieces'][number]['lines'][number];
export type Place = Schemas['Place'];
export type Finish = NonNullable<Piece['finish']>;
