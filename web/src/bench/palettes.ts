import type { Amount, Plan, Yarn } from '../api/types';

/** Sets of colours to try on a plan, from the darkest to the lightest; our own. */
export const palettes: readonly { name: string; hexes: readonly string[] }[] = [
	{ name: 'Quay', hexes: ['#22333F', '#B5402F', '#4E7C8A', '#D9A441', '#ECE4D4'] },
	{ name: 'Hedgerow', hexes: ['#2F3B2A', '#7A2E3A', '#6E8B4E', '#C98A4B', '#F0E9D8'] },
	{ name: 'Kitchen', hexes: ['#3A2A22', '#A8552F', '#D7A13B', '#7FA39A', '#F4ECDD'] },
	{ name: 'First frost', hexes: ['#2B2F45', '#5C6F93', '#9CB3BF', '#C6A5A0', '#EEF0EC'] },
	{ name: 'Fair', hexes: ['#31264A', '#C23B5A', '#E58A3C', '#F2CF4A', '#57A6A0'] },
	{ name: 'Pebble', hexes: ['#2E2D2B', '#6B655C', '#9A8F80', '#C9BEAC', '#EFEAE0'] },
];

/** The plan in other colours: its darkest yarn, as the core sees them without colour, gets the darkest of them, and so on. */
export function inPalette(plan: Plan, amounts: readonly Amount[], hexes: readonly string[]): Plan {
	const grey = ({ key }: Yarn) => amounts.find((amount) => amount.key === key)?.seen.grey ?? '';
	const order = [...plan.yarns].sort((a, b) => grey(a).localeCompare(grey(b)));
	const steps = Math.max(1, order.length - 1);
	return {
		...plan,
		yarns: plan.yarns.map((yarn) => {
			const at = order.indexOf(yarn);
			return { ...yarn, hex: hexes[order.length === 1 ? 1 : Math.round((at / steps) * (hexes.length - 1))] ?? yarn.hex };
		}),
	};
}
