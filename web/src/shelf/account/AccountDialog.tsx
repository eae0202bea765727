import '../../ui/workshopWords';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, dataOf } from '../../api/client';
import { DialogSheet } from '../../ui/DialogSheet';
import { say } from '../../ui/say';
import { Codes } from './Codes';
import { People } from './People';
import { OwnAccount, SignedIn } from './SignedIn';
import { SignedOut } from './SignedOut';

/** Somebody's account, and who has a part in the workshop that is open here. */
export function AccountDialog({ onClose }: { onClose: () => void }) {
	const queries = useQueryClient();
	const [codes, setCodes] = useState<readonly string[] | null>(null);
	const { data } = useQuery({ queryKey: ['workshop'], queryFn: async () => dataOf(await api.GET('/api/workshop')), staleTime: 0 });
	const again = () => void queries.invalidateQueries({ queryKey: ['workshop'] });
	const accounts = data?.accounts ?? null;
	const onCodes = (made: readonly string[]) => {
		setCodes(made);
		again();
	};
	return (
		<DialogSheet title={say('account.title')} says={say('account.whatFor')} open onClose={onClose} isDone={codes === null}>
			{codes !== null ? (
				<Codes codes={codes} onRead={() => setCodes(null)} />
			) : (
				data !== undefined &&
				accounts !== null && (
					<>
						{accounts.name === null ? (
							<SignedOut holds={data.may === 'hold'} onCodes={onCodes} />
						) : (
							<SignedIn name={accounts.name} accounts={accounts} />
						)}
						<People accounts={accounts} holds={data.may === 'hold'} onChanged={again} />
						{accounts.name !== null && <OwnAccount onCodes={onCodes} />}
					</>
				)
			)}
		</DialogSheet>
	);
}
