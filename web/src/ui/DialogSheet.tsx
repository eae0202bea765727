import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './Button';
import { say } from './say';
import { goWhereSheWas } from './whereSheWas';

interface Props {
	title: string;
	says?: string;
	open: boolean;
	onClose: () => void;
	/** whether a button at its foot ends it: for one whose changes hold at once */
	isDone?: boolean;
	isWide?: boolean;
	/** whether it is there to be read: then nothing in it has the focus, so that no key acts by mistake */
	isRead?: boolean;
	children: ReactNode;
}

/** A dialog laid over the page. */
export function DialogSheet({ title, says, open, onClose, isDone = false, isWide = false, isRead = false, children }: Props) {
	return (
		<Dialog.Root open={open} onOpenChange={(now) => !now && onClose()}>
			<Dialog.Portal>
				<Dialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
				<Dialog.Content
					className={`fixed top-1/2 left-1/2 z-50 max-h-[90vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border border-ink bg-sheet p-6 ${
						isWide ? 'w-[min(58rem,94vw)]' : 'w-[min(34rem,94vw)]'
					}`}
					{...(says === undefined ? { 'aria-describedby': undefined } : {})}
					onOpenAutoFocus={(event) => {
						if (!isRead) return;
						event.preventDefault();
						(event.target as HTMLElement).focus();
					}}
					onCloseAutoFocus={(event) => {
						event.preventDefault();
						goWhereSheWas();
					}}
				>
					<Dialog.Title className="mb-2 text-xl font-semibold">{title}</Dialog.Title>
					{says !== undefined && <Dialog.Description className="mb-4 text-faint">{says}</Dialog.Description>}
					{children}
					{isDone && (
						<div className="mt-6 flex justify-end">
							<Button kind="strong" onClick={onClose}>
								{say('dialogSheet.done')}
							</Button>
						</div>
					)}
				</Dialog.Content>
			</Dialog.Portal>
		</Dialog.Root>
	);
}
