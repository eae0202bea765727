import { useEffect } from 'react';

/** Keeps the screen on while the page is looked at, where the browser does that. */
export function useStayAwake(isOn: boolean): void {
	useEffect(() => {
		if (!isOn || !('wakeLock' in navigator)) return;
		let lock: WakeLockSentinel | undefined;
		let isOver = false;
		const hold = async () => {
			if (document.visibilityState !== 'visible' || isOver) return;
			try {
				lock = await navigator.wakeLock.request('screen');
			} catch {
				// Refused where the battery is low: the screen goes dark as it does elsewhere.
			}
		};
		void hold();
		document.addEventListener('visibilitychange', hold);
		return () => {
			isOver = true;
			document.removeEventListener('visibilitychange', hold);
			void lock?.release();
		};
	}, [isOn]);
}
