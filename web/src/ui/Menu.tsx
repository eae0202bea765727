import { DropdownMenu } from 'radix-ui';
import type { ComponentProps, ReactNode } from 'react';

/** A menu under the button that opens it. */
export function Menu({ button, align, children }: { button: ReactNode; align: 'start' | 'end'; children: ReactNode }) {
	return (
		<DropdownMenu.Root>
			<DropdownMenu.Trigger asChild>{button}</DropdownMenu.Trigger>
			<DropdownMenu.Portal>
				<DropdownMenu.Content className="z-50 min-w-52 border border-ink bg-sheet py-1" align={align} sideOffset={4}>
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
