import { DropdownMenu } from 'radix-ui';
import type { ComponentProps, ReactNode } from 'react';

/** A menu under the button that opens it. */
export function Menu({ button, align, children }: { button: ReactNode; align: 'start' | 'end'; children: ReactNode }) {
	return (
		<DropdownMenu.Root>
			<DropdownMenu.Trigger asChild>{button}</DropdownMenu.Trigger>
			<DropdownMenu.Portal>
				<DropdownMenu.Content
					className="z-50 max-h-(--radix-dropdown-menu-content-available-height) max-w-[94vw] min-w-52 overflow-y-auto border border-ink bg-sheet py-1"
					align={align}
					sideOffset={4}
					// The trigger may stand at the edge of a small window: then the menu has more room beside it than below.
					collisionPadding={4}
				>
					{children}
				</DropdownMenu.Content>
			</DropdownMenu.Portal>
		</DropdownMenu.Root>
	);
}

export function MenuItem(props: ComponentProps<typeof DropdownMenu.Item>) {
	return <DropdownMenu.Item className="menu-item" {...props} />;
}

export function MenuRule() {
	return <DropdownMenu.Separator className="my-1 h-px bg-rule" />;
}
