import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { WorkshopRole } from './types';

/** Each may do what those before it may. */
const ROLES = ['read', 'make', 'edit', 'hold'] as const satisfies readonly WorkshopRole[];
const HEADER = 'Alternum-May';
const KEY = 'alternum.may';

const roleOf = (word: string | null): WorkshopRole | undefined => ROLES.find((role) => role === word);

/** What it was last, for where there is no network. */
function kept(): WorkshopRole {
	try {
		return roleOf(localStorage.getItem(KEY)) ?? 'hold';
	} catch {
		return 'hold';
	}
}

const store = createStore<{ role: WorkshopRole }>(() => ({ role: kept() }));

/** Hears with each answer what may be done in the workshop that is open here. */
export function hearMay(response: Response): void {
	const role = roleOf(response.headers.get(HEADER));
	if (role === undefined || role === store.getState().role) return;
	store.setState({ role });
	try {
		if (role === 'hold') localStorage.removeItem(KEY);
		else localStorage.setItem(KEY, role);
	} catch {
		// A browser that keeps nothing asks first.
	}
}

const allows = (role: WorkshopRole, needed: WorkshopRole) => ROLES.indexOf(role) >= ROLES.indexOf(needed);

export const may = (needed: WorkshopRole): boolean => allows(store.getState().role, needed);

export const useMay = (needed: WorkshopRole): boolean => useStore(store, ({ role }) => allows(role, needed));

export const useRole = (): WorkshopRole => useStore(store, ({ role }) => role);
