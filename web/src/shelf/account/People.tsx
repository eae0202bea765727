import { useState } from 'react';
import { api } from '../../api/client';
import type { Accounts, WorkshopRole } from '../../api/types';
import { Button } from '../../ui/Button';
import { ChoiceField } from '../../ui/Field';
import { notify } from '../../ui/Notices';
import { momentOf, say } from '../../ui/say';
import { Trouble } from './parts';
import { goToShelf, useAsk } from './useAsk';

const ROLES: readonly WorkshopRole[] = ['read', 'make', 'edit', 'hold'];

interface Props {
	accounts: Accounts;
	/** whether others may be let in and out from here */
	holds: boolean;
	onChanged: () => void;
}

/** Who has a part in the workshop that is open here, and who is asked to. */
export function People({ accounts, holds, onChanged }: Props) {
	const { ask, isBusy, told } = useAsk();
	const choices = ROLES.map((role) => [role, say('account.mayDo', { role })] as const);
	return (
		<section aria-label={say('account.people')} className="mt-5">
			<h3 className="mb-1 font-semibold">{say('account.people')}</h3>
			<Trouble told={told} />
			{accounts.people.length === 0 && <p className="text-faint">{say('account.nobody')}</p>}
			<ul className={accounts.people.length === 0 ? '' : 'border-t border-rule'}>
				{accounts.people.map(({ id, name, role, isYou }) => (
					<li key={id} className="flex min-h-11 flex-wrap items-center gap-3 border-b border-rule py-1">
						<span className="min-w-0 flex-1 wrap-anywhere">
							<bdi>{name}</bdi>
							{isYou && <span className="caption"> ({say('account.you')})</span>}
						</span>
						{holds ? (
							<ChoiceField
								className="w-32"
								hideLabel
								label={say('account.roleOf', { name })}
								value={role}
								choices={choices}
								disabled={isBusy}
								onChange={(to) =>
									void ask(() => api.PUT('/api/workshop/people/{id}', { params: { path: { id } }, body: { role: to } }), onChanged)
								}
							/>
						) : (
							<span>{say('account.mayDo', { role })}</span>
						)}
						{(holds || isYou) && (
							<Button
								disabled={isBusy}
								aria-label={isYou ? say('account.leaveIt') : say('account.takeOutName', { name })}
								onClick={() =>
									void ask(
										() => api.DELETE('/api/workshop/people/{id}', { params: { path: { id } } }),
										() => {
											if (isYou) return goToShelf();
											notify({ says: say('account.nameIsOut', { name }) });
											return onChanged();
										},
									)
								}
							>
								{isYou ? say('account.leave') : say('account.takeOut')}
							</Button>
						)}
					</li>
				))}
			</ul>
			{holds && <Invite accounts={accounts} onChanged={onChanged} />}
		</section>
	);
}

function Invite({ accounts, onChanged }: Omit<Props, 'holds'>) {
	const [role, setRole] = useState<WorkshopRole>('make');
	const [link, setLink] = useState<string | null>(null);
	const { ask, isBusy, told } = useAsk();
	return (
		<>
			<h3 className="mt-5 mb-1 font-semibold">{say('account.invite')}</h3>
			<p className="mb-2">{say('account.inviteWhat')}</p>
			<div className="flex flex-wrap items-end gap-3">
				<ChoiceField
					className="min-w-56 flex-1"
					label={say('account.inviteRole')}
					value={role}
					choices={ROLES.map((one) => [one, say('account.role', { role: one })] as const)}
					onChange={setRole}
				/>
				<Button
					disabled={isBusy}
					onClick={() => {
						// Each is sent to somebody else.
						setLink(null);
						void ask(
							() => api.POST('/api/workshop/invitations', { body: { role } }),
							({ secret }) => {
								setLink(`${location.origin}/open#${secret}`);
								onChanged();
							},
						);
					}}
				>
					{say('account.makeInvitation')}
				</Button>
			</div>
			<Trouble told={told} />
			{link !== null && (
				<div className="mt-3">
					<label>
						<span className="caption block">{say('account.invitation')}</span>
						<input readOnly className="field figures w-full text-sm" value={link} onFocus={(event) => event.target.select()} />
					</label>
					<Button
						className="mt-2"
						onClick={() => void navigator.clipboard.writeText(link).then(() => notify({ says: say('account.invitationIsCopied') }))}
					>
						{say('account.copyInvitation')}
					</Button>
				</div>
			)}
			{accounts.invitations.length > 0 && (
				<>
					<h3 className="mt-4 mb-1 font-semibold">{say('account.out')}</h3>
					<ul className="border-t border-rule">
						{accounts.invitations.map(({ id, role: lets, endsAt }) => (
							<li key={id} className="flex min-h-10 items-center gap-3 border-b border-rule py-1">
								<span className="flex-1">{say('account.outUntil', { role: lets, at: momentOf(endsAt) })}</span>
								<Button
									disabled={isBusy}
									onClick={() => void ask(() => api.DELETE('/api/workshop/invitations/{id}', { params: { path: { id } } }), onChanged)}
								>
									{say('account.endIt')}
								</Button>
							</li>
						))}
					</ul>
				</>
			)}
		</>
	);
}
