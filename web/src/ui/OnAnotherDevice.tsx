import { create } from 'qrcode';
import { useEffect, useState } from 'react';
import { api, dataOf } from '../api/client';
import { toldOf } from '../api/trouble';
import { DialogSheet } from './DialogSheet';
import { say, timeOf } from './say';

/** A link as a code to scan. */
function Code({ link }: { link: string }) {
	const { size, data } = create(link, { errorCorrectionLevel: 'M' }).modules;
	const dark = Array.from({ length: size * size }, (_, i) => i).filter((i) => data[i] === 1);
	return (
		<svg
			role="img"
			aria-label={say('device.code')}
			viewBox={`-4 -4 ${size + 8} ${size + 8}`}
			className="mx-auto block w-64 max-w-full bg-white"
			shapeRendering="crispEdges"
		>
			<path d={dark.map((i) => `M${i % size} ${Math.floor(i / size)}h1v1h-1z`).join('')} fill="#000" />
		</svg>
	);
}

/** Opens this workshop on a phone that stands beside: a link that opens once, and soon. */
export function OnAnotherDevice({ to, onClose }: { to: string; onClose: () => void }) {
	const [pass, setPass] = useState<{ link: string; endsAt: string } | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	useEffect(() => {
		let isOver = false;
		api.POST('/api/workshop/pass')
			.then((answer) => {
				const { secret, endsAt } = dataOf(answer);
				if (!isOver) setPass({ link: `${location.origin}/open?to=${encodeURIComponent(to)}#${secret}`, endsAt });
			})
			.catch((error) => setTrouble(toldOf(error).says));
		return () => {
			isOver = true;
		};
	}, [to]);
	const isLoopback = /^(127\.|localhost|\[::1\])/.test(location.hostname);
	return (
		<DialogSheet title={say('device.onAPhone')} says={say('device.scanIt')} open onClose={onClose} isDone>
			{trouble !== null && <p role="alert">{trouble}</p>}
			{pass !== null && (
				<>
					<Code link={pass.link} />
					<label className="mt-3 block">
						{say('device.orType')}
						<input readOnly className="field figures w-full text-sm" value={pass.link} onFocus={(event) => event.target.select()} />
					</label>
					<p className="caption mt-2">{say('device.opensOnceUntil', { time: timeOf(pass.endsAt) })}</p>
				</>
			)}
			{isLoopback && <p className="mt-3 border-l-4 border-ink pl-3">{say('device.thisMachineAlone')}</p>}
		</DialogSheet>
	);
}
