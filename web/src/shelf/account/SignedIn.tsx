import { useState } from 'react';
import { api } from '../../api/client';
import type { Accounts } from '../../api/types';
import { Button } from '../../ui/Button';
import { notify } from '../../ui/Notices';
import { listed, say } from '../../ui/say';
import { Form, PasswordField, Seldom, Trouble } from './parts';
import { goToShelf, useAsk } from './useAsk';

interface Props {
	name: string;
	accounts: Accounts;
	onCodes: (codes: readonly string[]) => void;
}

/** Somebody is signed in here: their workshops. */
export function SignedIn({ name, accounts }: Omit<Props, 'onCodes'>) {
	const { ask, isBusy, told } = useAsk();
	return (
		<>
			<div className="flex flex-wrap items-center gap-3">
				<p className="flex-1 text-lg font-semibold">{say('account.signedInAs', { name })}</p>
				<Button disabled={isBusy} onClick={() => void ask(() => api.POST('/api/account/sign-out'), goToShelf)}>
					{say('account.signOut')}
				</Button>
			</div>
			<Trouble told={told} />
			<p className={accounts.codes < 2 ? 'border-l-4 border-ink pl-3' : 'caption'}>{say('account.codesLeft', { codes: accounts.codes })}</p>
			<h3 className="mt-5 mb-1 font-semibold">{say('account.workshops')}</h3>
			<ul className="mb-2 border-t border-rule">
				{accounts.workshops.map(({ id, role, isOpen, plans, holders }) => {
					const by = holders.length === 0 ? say('account.byALink') : listed(holders);
					return (
						<li key={id} className="flex min-h-10 items-center gap-3 border-b border-rule py-1">
							<span className="min-w-0 flex-1">
								{say('account.workshop', { plans, holders: by })}
								<span className="caption block">
									{say('account.youMay', { role })}
									{isOpen && `, ${say('account.isOpen')}`}
								</span>
							</span>
							{!isOpen && (
								<Button
									disabled={isBusy}
									aria-label={say('account.openIt', { holders: by })}
									onClick={() => void ask(() => api.POST('/api/account/workshops/{id}/open', { params: { path: { id } } }), goToShelf)}
								>
									{say('account.open')}
								</Button>
							)}
						</li>
					);
				})}
			</ul>
		</>
	);
}

/** What an account is made of, and its end. */
export function OwnAccount({ onCodes }: Pick<Props, 'onCodes'>) {
	return (
		<div className="mt-6">
			<ChangePassword />
			<NewCodes onCodes={onCodes} />
			<End />
		</div>
	);
}

function ChangePassword() {
	const [password, setPassword] = useState('');
	const [other, setOther] = useState('');
	const { ask, ...state } = useAsk();
	return (
		<Seldom title={say('account.changePassword')} says={say('account.changeWhat')}>
			<Form
				says={say('account.chooseIt')}
				{...state}
				onSend={() =>
					void ask(
						() => api.PUT('/api/account/password', { body: { password, other } }),
						() => {
							setPassword('');
							setOther('');
							notify({ says: say('account.passwordIsChanged') });
						},
					)
				}
			>
				<PasswordField label={say('account.password')} value={password} onChange={setPassword} is="current-password" />
				<PasswordField label={say('account.otherPassword')} value={other} onChange={setOther} is="new-password" />
			</Form>
		</Seldom>
	);
}

function NewCodes({ onCodes }: Pick<Props, 'onCodes'>) {
	const [password, setPassword] = useState('');
	const { ask, ...state } = useAsk();
	return (
		<Seldom title={say('account.newCodes')} says={say('account.newCodesWhat')}>
			<Form
				says={say('account.makeCodes')}
				{...state}
				onSend={() =>
					void ask(
						() => api.POST('/api/account/codes', { body: { password } }),
						({ codes }) => onCodes(codes),
					)
				}
			>
				<PasswordField label={say('account.password')} value={password} onChange={setPassword} is="current-password" />
			</Form>
		</Seldom>
	);
}

function End() {
	const [password, setPassword] = useState('');
	const { ask, ...state } = useAsk();
	return (
		<Seldom title={say('account.end')} says={say('account.endWhat')}>
			<Form says={say('account.endForGood')} {...state} onSend={() => void ask(() => api.POST('/api/account/erase', { body: { password } }), goToShelf)}>
				<PasswordField label={say('account.password')} value={password} onChange={setPassword} is="current-password" />
			</Form>
		</Seldom>
	);
}
