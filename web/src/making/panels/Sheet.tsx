import { X } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { say } from '../../ui/say';

/** A sheet over the page, which the browser itself keeps the focus in. */
export function Sheet({ title, onClose, children }: { title: string; onClose: () => void; children: ReactNode }) {
	const sheet = useRef<HTMLDialogElement>(null);
	useEffect(() => {
		const dialog = sheet.current;
		dialog?.showModal();
		return () => dialog?.close();
	}, []);
	return (
		<dialog ref={sheet} className="make-sheet" aria-label={title} onCancel={onClose}>
			<header className="flex items-center">
				<h2 className="flex-1 text-xl font-semibold">{title}</h2>
				<button type="button" className="flex min-h-11 min-w-11 items-center justify-center" onClick={onClose} aria-label={say('make.close')}>
					<X aria-hidden />
				</button>
			</header>
			{children}
		</dialog>
	);
}
