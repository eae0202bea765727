import { Tooltip } from 'radix-ui';
import type { ReactNode } from 'react';

/** A name and, where it has one, a key, shown on hover and focus of what it holds. */
export function Tip({ says, hotkey, children }: { says: string; hotkey?: string; children: ReactNode }) {
	return (
		<Tooltip.Root>
			<Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
			<Tooltip.Portal>
				<Tooltip.Content sideOffset={6} collisionPadding={8} className="z-50 max-w-72 bg-ink px-2 py-1 text-sm text-paper">
					{says}
					{hotkey !== undefined && <kbd className="ml-2 font-sans opacity-70">{hotkey}</kbd>}
				</Tooltip.Content>
			</Tooltip.Portal>
		</Tooltip.Root>
	);
}
