import { Toast } from 'radix-ui';
import { create } from 'zustand';
import { Button } from './Button';
import { say } from './say';

interface Notice {
	id: number;
	says: string;
	mend?: string | undefined;
	action?: { label: string; run: () => void } | undefined;
	/** until the maker has answered it */
	stays?: true;
}

const useNotices = create<{ notices: Notice[] }>(() => ({ notices: [] }));
let last = 0;

/** Says something at the page's foot for a while; `action` is the way back or the mend. */
export function notify(notice: Omit<Notice, 'id'>): void {
	last += 1;
	const id = last;
	useNotices.setState(({ notices }) => ({ notices: [...notices.slice(-2), { ...notice, id }] }));
}

function drop(id: number): void {
	useNotices.setState(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) }));
}

export function Notices() {
	const notices = useNotices((state) => state.notices);
	return (
		<Toast.Provider duration={9000} label={say('notices.notice')}>
			{notices.map(({ id, says, mend, action, stays }) => (
				<Toast.Root
					key={id}
					{...(stays === true ? { duration: Number.POSITIVE_INFINITY } : {})}
					onOpenChange={(open) => !open && drop(id)}
					className="flex items-center gap-4 border border-ink bg-ink px-4 py-2 text-paper"
				>
					<div>
						<Toast.Title>{says}</Toast.Title>
						{mend !== undefined && <Toast.Description className="text-sm opacity-80">{mend}</Toast.Description>}
					</div>
					{action !== undefined && (
						<Toast.Action asChild altText={action.label}>
							<Button kind="bare" onClick={action.run}>
								{action.label}
							</Button>
						</Toast.Action>
					)}
				</Toast.Root>
			))}
			<Toast.Viewport className="fixed bottom-4 left-1/2 z-50 flex w-max max-w-[94vw] -translate-x-1/2 flex-col gap-2 outline-none" />
		</Toast.Provider>
	);
}
