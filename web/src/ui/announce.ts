import { create } from 'zustand';

/** So long after the last thing it is said: of a run of changes only what came of it. */
const PAUSE_MS = 250;

const useSaid = create<{ says: string; times: number }>(() => ({ says: '', times: 0 }));
let timer: ReturnType<typeof setTimeout> | undefined;

/** Tells readers of the screen what happened, once and short. */
export function announce(says: string): void {
	clearTimeout(timer);
	timer = setTimeout(() => useSaid.setState(({ times }) => ({ says, times: times + 1 })), PAUSE_MS);
}

export const useAnnounced = useSaid;
