import { lazy } from 'react';

/** The tabs, chart and sums of the broths; loaded with the first stock or broth. */
export const BrothPlan = lazy(() => import('./BrothPlan').then((m) => ({ default: m.BrothPlan })));
/** The form that plans runs of bones; loaded when it is opened. */
export const AimSheet = lazy(() => import('./AimSheet').then((m) => ({ default: m.AimSheet })));
