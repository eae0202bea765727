import { type FormEvent, type ReactNode, useId, useState } from 'react';
import type { Told } from '../../api/trouble';
import { Button } from '../../ui/Button';
import { say } from '../../ui/say';

/** Why something that was asked for was refused, and the mend. */
export function Trouble({ told }: { told: Told | null }) {
	if (told === null) return null;
	return (
		<p role="alert" className="border-l-4 border-ink pl-3">
			{told.says} {told.mend}
		</p>
	);
}

interface FormProps {
	says: string;
	isBusy: boolean;
	told: Told | null;
	onSend: () => void;
	children: ReactNode;
}

/** A few fields and what they are for; what is wrong with them stands above the button. */
export function Form({ says, isBusy, told, onSend, children }: FormProps) {
	function send(event: FormEvent) {
		event.preventDefault();
		onSend();
	}
	return (
		<form className="mb-2 flex flex-col gap-3" onSubmit={send}>
			{children}
			<Trouble told={told} />
			<Button kind="strong" type="submit" disabled={isBusy} className="self-start">
				{says}
			</Button>
		</form>
	);
}

interface PasswordProps {
	label: string;
	value: string;
	onChange: (value: string) => void;
	/** what a browser's own memory of passwords is to fill in */
	is: 'current-password' | 'new-password';
}

/** A password: hidden, until it is to be read. */
export function PasswordField({ label, value, onChange, is }: PasswordProps) {
	const id = useId();
	const [isShown, setIsShown] = useState(false);
	return (
		<div>
			<label htmlFor={id} className="caption block">
				{label}
			</label>
			<span className="flex items-center gap-3">
				<input
					id={id}
					className="field min-w-0 flex-1"
					type={isShown ? 'text' : 'password'}
					autoComplete={is}
					autoCapitalize="off"
					spellCheck={false}
					required
					maxLength={512}
					value={value}
					onChange={(event) => onChange(event.target.value)}
				/>
				<label className="flex items-center gap-1.5 whitespace-nowrap">
					<input type="checkbox" checked={isShown} onChange={(event) => setIsShown(event.target.checked)} />
					{say('account.show')}
				</label>
			</span>
			{is === 'new-password' && <p className="caption">{say('account.whatPassword')}</p>}
		</div>
	);
}

/** Something that is seldom wanted: folded. */
export function Seldom({ title, says, children }: { title: string; says: string; children: ReactNode }) {
	return (
		<details className="border-t border-rule py-2">
			<summary className="cursor-pointer font-semibold">{title}</summary>
			<p className="my-2 max-w-prose">{says}</p>
			{children}
		</details>
	);
}
