import type { components } from './generated/contract';

type Schemas = components['schemas'];

export type Plan = Schemas['plan.schema'];
export type Piece = Schemas['Piece'];
export type Yarn = Schemas['Yarn'];
export type Layer = Schemas['Layer'];
export type Stripe = Schemas['Stripe'];
export type Weight = Schemas['Weight'];
export type Method = Schemas['Method'];
export type Edit = Schemas['Edit'];
export type Analysis = Schemas['analysis.schema'];
export type PieceAnalysis = Schemas['PieceAnalysis'];
export type Round = Schemas['Round'];
export type Change = Schemas['Change'];
export type Amount = Schemas['Amount'];
export type Trouble = Schemas['$defs-Problem'];
export type OpenedPlan = Schemas['OpenedPlan'];
export type PlanOnShelf = Schemas['PlanOnShelf'];
export type PlanSummary = Schemas['PlanSummary'];
export type YarnAtHand = Schemas['YarnAtHand'];
export type YarnDescription = Schemas['YarnDescription'];
export type Problem = Schemas['Problem'];
