import { type ComponentType, type LazyExoticComponent, lazy } from 'react';

/** A part of the page that is fetched on its own; where it cannot be had, nothing else of the page goes with it. */
export const orNothing = <Props extends object>(load: () => Promise<ComponentType<Props>>): LazyExoticComponent<ComponentType<Props>> =>
	lazy(async () => ({ default: await load().catch((): ComponentType<Props> => () => null) }));
