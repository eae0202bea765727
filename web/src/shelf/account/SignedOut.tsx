import { useState } from 'react';
import { api } from '../../api/client';
import { TextField } from '../../ui/Field';
import { say } from '../../ui/say';
import { Form, PasswordField, Seldom } from './parts';
import { goToShelf, useAsk } from './useAsk';

interface Props {
	/** whether this browser holds what it has open by itself */
	holds: boolean;
	onCodes: (codes: readonly string[]) => void;
}

const NAME = { required: true, maxLength: 60, autoCapitalize: 'off', spellCheck: false, autoComplete: 'username' } as const;

/** Nobody is signed in here: to sign in, to have a first account, to come back with a code. */
export function SignedOut({ holds, onCodes }: Props) {
	return (
		<>
			<SignIn holds={holds} />
			<Begin onCodes={onCodes} />
			<Recover />
		</>
	);
}

function SignIn({ holds }: { holds: boolean }) {
	const [name, setName] = useState('');
	const [password, setPassword] = useState('');
	const [keeps, setKeeps] = useState(false);
	const { ask, ...state } = useAsk();
	return (
		<Form
			says={say('account.signIn')}
			{...state}
			onSend={() => void ask(() => api.POST('/api/account/sign-in', { body: { name, password, keeps } }), goToShelf)}
		>
			<TextField label={say('account.name')} value={name} onChange={setName} {...NAME} />
			<PasswordField label={say('account.password')} value={password} onChange={setPassword} is="current-password" />
			{holds && (
				<div>
					<label className="flex items-center gap-2">
						<input type="checkbox" checked={keeps} onChange={(event) => setKeeps(event.target.checked)} />
						{say('account.keeps')}
					</label>
					<p className="caption">{say('account.keepsWhat')}</p>
				</div>
			)}
		</Form>
	);
}

function Begin({ onCodes }: Pick<Props, 'onCodes'>) {
	const [name, setName] = useState('');
	const [password, setPassword] = useState('');
	const { ask, ...state } = useAsk();
	return (
		<Seldom title={say('account.make')} says={say('account.makeWhat')}>
			<Form
				says={say('account.makeIt')}
				{...state}
				onSend={() =>
					void ask(
						() => api.POST('/api/account', { body: { name, password } }),
						({ codes }) => onCodes(codes),
					)
				}
			>
				<TextField label={say('account.name')} value={name} onChange={setName} {...NAME} />
				<PasswordField label={say('account.password')} value={password} onChange={setPassword} is="new-password" />
			</Form>
		</Seldom>
	);
}

function Recover() {
	const [name, setName] = useState('');
	const [code, setCode] = useState('');
	const [password, setPassword] = useState('');
	const { ask, ...state } = useAsk();
	return (
		<Seldom title={say('account.forgotten')} says={say('account.forgottenWhat')}>
			<Form
				says={say('account.chooseIt')}
				{...state}
				onSend={() => void ask(() => api.POST('/api/account/recover', { body: { name, code, password } }), goToShelf)}
			>
				<TextField label={say('account.name')} value={name} onChange={setName} {...NAME} />
				<TextField
					label={say('account.code')}
					value={code}
					onChange={setCode}
					required
					maxLength={200}
					autoComplete="one-time-code"
					spellCheck={false}
				/>
				<PasswordField label={say('account.otherPassword')} value={password} onChange={setPassword} is="new-password" />
			</Form>
		</Seldom>
	);
}
