import type { KeyboardEvent } from 'react';

/** The arrow keys go along a row of buttons, of which one is reached by Tab. */
export function alongByArrows(event: KeyboardEvent<HTMLElement>): void {
	const by = event.key === 'ArrowRight' || event.key === 'ArrowDown' ? 1 : event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 0;
	const all = [...event.currentTarget.querySelectorAll<HTMLElement>('button:not(:disabled)')];
	const now = all.indexOf(event.target as HTMLElement);
	if (now < 0 || event.ctrlKey || event.metaKey || event.altKey) return;
	const to = event.key === 'Home' ? 0 : event.key === 'End' ? all.length - 1 : by === 0 ? null : (now + by + all.length) % all.length;
	if (to === null) return;
	event.preventDefault();
	event.stopPropagation();
	all[to]?.focus();
}
